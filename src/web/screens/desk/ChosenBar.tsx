import { Lock, LockOpen, Trash2 } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { LineUp } from '../../../core/arrange/lineUp.ts';
import type { LaidPiece } from '../../../core/model/laidPiece.ts';
import { boxOf } from '../../../core/model/shape.ts';
import { LAID_WORDS } from '../../../core/words/floor.en.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';
import type { FloorEdits } from './floorEdits.ts';

/** A measure with its small word before it. */
function Field({
  word,
  label,
  value,
  onCommit,
  narrow,
}: {
  word: string;
  label: string;
  value: string;
  onCommit: (text: string) => void;
  narrow?: boolean;
}) {
  return (
    <div className="flex items-center gap-1">
      <span className="text-xs text-muted">{word}</span>
      <CommitField label={label} quiet className={narrow ? 'w-14 px-1.5' : 'w-[76px] px-1.5'} value={value} onCommit={onCommit} />
    </div>
  );
}

/** A place of the game by its lower left corner, or what fit put inside one by its middle: where it is, pinned or placed automatically. */
function OnePlace({
  id,
  name,
  label,
  at,
  edits,
  units,
}: {
  id: string;
  name: string;
  /** What its fields are called by. */
  label: string;
  at: { x: number; y: number };
  units: Units;
  edits: FloorEdits;
}) {
  return (
    <>
      <span className="head max-w-52 truncate text-base">{name}</span>
      <Field
        word="from the west wall"
        label={`${label}: distance from the west wall`}
        value={units.say(at.x)}
        onCommit={(text) => edits.place(id, { x: units.read(text), y: at.y })}
      />
      <Field
        word="from the south wall"
        label={`${label}: distance from the south wall`}
        value={units.say(at.y)}
        onCommit={(text) => edits.place(id, { x: at.x, y: units.read(text) })}
      />
      {edits.isPlaced(id) ? (
        <button type="button" className="btn" onClick={() => edits.place(id, null)}>
          Unpin
        </button>
      ) : (
        <button type="button" className="btn" onClick={() => edits.place(id, at)}>
          Pin
        </button>
      )}
    </>
  );
}

function degrees(text: string): number {
  const value = Number(text.replace(',', '.').replace(/[°\s]/g, ''));
  if (!text.trim() || !Number.isFinite(value)) throw new Error(`"${text}" is not an angle. Write 90.`);
  return ((value % 360) + 360) % 360;
}

/** A laid piece: where its middle lies, how large it is, how far it is turned. */
function OneLaid({ piece, units, edits, onMore }: { piece: LaidPiece; units: Units; edits: FloorEdits; onMore: () => void }) {
  const name = piece.title || LAID_WORDS[piece.laid];
  const set = (patch: Partial<LaidPiece>, what = `change the ${name}`) => edits.put([{ ...piece, ...patch }], what);
  return (
    <>
      <span className="head max-w-32 truncate text-base">{name}</span>
      <Field
        word="west"
        label={`${name}: distance from the west wall`}
        value={units.say(piece.x)}
        onCommit={(t) => set({ x: units.read(t) }, `move ${name}`)}
      />
      <Field
        word="south"
        label={`${name}: distance from the south wall`}
        value={units.say(piece.y)}
        onCommit={(t) => set({ y: units.read(t) }, `move ${name}`)}
      />
      <Field
        word="across"
        label={`${name}: width across`}
        value={units.say(piece.widthM)}
        onCommit={(t) => set({ widthM: units.read(t) })}
      />
      <Field
        word="along"
        label={`${name}: length along`}
        value={units.say(piece.lengthM)}
        onCommit={(t) => set({ lengthM: units.read(t) })}
      />
      <Field
        word="turned"
        narrow
        label={`${name}: turned, degrees`}
        value={`${Math.round(piece.turnedDeg * 10) / 10}°`}
        onCommit={(t) => set({ turnedDeg: degrees(t) }, `turn ${name}`)}
      />
      <button
        type="button"
        className="btn px-2"
        aria-label={piece.locked ? `Unlock the ${name}` : `Lock the ${name}`}
        aria-pressed={piece.locked}
        onClick={() => set({ locked: !piece.locked }, piece.locked ? `unlock ${name}` : `lock ${name}`)}
      >
        {piece.locked ? <Lock size={15} aria-hidden="true" /> : <LockOpen size={15} aria-hidden="true" />}
      </button>
      <button type="button" className="btn px-2" aria-label={`Remove the ${name}`} onClick={() => edits.takeUp([piece.id])}>
        <Trash2 size={15} aria-hidden="true" />
      </button>
      <button type="button" className="btn" onClick={onMore}>
        More
      </button>
    </>
  );
}

const LINE_UP_WORDS: [LineUp, string][] = [
  ['west', 'Their west edges'],
  ['east', 'Their east edges'],
  ['south', 'Their south edges'],
  ['north', 'Their north edges'],
  ['across', 'In one row, west to east'],
  ['along', 'Their middles, from south to north'],
];

/** Several: brought in line, spaced evenly, stuck down, taken up. */
function Several({ ids, edits }: { ids: readonly string[]; edits: FloorEdits }) {
  const laid = edits.laid.filter((p) => ids.includes(p.id));
  const locked = laid.length > 0 && laid.every((p) => p.locked);
  return (
    <>
      <span className="head text-base">{ids.length} chosen</span>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <button type="button" className="btn">
            Line up
          </button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content align="start" side="top" className="z-50 min-w-56 border-[1.5px] border-ink bg-paper py-1 shadow-lg">
            {LINE_UP_WORDS.map(([to, words]) => (
              <DropdownMenu.Item
                key={to}
                className="cursor-pointer px-4 py-1.5 outline-none data-[highlighted]:bg-tint"
                onSelect={() => edits.align(ids, to)}
              >
                {words}
              </DropdownMenu.Item>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {ids.length > 2 && (
        <>
          <button type="button" className="btn" onClick={() => edits.space(ids, 'x')}>
            Even gaps →
          </button>
          <button type="button" className="btn" onClick={() => edits.space(ids, 'y')}>
            Even gaps ↑
          </button>
        </>
      )}
      {laid.length > 0 && (
        <>
          <button
            type="button"
            className="btn"
            onClick={() =>
              edits.put(
                laid.map((p) => ({ ...p, locked: !locked })),
                locked ? 'unlock pieces' : 'lock pieces',
              )
            }
          >
            {locked ? 'Unlock' : 'Lock'}
          </button>
          <button type="button" className="btn" onClick={() => edits.takeUp(ids)}>
            Remove
          </button>
        </>
      )}
    </>
  );
}

/** What is chosen on the floor, to be typed instead of dragged. */
export function ChosenBar({ ids, units, edits, onMore }: { ids: readonly string[]; units: Units; edits: FloorEdits; onMore: () => void }) {
  if (ids.length > 1) return <Several ids={ids} edits={edits} />;
  const place = edits.places.find((p) => p.id === ids[0]);
  if (place)
    return (
      <OnePlace
        key={place.id}
        id={place.id}
        name={`${place.number} ${place.title}`}
        label={place.title}
        at={boxOf(place.shape)}
        units={units}
        edits={edits}
      />
    );
  const thing = edits.things.find((t) => t.id === ids[0]);
  if (thing) {
    const name = thing.title || LAID_WORDS[thing.laid];
    return <OnePlace key={thing.id} id={thing.id} name={name} label={name} at={thing} units={units} edits={edits} />;
  }
  const laid = edits.laid.find((p) => p.id === ids[0]);
  return laid ? <OneLaid key={laid.id} piece={laid} units={units} edits={edits} onMore={onMore} /> : null;
}
