import { useState } from 'react';
import { boxedArea } from '../../../core/arrange/boxedArea.ts';
import { ARRANGEMENTS, type Arrangement, type Laying, leastGap, widestCircle } from '../../../core/arrange/layMany.ts';
import { counted, listed } from '../../../core/formats/speak.ts';
import { boundsOf, type Rect } from '../../../core/geometry/point.ts';
import { doorsKeptClear } from '../../../core/model/door.ts';
import { standing } from '../../../core/model/fixedThing.ts';
import { ADDED_KINDS, footprint, LAID_FACTS, type LaidKind, newLaid } from '../../../core/model/laidPiece.ts';
import { type Room, roomArea } from '../../../core/model/room.ts';
import { partsOf } from '../../../core/model/shape.ts';
import { ARRANGEMENT_WORDS, LAID_WORDS } from '../../../core/words/floor.en.ts';
import { freshId, problemWords } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import { Floating } from '../../parts/Sheet.tsx';
import type { Units } from '../../parts/units.ts';
import { fitting } from '../../worker/useFit.ts';
import type { FloorEdits } from './floorEdits.ts';

/** The most that are laid out at once. */
const MOST = 60;
const HOW = ['one', ...ARRANGEMENTS] as const;

/** What everything that is laid out keeps clear of. */
function avoidedWords(room: Room, edits: FloorEdits): string {
  const taking = edits.laid.filter((p) => LAID_FACTS[p.laid].takesFloor);
  const things = [
    ...doorsKeptClear(room).map((d) => d.name),
    ...standing(room).map((f) => f.name),
    ...(edits.places.length ? [`the ${counted(edits.places.length, 'area')} of the game`] : []),
    ...(taking.length ? [`${counted(taking.length, 'piece')} that you added`] : []),
  ];
  return things.length ? `Keeps clear of ${listed(things)}.` : 'Nothing is on this floor yet.';
}

interface WhereProps {
  box: Rect | null;
  onBox: (box: Rect | null) => void;
  onDraw: () => void;
  units: Units;
  onProblem: (problem: string) => void;
}

/** Where on the floor: anywhere, or in a box that is dragged or typed. */
function Where({ box, onBox, onDraw, units, onProblem }: WhereProps) {
  const put = (change: Partial<Rect>) => {
    onBox({ ...box!, ...change });
    onProblem('');
  };
  const fields: [keyof Rect, string][] = [
    ['x', 'From west'],
    ['y', 'From south'],
    ['width', 'Across'],
    ['depth', 'Along'],
  ];
  return (
    <fieldset className="mt-3">
      <legend className="mb-0.5 text-xs text-muted">Where</legend>
      <div className="flex flex-wrap gap-2">
        <button type="button" className={`btn ${box ? '' : 'btn-tape'}`} aria-pressed={!box} onClick={() => onBox(null)}>
          Anywhere
        </button>
        <button type="button" className="btn" onClick={onDraw}>
          Drag a box …
        </button>
        <button
          type="button"
          className={`btn ${box ? 'btn-tape' : ''}`}
          aria-pressed={box !== null}
          onClick={() => onBox(box ?? { x: 1, y: 1, width: 6, depth: 4 })}
        >
          In a box
        </button>
      </div>
      {box && (
        <div className="mt-2 grid grid-cols-4 gap-2">
          {fields.map(([key, label]) => (
            <CommitField key={key} label={label} value={units.say(box[key])} onCommit={(text) => put({ [key]: units.read(text) })} />
          ))}
        </div>
      )}
    </fieldset>
  );
}

/** Lays pieces out on the block's floor: what, how many, and how they lie to each other; everything else on the floor is kept clear of. */
export function LayOut({
  open,
  onClose,
  room,
  wallClearanceM,
  edits,
  units,
  onLaid,
  box,
  onBox,
  onDraw,
}: {
  open: boolean;
  onClose: () => void;
  room: Room;
  wallClearanceM: number;
  edits: FloorEdits;
  units: Units;
  onLaid: (ids: string[]) => void;
  /** Where they go, if not anywhere: drawn on the floor or typed. */
  box: Rect | null;
  onBox: (box: Rect | null) => void;
  onDraw: () => void;
}) {
  const [kind, setKind] = useState<LaidKind>('cone');
  const [how, setHow] = useState<Arrangement | 'one'>('one');
  const [count, setCount] = useState('6');
  const [spacing, setSpacing] = useState(units.say(1.5));
  const [problem, setProblem] = useState('');
  const [busy, setBusy] = useState(false);
  const lay = async () => {
    const number = how === 'one' ? 1 : Number(count);
    if (!Number.isInteger(number) || number < 1 || number > MOST) return setProblem(`"${count}" is not a number from 1 to ${MOST}.`);
    let apart = 1.5;
    try {
      if (how === 'row' || how === 'spaced' || how === 'side-by-side') apart = units.read(spacing);
    } catch (error) {
      return setProblem((error as Error).message);
    }
    if (apart <= 0) return setProblem('The distance must be above zero.');
    const { widthM, lengthM, takesFloor } = LAID_FACTS[kind];
    const taken = [
      ...edits.places.flatMap((p) => partsOf(p.shape)),
      ...edits.laid.filter((p) => LAID_FACTS[p.laid].takesFloor).map(footprint),
    ];
    // What nobody stands on may lie among places; what takes floor lies clear of them.
    const whole = roomArea(room, takesFloor ? wallClearanceM / 2 : 0.2, takesFloor || how !== 'one' ? taken : []);
    const area = box ? boxedArea(whole, box) : whole;
    if (!area) return setProblem('That box goes over a wall, or outside. Draw one inside the room.');
    const middle = boundsOf(area.outline);
    // One alone lies in the middle of the widest free circle: the ring's own middle.
    const circle = how === 'one' ? widestCircle({ ...area, wallClearance: 0 }) : undefined;
    let laying: Laying[] = circle ? [{ x: circle.x, y: circle.y, turnedDeg: 0 }] : [];
    if (how !== 'one') {
      setBusy(true);
      try {
        // Spreading many takes its time: the worker does it.
        laying = await fitting().layMany(area, { widthM, lengthM }, how, number, apart);
      } catch (error) {
        return setProblem(problemWords(error));
      } finally {
        setBusy(false);
      }
    }
    if (!laying.length) {
      const at = { x: middle.x + middle.width / 2, y: middle.y + middle.depth / 2 };
      if (how !== 'one')
        return setProblem('No place on this floor is free for even one of them. Remove something first, or add one and drag it.');
      laying.push({ ...at, turnedDeg: 0 });
    }
    const pieces = laying.map((at) => newLaid(kind, freshId('p'), at, at.turnedDeg));
    edits.put(pieces);
    setProblem('');
    onLaid(pieces.map((p) => p.id));
    const least = leastGap(laying);
    if (laying.length < number)
      return setProblem(`The floor holds ${laying.length} of ${number}, ${units.say(least)} apart. They are on it.`);
    onClose();
  };
  return (
    <Floating open={open} onClose={onClose} title="Add to the floor">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          void lay();
        }}
      >
        <div className="grid grid-cols-2 gap-3">
          <ChoiceField label="What" value={kind} options={ADDED_KINDS.map((k) => [k, LAID_WORDS[k]] as const)} onPick={setKind} />
          <ChoiceField
            label="How"
            value={how}
            options={HOW.map((h) => [h, h === 'one' ? 'just one' : ARRANGEMENT_WORDS[h]] as const)}
            onPick={setHow}
          />
          {how !== 'one' && (
            <div>
              <label className="mb-0.5 block text-xs text-muted" htmlFor="lay-count">
                {how === 'spaced' ? 'How many at most' : 'How many'}
              </label>
              <input id="lay-count" className="field" inputMode="numeric" value={count} onChange={(e) => setCount(e.target.value)} />
            </div>
          )}
          {(how === 'row' || how === 'spaced' || how === 'side-by-side') && (
            <div>
              <label className="mb-0.5 block text-xs text-muted" htmlFor="lay-spacing">
                {how === 'side-by-side' ? 'Between their edges' : 'Between their middles'}
              </label>
              <input id="lay-spacing" className="field" value={spacing} onChange={(e) => setSpacing(e.target.value)} />
            </div>
          )}
        </div>
        <Where box={box} onBox={onBox} onDraw={onDraw} units={units} onProblem={setProblem} />
        <p className="mt-2 text-xs text-muted">{avoidedWords(room, edits)}</p>
        {problem && (
          <p role="alert" className="mt-2 text-stop">
            {problem}
          </p>
        )}
        <p className="mt-2 text-xs text-muted">
          Then drag it, or turn it with R. Several are chosen with Shift; Delete removes what is chosen.
        </p>
        <div className="mt-3 flex gap-3">
          <button type="submit" className="btn btn-tape" disabled={busy}>
            {busy ? 'Looking for places …' : 'Add it'}
          </button>
          <button type="button" className="btn" onClick={onClose}>
            Close
          </button>
        </div>
      </form>
    </Floating>
  );
}
