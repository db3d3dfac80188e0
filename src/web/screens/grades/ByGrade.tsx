import { useEffect, useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { type BandColumn, type ByGrade as Columns, changedFrom, editsForBand, type ValueSource } from '../../../core/fit/byGrade.ts';
import type { FitInput } from '../../../core/fit/fitted.ts';
import { percent } from '../../../core/formats/say.ts';
import { counted, listed } from '../../../core/formats/speak.ts';
import type { Band } from '../../../core/model/band.ts';
import { gesture } from '../../../core/model/edit.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { initialsOf } from '../../../core/model/names.ts';
import { formatWords } from '../../../core/words/en.ts';
import { ruleWords } from '../../../core/words/rules.en.ts';
import type { Desk } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { useUnits } from '../../parts/units.ts';
import { WithLesson } from '../../parts/WithLesson.tsx';
import { fitting } from '../../worker/useFit.ts';
import { UndoBar } from '../desk/UndoBar.tsx';
import { useLesson } from '../desk/useLesson.ts';
import { valueText } from './valueText.ts';

/** One game as all six grade bands play it, side by side in this room with this class: what differs, why, and one press to play it so. */
export function ByGrade() {
  const { periodId = '' } = useParams();
  return (
    <WithLesson
      periodId={periodId}
      waiting="Working out six grade bands …"
      empty="No lesson here yet: plan one on the desk first."
      bar={<DayBar current={periodId} />}
    >
      {(desk, lesson) => <Grades desk={desk} stored={lesson} />}
    </WithLesson>
  );
}

const BAND_WORDS: Record<Band, string> = {
  'pre-k': 'Pre-K',
  'k-1': 'K–1',
  '2-3': 'Grades 2–3',
  '4-5': 'Grades 4–5',
  '6-8': 'Grades 6–8',
  '9-12': 'Grades 9–12',
};
const WHY: Record<ValueSource, string> = {
  game: 'the game says so',
  grades: 'default for these grades',
  solved: 'worked out here',
  same: 'the usual value',
};
const sameId = (id: string) => id;

function Grades({ desk, stored }: { desk: Desk; stored: Lesson }) {
  const { lesson: kept, perform, ...log } = useLesson(desk, sameId);
  const lesson = kept ?? stored;
  const [search] = useSearchParams();
  const block = lesson.blocks.find((b) => b.id === search.get('block') && b.game) ?? lesson.blocks.find((b) => b.game);
  const input = useMemo<FitInput>(() => ({ ...desk, lesson }), [desk, lesson]);
  const [columns, setColumns] = useState<Columns | null>(null);
  const [problem, setProblem] = useState('');
  const blockId = block?.id;
  useEffect(() => {
    if (!blockId) return;
    let dropped = false;
    fitting()
      .byGrade(input, blockId)
      .then(
        (found) => !dropped && setColumns(found ?? null),
        (error: unknown) => !dropped && setProblem(String(error)),
      );
    return () => {
      dropped = true;
    };
  }, [input, blockId]);
  return (
    <>
      <DayBar date={desk.period.date} current={desk.period.id}>
        <UndoBar {...log} />
      </DayBar>
      <main className="min-h-0 flex-1 overflow-auto px-6 py-4" tabIndex={0} aria-label="By grade">
        <h1 className="text-xl">{block ? `${block.title} by grade` : 'By grade'}</h1>
        <p className="text-muted">
          {desk.schoolClass.name} in {desk.room.name}. What the band before plays differently is underlined, with the reason.{' '}
          <Link className="text-tape underline" to={`/desk/${desk.period.id}`}>
            back to the desk
          </Link>
        </p>
        <Problem text={problem || log.problem} />
        {!block && <p className="mt-3">This lesson has no game yet.</p>}
        {block && !columns && !problem && <p className="mt-3 text-muted">Working out six grade bands …</p>}
        {columns && columns.met.length > 0 && (
          <p className="mt-1">
            Met before by this class:{' '}
            {listed(columns.met.map((m) => `${m.title} (${m.students ? counted(m.students, 'student') : 'nobody yet'})`))}.{' '}
            <span className="text-muted">What students have met decides more than age: each starts where they got to.</span>
          </p>
        )}
        {block && columns && (
          <Table
            found={columns}
            initials={(id) => {
              const student = desk.students.find((s) => s.id === id);
              return student ? initialsOf(student, desk.students) : '?';
            }}
            set={block.game!.settings}
            onUse={(column, own) => {
              const edits = editsForBand(column, own, block.id, block.game!.settings);
              if (edits.length) perform(gesture(edits), `play ${block.title} as ${BAND_WORDS[column.band]}`);
            }}
          />
        )}
      </main>
    </>
  );
}

interface TableProps {
  found: Columns;
  set: Readonly<Record<string, unknown>>;
  /** Initials of a student by id. */
  initials(id: string): string;
  onUse(column: BandColumn, own: BandColumn): void;
}

function Table({ found: { format, settings, columns }, set, initials, onUse }: TableProps) {
  const units = useUnits();
  const words = formatWords(format);
  const own = columns.find((c) => c.isHere) ?? columns[0];
  const changes = columns.map((column, i) => changedFrom(columns[i - 1], column));
  const differs = (meta: { key: string }) => changes.some((keys) => keys.has(meta.key));
  const shown = settings.filter((meta) => meta.kind !== 'map');
  // What differs first: that is what the page is for.
  const rows = [...shown.filter(differs), ...shown.filter((meta) => !differs(meta))];
  const gearKinds = [...new Set(columns.flatMap((c) => c.gear.map((g) => g.gearKind)))];
  const ruleTexts = columns.map((c) => c.rules.map((r) => ruleWords(r, format).text));
  const someRules = [...new Set(ruleTexts.flat())].filter((text) => ruleTexts.some((list) => !list.includes(text)));
  const frame = (c: BandColumn) => (c === own ? 'border-x-[1.5px] border-ink' : '');
  return (
    <table className="mt-3 w-full min-w-[1080px] table-fixed border-collapse">
      <caption className="sr-only">Settings, groups, gear, and rules by grade band</caption>
      <thead>
        <tr className="align-bottom">
          <th scope="col" className="w-[150px] text-left text-xs font-normal text-muted">
            What
          </th>
          {columns.map((c) => (
            <th
              key={c.band}
              scope="col"
              className={`px-2 pb-1.5 text-left ${c === own ? 'border-x-[1.5px] border-t-[1.5px] border-ink' : ''}`}
            >
              <span className="head block text-base">{BAND_WORDS[c.band]}</span>
              <span className="block text-xs font-normal text-muted">
                {c === own ? 'this class' : c.isHere ? 'also in this class' : ''}
              </span>
              {c.own.length > 0 && <span className="block text-xs font-normal text-tape">plays so: {c.own.map(initials).join(', ')}</span>}
              <button
                type="button"
                className="mt-1 border px-1.5 py-0.5 text-xs font-normal hover:bg-tint disabled:text-muted"
                disabled={editsForBand(c, own, 'b', set).length === 0}
                onClick={() => onUse(c, own)}
              >
                {editsForBand(c, own, 'b', set).length === 0 ? 'In use' : `Play it as ${BAND_WORDS[c.band]}`}
              </button>
            </th>
          ))}
        </tr>
      </thead>
      <tbody className="align-top">
        {rows.map((meta) => (
          <tr key={meta.key} className="border-t">
            <th scope="row" className="py-1 pr-2 text-left font-normal text-muted">
              {words.settings[meta.key]?.label ?? meta.key}
            </th>
            {columns.map((c, i) => {
              const isChanged = changes[i].has(meta.key);
              return (
                <td key={c.band} className={`px-2 py-1 ${frame(c)}`}>
                  <span className={isChanged ? 'border-b-[3px] border-tape' : ''}>{valueText(meta, c.values[meta.key], words, units)}</span>
                  {isChanged && <span className="block text-xs text-muted">{WHY[c.sources[meta.key]]}</span>}
                </td>
              );
            })}
          </tr>
        ))}
        <Row
          title="Groups"
          columns={columns}
          frame={frame}
          say={({ groups: g }) => (g.count ? `${g.count} × ${g.least === g.most ? g.most : `${g.least}–${g.most}`}` : 'none')}
        />
        <Row title="Time on task" columns={columns} frame={frame} say={(c) => percent(c.timeOnTask)} />
        <Row title="Without a place" columns={columns} frame={frame} say={(c) => (c.unplaced ? counted(c.unplaced, words.unit) : 'none')} />
        {gearKinds.map((kind) => (
          <Row
            key={kind}
            title={`Gear: ${kind}`}
            columns={columns}
            frame={frame}
            say={(c) => {
              const line = c.gear.find((g) => g.gearKind === kind);
              return line ? `${line.need}${line.short ? `, ${line.short} short` : ''}` : '–';
            }}
          />
        ))}
        {someRules.map((text) => (
          <tr key={text} className="border-t">
            <th scope="row" className="py-1 pr-2 text-left font-normal text-muted">
              Rule
            </th>
            {columns.map((c, i) => (
              <td key={c.band} className={`px-2 py-1 ${frame(c)}`}>
                {ruleTexts[i].includes(text) ? text : <span className="text-muted">–</span>}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** One line of the table; what differs from the band before is underlined. */
function Row({
  title,
  columns,
  frame,
  say,
}: {
  title: string;
  columns: readonly BandColumn[];
  frame(c: BandColumn): string;
  say(c: BandColumn): string;
}) {
  return (
    <tr className="border-t">
      <th scope="row" className="py-1 pr-2 text-left font-normal text-muted">
        {title}
      </th>
      {columns.map((c, i) => (
        <td key={c.band} className={`px-2 py-1 ${frame(c)}`}>
          <span className={i > 0 && say(c) !== say(columns[i - 1]) ? 'border-b-[3px] border-tape' : ''}>{say(c)}</span>
        </td>
      ))}
    </tr>
  );
}
