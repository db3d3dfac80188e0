import { useState } from 'react';
import type { ReadOutline } from '../../../core/exchange/outlineFile.ts';
import { areaOf, boundsOf, type Point } from '../../../core/geometry/point.ts';
import type { Room } from '../../../core/model/room.ts';
import { outlineProblemWords } from '../../../core/words/floor.en.ts';
import { problemWords } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { readTextFile } from '../../parts/readTextFile.ts';
import { Floating } from '../../parts/Sheet.tsx';
import { useUnits } from '../../parts/units.ts';
import { readPlan } from '../../worker/readPlan.ts';

const UNITS = [
  ['own', 'the drawing says it (DXF)'],
  ['1', 'meters'],
  ['0.01', 'centimeters'],
  ['0.001', 'millimeters'],
  ['0.3048', 'feet'],
  ['0.0254', 'inches'],
] as const;
/** The same for a school that measures in feet. */
const FEET_FIRST = [UNITS[0], ...UNITS.slice(4), ...UNITS.slice(1, 4)];
type Unit = (typeof UNITS)[number][0];

/** A room's outline out of a plan: a DXF or SVG file with a stated unit, looked at before it is taken. */
export function OutlineFile({
  open,
  room,
  onClose,
  onUse,
}: {
  open: boolean;
  room: Room;
  onClose: () => void;
  onUse: (outline: Point[]) => Promise<void>;
}) {
  const units = useUnits();
  const [text, setText] = useState<string | null>(null);
  const [unit, setUnit] = useState<Unit>('own');
  const [read, setRead] = useState<ReadOutline | null>(null);
  const [reading, setReading] = useState(false);
  const [problem, setProblem] = useState('');
  const look = async (content: string, by: Unit) => {
    setReading(true);
    setRead(await readPlan(content, by === 'own' ? undefined : Number(by)));
    setReading(false);
    setProblem('');
  };
  const close = () => {
    setText(null);
    setRead(null);
    setProblem('');
    onClose();
  };
  const size = read?.ok ? boundsOf(read.outline) : null;
  return (
    <Floating open={open} onClose={close} title="Outline from a plan">
      <p className="text-muted">
        A DXF or SVG file whose walls are one closed, straight line. Doors and what stands in the room stay as typed.
      </p>
      <label className="mt-3 block">
        <span className="mb-0.5 block text-xs text-muted">The plan</span>
        <input
          type="file"
          accept=".dxf,.svg"
          className="field"
          onChange={async (event) => {
            const [file] = event.target.files ?? [];
            if (!file) return;
            const content = await readTextFile(file);
            setText(content);
            await look(content, unit);
          }}
        />
      </label>
      <div className="mt-2">
        <ChoiceField
          label="One unit of the drawing is"
          value={unit}
          options={units.units === 'ft' ? FEET_FIRST : UNITS}
          onPick={(next) => {
            setUnit(next);
            if (text !== null) void look(text, next);
          }}
        />
      </div>
      {reading && <p className="mt-3 text-muted">Reading the plan …</p>}
      {read && !read.ok && (
        <p role="alert" className="mt-3 text-stop">
          {outlineProblemWords(read.problem)}
        </p>
      )}
      {read?.ok && size && (
        <div className="mt-3">
          <MiniFloor room={{ ...room, outline: read.outline, doors: [], fixed: [], painted: [] }} pieces={[]} width={380} height={220} />
          <p className="mt-1">
            {units.say(size.width)} × {units.say(size.depth)}, {read.outline.length} corners,{' '}
            {units.measure('area', Math.round(areaOf(read.outline)))} of floor
          </p>
        </div>
      )}
      {problem && (
        <p role="alert" className="mt-2 text-stop">
          {problem}
        </p>
      )}
      <div className="mt-4 flex gap-3">
        <button
          type="button"
          className="btn btn-tape"
          disabled={!read?.ok}
          onClick={() =>
            read?.ok &&
            void onUse(read.outline).then(close, (e) =>
              setProblem(`${problemWords(e)}. Move or remove what would stand outside, then try again.`),
            )
          }
        >
          Use this outline
        </button>
        <button type="button" className="btn" onClick={close}>
          Cancel
        </button>
      </div>
    </Floating>
  );
}
