import { Check } from 'lucide-react';
import { useMemo, useState } from 'react';
import type { FitInput, FittedBlock } from '../../../core/fit/fitted.ts';
import { type RankedWay, rankWays } from '../../../core/fit/rankWays.ts';
import type { LeftOut } from '../../../core/fit/ways.ts';
import type { Measure } from '../../../core/fit/waysMeasured.ts';
import { counted, duration, type Speak, uncapital } from '../../../core/formats/speak.ts';
import { type Edit, gesture } from '../../../core/model/edit.ts';
import { fixWords, formatWords } from '../../../core/words/en.ts';
import { heldBackWords, MEASURE_WORDS, measureWords, rankWords } from '../../../core/words/ways.en.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { useWays, type WaysState } from '../../worker/useWays.ts';
import { readPriorities, WayPriorities } from './WayPriorities.tsx';

interface Props {
  input: FitInput;
  block: FittedBlock | undefined;
  speak: Speak;
  perform(edit: Edit, name?: string): void;
}

/** What a row shows as bars; the rest is told under them. */
const BARS: Measure[] = ['activeShare', 'turns', 'waitSeconds', 'setUpMinutes'];

/** The ways a block could be run, ranked by what the teacher puts first; one press takes a way. */
export function WaysSheet({ input, block, speak, perform }: Props) {
  const [priorities, setPriorities] = useState<Measure[]>(readPriorities);
  const state = useWays(input, block?.game ? block.id : undefined);
  const { found } = state;
  const ranked = useMemo(() => (found ? rankWays(found.ways, priorities) : []), [found, priorities]);
  const [whole, setWhole] = useState(false);
  if (!block?.game) return <p className="p-4 text-muted">Choose a game on the strip: a block without a game runs one way.</p>;
  const named = (choices: RankedWay['choices']) => (choices.length ? choices.map((c) => fixWords(c, speak)).join(' · ') : "Today's way");
  const today = ranked.find((w) => w.today);
  const most = Object.fromEntries(BARS.map((m) => [m, Math.max(...ranked.map((w) => w.measures[m]), 0)])) as Record<Measure, number>;
  const shown = whole ? ranked : ranked.filter((w) => w.rank <= 8 || w.today);
  return (
    <div className="flex flex-col gap-3 p-4">
      <WayPriorities chosen={priorities} onChoose={setPriorities} />
      <Progress state={state} />
      {today && <p role="status">{rankWords(today, ranked.length, priorities, ranked[0])}</p>}
      <ol aria-label={`Ways to run ${block.title}`} className="flex flex-col">
        {shown.map((way) => (
          <WayRow
            key={way.key}
            way={way}
            room={input.room}
            unit={formatWords(block.game!.format).unit}
            title={named(way.choices)}
            most={most}
            onTake={() => {
              const name = `use another way: ${uncapital(named(way.choices))}`;
              perform(gesture(way.edits), name);
            }}
          />
        ))}
      </ol>
      {ranked.length > shown.length && (
        <button type="button" className="btn self-start" onClick={() => setWhole(true)}>
          Show all {ranked.length}
        </button>
      )}
      {found && <LeftOutList left={found.left} ranked={ranked} named={named} />}
      {found && (
        <p className="text-xs text-muted">
          {found.tried} ways fitted: {found.misfits} do not fit floor, gear or bell, {found.beaten} are no better at anything than another
          way. Estimates from the plan, not measured exertion.
        </p>
      )}
    </div>
  );
}

function Progress({ state: { progress, problem, cancel, again, found } }: { state: WaysState }) {
  if (problem)
    return (
      <p role="alert" className="text-stop">
        The search stopped ({problem}).{' '}
        <button type="button" className="underline" onClick={again}>
          Search again
        </button>
      </p>
    );
  if (progress)
    return (
      <div className="flex items-center gap-3">
        <progress
          aria-label="Ways fitted so far"
          className="h-2 min-w-0 flex-1 accent-tape"
          max={progress.total || 1}
          value={progress.done}
        />
        <span className="text-xs text-muted">{progress.total ? `${progress.done} of ${progress.total} fitted` : 'looking …'}</span>
        <button type="button" className="btn" onClick={cancel}>
          Cancel
        </button>
      </div>
    );
  return found ? null : (
    <button type="button" className="btn self-start" onClick={again}>
      Search for ways
    </button>
  );
}

interface RowProps {
  way: RankedWay;
  room: FitInput['room'];
  unit: string;
  title: string;
  most: Record<Measure, number>;
  onTake(): void;
}

function WayRow({ way, room, unit, title, most, onTake }: RowProps) {
  const { measures, pieces } = way;
  const waiting = way.groups - pieces.length;
  const more = [
    heldBackWords(way),
    waiting > 0 ? `${waiting === 1 ? '1 group waits' : `${waiting} groups wait`} with a task` : '',
    measures.waitSeconds && !measures.idleSeconds ? 'those who wait have a task' : '',
    measures.evenness < 0.99 ? `least active student: ${measureWords('evenness', measures.evenness)} of average` : '',
    measures.adults > 1 ? `${measures.adults} adults to see all` : '',
    measures.gearShort ? `${measures.gearShort} gear short` : '',
  ].filter(Boolean);
  return (
    <li
      aria-current={way.today}
      className={`grid grid-cols-[28px_104px_1fr_auto] items-start gap-x-3 border-t py-2 ${way.today ? 'border-t-[1.5px] border-ink bg-[#f3f1ea]' : ''}`}
    >
      <span className={`head text-2xl leading-7 ${way.today ? 'text-ink' : 'text-tape'}`}>{way.rank}</span>
      <MiniFloor room={room} pieces={pieces} width={104} height={66} />
      <div className="min-w-0">
        <p className="leading-5 font-bold">{title}</p>
        <p className="text-xs text-muted">
          {pieces.length !== way.groups && `${counted(pieces.length, unit)}, `}
          {counted(way.groups, 'group')} of up to {way.largest}, rounds of {duration(way.workSeconds)},{' '}
          {measureWords('floorShare', measures.floorShare)} of floor
        </p>
        <dl className="mt-1 grid grid-cols-4 gap-x-2">
          {BARS.map((measure) => (
            <div key={measure} className="flex flex-col-reverse">
              <dt className="text-xs leading-4 text-muted">{MEASURE_WORDS[measure].label}</dt>
              <dd className="head text-sm leading-4">
                {measureWords(measure, measures[measure])}
                <span aria-hidden="true" className="mt-0.5 block h-1.5 bg-line">
                  <span
                    className={`block h-full ${measure === 'waitSeconds' && measures.idleSeconds ? 'bg-caution' : 'bg-tape'}`}
                    style={{ width: `${most[measure] ? Math.round((measures[measure] / most[measure]) * 100) : 0}%` }}
                  />
                </span>
              </dd>
            </div>
          ))}
        </dl>
        {more.length > 0 && <p className="mt-1 text-xs text-muted">{more.join(' · ')}</p>}
      </div>
      {way.today ? (
        <span className="flex items-center gap-1 text-xs">
          <Check size={14} aria-hidden="true" /> as planned
        </span>
      ) : (
        <button type="button" className="btn" aria-label={`Use this way: ${title}`} onClick={onTake}>
          Use this way
        </button>
      )}
    </li>
  );
}

interface LeftProps {
  left: LeftOut[];
  ranked: RankedWay[];
  named(choices: RankedWay['choices']): string;
}

/** The single choices that are not in the list, each with the reason. */
function LeftOutList({ left, ranked, named }: LeftProps) {
  if (!left.length) return null;
  const why = ({ why, by }: LeftOut) => {
    if (why === 'stops') return 'a check would stop it';
    if (why === 'gear') return 'not enough gear';
    const rival = ranked.find((w) => w.key === by);
    const name = rival ? (rival.today ? "today's way" : `number ${rival.rank}`) : 'another way';
    return why === 'same' ? `comes to the same as ${name}` : `${name} is better in everything`;
  };
  return (
    <details>
      <summary className="cursor-pointer underline">Tried and left out ({left.length})</summary>
      <ul className="mt-1">
        {left.map((l) => (
          <li key={`${l.choice.code}${JSON.stringify(l.choice.data)}`} className="flex justify-between gap-3 border-t py-1">
            <span>{named([l.choice])}</span>
            <span className="shrink-0 text-muted">{why(l)}</span>
          </li>
        ))}
      </ul>
    </details>
  );
}
