import { useQuery } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { storedCell } from '../../../core/adapt/ladder.ts';
import { madeIn, placeOn } from '../../../core/adapt/progress.ts';
import { marksIn } from '../../../core/live/skillTries.ts';
import type { StudentId } from '../../../core/model/ids.ts';
import { type FollowedSkill, PROMPTS, type Prompt, type SkillLadder } from '../../../core/model/skillLadder.ts';
import { cellWords, PROMPT_WORDS, SKILL_WORDS } from '../../../core/words/skills.en.ts';
import { call } from '../../api.ts';
import { useUnits } from '../../parts/units.ts';
import type { LiveRun } from './useRun.ts';

interface Followed {
  studentId: StudentId;
  handYes?: boolean;
  ladders: FollowedSkill[];
}

/** Marks at the steps of students whose skills are followed: made or missed in one tap, the help they had chosen before. Seen here alone. */
export function MarkBand({ run }: { run: LiveRun }) {
  const { say } = useUnits();
  const [open, setOpen] = useState(false);
  const [helps, setHelps] = useState<Record<string, Prompt>>({});
  const { data } = useQuery({
    queryKey: ['followed', run.runId],
    queryFn: () => call<{ followed: Followed[]; ladders: SkillLadder[] }>('GET', `/skill-ladders/runs/${run.runId}`),
    staleTime: 60_000,
  });
  const marks = useMemo(() => marksIn(run.log, run.date), [run.log, run.date]);
  const rows = (data?.followed ?? []).flatMap(({ studentId, handYes, ladders }) =>
    ladders.map((each) => {
      const { skill } = each;
      const ladder = data!.ladders.find((l) => l.skill === skill)!;
      const place = placeOn(ladder, each);
      const mine = marks.filter((m) => m.student === studentId && m.skill === skill);
      return {
        ...{ studentId, skill, ladder, handYes, key: `${studentId} ${skill}` },
        at: place.at,
        agreed: place.prompt,
        tries: mine.reduce((sum, m) => sum + m.tries, 0),
        made: mine.reduce((sum, m) => sum + madeIn(m.made), 0),
      };
    }),
  );
  if (!rows.length || run.state.ended) return null;
  return (
    <section className={`grow bg-ink-2 ${open ? 'basis-full' : 'basis-0'}`} aria-label="Marks">
      <button type="button" className="head min-h-11 px-3 text-base hover:underline" aria-expanded={open} onClick={() => setOpen(!open)}>
        Marks …
      </button>
      {open && (
        <ul className="max-h-[46vh] overflow-auto px-3 pb-2">
          {rows.map((row) => {
            const help = helps[row.key] ?? row.agreed;
            const name = run.plan.names[row.studentId] ?? 'One student';
            const mark = (made: boolean) =>
              run.send({
                type: 'mark',
                student: row.studentId,
                skill: row.skill,
                cell: storedCell(row.ladder, row.at),
                made,
                prompt: help,
                ...(help === 'hand' ? { saidYes: true as const } : {}),
              });
            return (
              <li key={row.key} className="flex flex-wrap items-center gap-x-3 gap-y-1.5 border-t border-white/20 py-1.5">
                <p className="min-w-48 flex-1">
                  <span className="head text-base">{name}</span> · {SKILL_WORDS[row.skill]}
                  <span className="block text-xs text-[#c3ccd6]">
                    {cellWords(row.ladder, row.at, say)}
                    {row.tries > 0 && ` · ${row.made} of ${row.tries} today`}
                  </span>
                </p>
                <select
                  className="min-h-11 border border-white/40 bg-ink-3 px-2"
                  aria-label={`Help for ${name}, ${SKILL_WORDS[row.skill]}`}
                  value={help}
                  onChange={(e) => setHelps({ ...helps, [row.key]: e.target.value as Prompt })}
                >
                  {PROMPTS.filter((prompt) => prompt !== 'hand' || row.handYes).map((prompt) => (
                    <option key={prompt} value={prompt}>
                      {PROMPT_WORDS[prompt]}
                    </option>
                  ))}
                </select>
                {[true, false].map((made) => (
                  <button
                    key={String(made)}
                    type="button"
                    className={`head min-h-11 min-w-20 px-3 text-center text-base ${made ? 'bg-paper text-ink hover:bg-tint' : 'bg-ink-3 hover:bg-[#3a4a60]'}`}
                    aria-label={`${name}, ${SKILL_WORDS[row.skill]}: ${made ? 'made' : 'missed'}`}
                    onClick={() => mark(made)}
                  >
                    {made ? 'Made' : 'Missed'}
                  </button>
                ))}
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
}
