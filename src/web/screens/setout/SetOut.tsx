import { useEffect, useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import { type FitInput, type FittedBlock, laidIn } from '../../../core/fit/fitted.ts';
import { type GearLine, handfuls } from '../../../core/gear/cover.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { wallNames } from '../../../core/words/floor.en.ts';
import type { Desk } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { FileButtons } from '../../parts/FileButtons.tsx';
import { useUnits } from '../../parts/units.ts';
import { WithLesson } from '../../parts/WithLesson.tsx';
import { useFitAtOnce } from '../../worker/useFit.ts';
import { usePaced, useSetOut } from '../../worker/useSetOut.ts';
import { useLesson } from '../desk/useLesson.ts';
import { ChangeOver } from './ChangeOver.tsx';
import { MarkedFloor } from './MarkedFloor.tsx';
import { MarkCard, MarkList } from './MarkList.tsx';
import { PacedSheet } from './PacedSheet.tsx';
import { minutes, SetOutFigures, type TapeSettings, useTapeSettings } from './SetOutFigures.tsx';
import { SetOutFrame } from './SetOutFrame.tsx';

/** What one person with one tape does to set a period's floor out: marks by offsets from two walls, in walking order. */
export function SetOut() {
  const { periodId = '' } = useParams();
  return (
    <WithLesson
      periodId={periodId}
      waiting="Measuring the floor …"
      empty="No lesson here yet: plan one on the desk, then set it out."
      bar={<DayBar current={periodId} />}
    >
      {(desk, lesson) => <Planned desk={desk} stored={lesson} />}
    </WithLesson>
  );
}

const sameId = (id: string) => id;
type View = 'marks' | 'change';
const VIEWS: [View, string][] = [
  ['marks', 'Marks'],
  ['change', 'Change-over'],
];

function Planned({ desk, stored }: { desk: Desk; stored: Lesson }) {
  // As the desk has it: edits that still wait here count too.
  const { lesson: kept, perform } = useLesson(desk, sameId);
  const lesson = kept ?? stored;
  const [search] = useSearchParams();
  const [view, setView] = useState<View>(search.get('view') === 'change' ? 'change' : 'marks');
  const input = useMemo<FitInput>(() => ({ ...desk, lesson }), [desk, lesson]);
  const { fitted } = useFitAtOnce(input);
  const [chosen, setChosen] = useState(search.get('block') ?? '');
  const settings = useTapeSettings();
  const games = (fitted?.blocks ?? []).filter((b) => b.game?.pieces.length || b.laid.length);
  const block = games.find((b) => b.id === chosen) ?? games[0];
  const head = (
    <>
      <h1 className="text-xl">Set up: {block?.title ?? lesson.title}</h1>
      <p className="text-muted">
        {desk.schoolClass.name} · {desk.room.name} ·{' '}
        <Link className="text-tape underline print:hidden" to={`/desk/${desk.period.id}`}>
          back to the desk
        </Link>
      </p>
      <div className="mt-2 flex items-end gap-4 print:hidden">
        {games.length > 1 && (
          <div className="w-64">
            <ChoiceField
              label="Which block"
              value={block?.id ?? ''}
              options={games.map((b) => [b.id, b.title] as const)}
              onPick={setChosen}
            />
          </div>
        )}
        <div className="flex">
          {VIEWS.map(([name, words]) => (
            <button
              key={name}
              type="button"
              className={`btn -mr-px ${view === name ? 'bg-tint' : ''}`}
              aria-pressed={view === name}
              onClick={() => setView(name)}
            >
              {words}
            </button>
          ))}
        </div>
      </div>
    </>
  );
  if (!block)
    return (
      <>
        <DayBar date={desk.period.date} current={desk.period.id} />
        <main className="p-6">
          {head}
          <p className="mt-3">{fitted ? 'Nothing to tape: this lesson puts nothing on the floor.' : 'Measuring the floor …'}</p>
        </main>
      </>
    );
  if (view === 'change' && fitted) return <ChangeOver key={block.id} {...{ desk, fitted, block, head, perform }} />;
  return <Sheet {...{ desk, block, settings, head }} gear={(fitted?.gear ?? []).filter((g) => g.blockId === block.id)} />;
}

type Grade = 'exact' | 'quick' | 'paced';
const GRADES: [Grade, string][] = [
  ['exact', 'Exact'],
  ['quick', 'Quick'],
  ['paced', 'Paced'],
];

interface SheetProps {
  desk: Desk;
  block: FittedBlock;
  gear: readonly GearLine[];
  settings: TapeSettings;
  head: React.ReactNode;
}

function Sheet({ desk, block, gear, settings, head }: SheetProps) {
  const { room } = desk;
  const units = useUnits();
  const [at, setAt] = useState(1);
  const pieces = block.game?.pieces ?? [];
  const laid = handfuls(gear);
  const things = useMemo(() => laidIn(block), [block]);
  const [grade, setGrade] = useState<Grade>('exact');
  const exact = useSetOut(room, pieces, laid, settings.tapeM, settings.rates, things);
  const quick = useSetOut(room, pieces, laid, settings.tapeM, settings.rates, things, 'quick');
  const paced = usePaced(room, pieces, laid, settings.paceM, things);
  const list = grade === 'quick' ? quick : exact;
  const taken: Record<Grade, number | undefined> = {
    exact: exact?.layOutSeconds,
    quick: quick?.layOutSeconds,
    paced: paced?.layOutSeconds,
  };
  const walls = useMemo(() => wallNames(room.outline), [room.outline]);
  const marks = grade === 'paced' ? [] : (list?.marks ?? []);
  const mark = marks.find((m) => m.number === at) ?? marks[0];
  useEffect(() => {
    const step = (event: KeyboardEvent) => {
      if ((event.target as HTMLElement).closest('input, select, textarea')) return;
      if (event.key === 'ArrowDown' || event.key === 'ArrowRight') setAt((n) => Math.min(marks.length, n + 1));
      else if (event.key === 'ArrowUp' || event.key === 'ArrowLeft') setAt((n) => Math.max(1, n - 1));
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', step);
    return () => window.removeEventListener('keydown', step);
  }, [marks.length]);
  return (
    <SetOutFrame
      desk={desk}
      bar={<FileButtons paper room={room} pieces={pieces} laid={things} marks={marks} name={`${room.name} ${block.title}`} />}
      head={
        <>
          {head}
          <div className="mt-2 flex print:hidden" role="group" aria-label="How exactly">
            {GRADES.map(([name, words]) => (
              <button
                key={name}
                type="button"
                className={`btn -mr-px ${grade === name ? 'bg-tint' : ''}`}
                aria-pressed={grade === name}
                onClick={() => setGrade(name)}
              >
                {words}
                {taken[name] === undefined ? '' : `: ${minutes(taken[name])}`}
              </button>
            ))}
          </div>
        </>
      }
      floor={
        <MarkedFloor {...{ room, pieces, marks, units, mark }} paced={grade === 'paced' ? paced : undefined} laid={things} onPick={setAt} />
      }
      label="Marks"
    >
      {grade === 'paced' && paced ? (
        <PacedSheet {...{ paced, walls, units, settings }} painted={room.painted} />
      ) : list && mark ? (
        <>
          <MarkCard
            {...{ mark, walls, units }}
            quick={grade === 'quick'}
            parts={list.units}
            of={marks.length}
            onStep={(by) => setAt(Math.max(1, Math.min(marks.length, mark.number + by)))}
          />
          <MarkList {...{ list, walls, units }} quick={grade === 'quick'} current={mark.number} onPick={setAt} />
          <SetOutFigures {...{ list, gear, settings, units }} laid={things} cupboard={desk.cupboard} />
        </>
      ) : (
        <p className="p-4 text-muted">{list ? 'No mark of this layout can be measured from two walls.' : 'Measuring the floor …'}</p>
      )}
    </SetOutFrame>
  );
}
