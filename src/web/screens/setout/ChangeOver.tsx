import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type Change, type FloorThing, floorChange, floorThings } from '../../../core/arrange/floorChange.ts';
import { takeOver } from '../../../core/arrange/takeOver.ts';
import { type FittedBlock, type FittedLesson, laidIn } from '../../../core/fit/fitted.ts';
import type { Edit } from '../../../core/model/edit.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import { doorSpot, type Room } from '../../../core/model/room.ts';
import { laidWords } from '../../../core/words/floor.en.ts';
import type { Desk } from '../../api.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { useDay } from '../../parts/DayBar.tsx';
import { useUnits } from '../../parts/units.ts';
import { useFittedDay } from '../../parts/useReadiness.ts';
import { ChangeFloor } from './ChangeFloor.tsx';
import { SetOutFrame } from './SetOutFrame.tsx';

const CHANGE_WORDS: Record<Change['change'], string> = { goes: 'Put away', moves: 'Move', comes: 'Bring out', stays: 'Leave out' };
const hasFloor = (b: FittedBlock) => (b.game?.pieces.length ?? 0) + b.laid.length > 0;
const thingsOf = (b: FittedBlock | undefined, room: Room) => (b ? floorThings(b.game?.pieces ?? [], laidIn(b), room) : []);

interface Before {
  key: string;
  name: string;
  things: FloorThing[];
}

/** The floors that can lie there before this block: the bare one, earlier blocks', the period's before in this room. */
function useBefore(desk: Desk, fitted: FittedLesson, block: FittedBlock): Before[] {
  const day = useDay(desk.period.date).data ?? [];
  const start = clockSeconds(desk.period.start);
  const earlier = day.filter((d) => d.room.id === desk.room.id && clockSeconds(d.period.end) <= start);
  const last = earlier.sort((a, b) => clockSeconds(b.period.end) - clockSeconds(a.period.end)).slice(0, 1);
  const fits = useFittedDay(last);
  const blocks = fitted.blocks
    .slice(
      0,
      fitted.blocks.findIndex((b) => b.id === block.id),
    )
    .filter(hasFloor);
  const gone = last.flatMap((d) => {
    const left = fits[d.period.id]?.blocks.filter(hasFloor).at(-1);
    return left ? [{ key: d.period.id as string, name: `${d.schoolClass.name}: ${left.title}`, things: thingsOf(left, desk.room) }] : [];
  });
  return [
    ...blocks.reverse().map((b) => ({ key: b.id, name: `this lesson: ${b.title}`, things: thingsOf(b, desk.room) })),
    ...gone,
    { key: 'bare', name: 'the bare floor', things: [] },
  ];
}

/** What changes from the floor that lies there to this block's: what goes, moves, comes and stays, with the metres it takes. */
export function ChangeOver({
  desk,
  fitted,
  block,
  head,
  perform,
}: {
  desk: Desk;
  fitted: FittedLesson;
  block: FittedBlock;
  head: React.ReactNode;
  perform: (edit: Edit, name?: string) => void;
}) {
  const units = useUnits();
  const options = useBefore(desk, fitted, block);
  const [key, setKey] = useState('');
  const [at, setAt] = useState<number | null>(null);
  const from = options.find((o) => o.key === key) ?? options[0];
  const after = useMemo(() => thingsOf(block, desk.room), [block, desk.room]);
  const door = useMemo(() => doorSpot(desk.room), [desk.room]);
  const change = useMemo(() => floorChange(from.things, after, door), [from, after, door]);
  const reused = useMemo(
    () => takeOver({ id: block.id, pieces: block.game?.pieces ?? [] }, from.things, after, { door, tapeInM: change.tapeInM }),
    [from, after, block, door, change],
  );
  const name = (c: Change) => {
    const [was, is] = [
      c.before === undefined ? '' : laidWords(from.things[c.before].name),
      c.after === undefined ? '' : laidWords(after[c.after].name),
    ];
    return was && is && was !== is ? `${was} is ${is}` : is || was;
  };
  const figures = [
    [units.say(Math.ceil(change.tapeInM)), 'tape laid'],
    [units.say(Math.ceil(change.tapeOutM)), 'tape off'],
    [String(change.changes.filter((c) => c.change === 'moves').length), 'carried'],
    [units.say(Math.round(change.walkM)), 'walked'],
  ];
  return (
    <SetOutFrame
      desk={desk}
      bar={
        <button type="button" className="btn btn-ink flex items-center gap-2" onClick={() => window.print()}>
          <Printer size={16} aria-hidden="true" /> Print
        </button>
      }
      head={head}
      floor={<ChangeFloor room={desk.room} before={from.things} after={after} changes={change.changes} at={at} onPick={setAt} />}
      label="Change-over"
    >
      <div className="shrink-0 border-b p-4">
        <ChoiceField
          label="What lies there before"
          value={from.key}
          options={options.map((o) => [o.key, o.name] as const)}
          onPick={setKey}
        />
        {reused && reused.savedM > 0.5 && (
          <button
            type="button"
            className="btn btn-tape mt-3 print:hidden"
            onClick={() => perform({ kind: 'many', edits: reused.edits }, 'stand on the tape that lies there')}
          >
            Reuse the tape on the floor: saves {units.say(Math.round(reused.savedM))}
          </button>
        )}
      </div>
      <ol className="min-h-0 flex-1 overflow-auto print:overflow-visible" aria-label="Changes" tabIndex={0}>
        {change.changes.map((c, i) => (
          <li key={`${c.before}>${c.after}`} className={`flex gap-3 border-b px-4 py-1.5 ${at === i ? 'bg-tint' : ''}`}>
            <button
              type="button"
              className="flex min-w-0 flex-1 gap-3 text-left"
              aria-pressed={at === i}
              onClick={() => setAt(at === i ? null : i)}
            >
              <span className="head w-7 shrink-0 text-right text-tape">{i + 1}</span>
              <span className={`w-16 shrink-0 ${c.change === 'stays' ? 'text-muted' : 'font-bold'}`}>{CHANGE_WORDS[c.change]}</span>
              <span className="min-w-0">{name(c)}</span>
            </button>
          </li>
        ))}
        {!change.changes.length && <li className="p-4 text-muted">Nothing lies there, nothing is wanted.</li>}
      </ol>
      <dl className="grid shrink-0 grid-cols-4 gap-2 border-t border-ink px-4 py-3">
        {figures.map(([value, words]) => (
          <div key={words} className="flex flex-col-reverse">
            <dt className="text-xs text-muted">{words}</dt>
            <dd className="head text-lg">{value}</dd>
          </div>
        ))}
      </dl>
    </SetOutFrame>
  );
}
