import type { Demand } from '../../../../core/model/demand.ts';
import type { Finding } from '../../../../core/model/finding.ts';
import { shortName } from '../../../../core/model/names.ts';
import type { SupportKind } from '../../../../core/model/support.ts';
import { DEMAND_WORDS } from '../../../../core/words/adapt.en.ts';
import { SUPPORT_WORDS } from '../../../../core/words/supports.en.ts';
import type { Desk } from '../../../api.ts';
import { longDate } from '../../../parts/now.ts';

/** Questions about students themselves: sources that disagree, a day that has passed, a note that waits to be sorted, a care plan without limits. */
export function OpenQuestions({ findings, desk, onStudent }: { findings: readonly Finding[]; desk: Desk; onStudent(id: string): void }) {
  if (!findings.length) return null;
  return (
    <ul aria-label="Open questions" className="flex flex-col gap-1 border-l-[3px] border-caution pl-2">
      {findings.map((finding) => {
        const student = desk.students.find((s) => s.id === finding.at.student);
        return (
          <li key={JSON.stringify([finding.code, finding.at])}>
            <button type="button" className="text-left hover:underline" onClick={() => onStudent(finding.at.student)}>
              <span className="font-bold">{student ? shortName(student, desk.students) : 'A student'}</span>: {questionWords(finding)}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

function questionWords({ code, at, data }: Finding): string {
  if (code === 'limit-holds') return `a limit and a refinement disagree on ${DEMAND_WORDS[at.demand as Demand]}. The limit holds.`;
  if (code === 'supports-disagree')
    return `“${SUPPORT_WORDS[at.support as SupportKind]}” and “${SUPPORT_WORDS[at.other as SupportKind]}” disagree. The stricter one holds.`;
  if (code === 'date-passed')
    return `“${SUPPORT_WORDS[at.support as SupportKind]}” was to be asked again on ${longDate(String(data.until))}. It holds until you change it.`;
  if (code === 'note-to-sort') return 'a note came with the roster. Which supports does it mean?';
  return 'there is a care plan, but no limit is entered. What does it rule out in class?';
}
