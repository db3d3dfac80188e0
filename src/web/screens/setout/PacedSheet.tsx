import type { PacedList, PacesFrom } from '../../../core/arrange/paced.ts';
import type { Room } from '../../../core/model/room.ts';
import { unitWords } from '../../../core/words/floor.en.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';
import { minutes, type TapeSettings } from './SetOutFigures.tsx';

/** Half paces as "3½". */
const pacesText = (paces: number) => `${Math.floor(paces) || (paces % 1 ? '' : 0)}${paces % 1 ? '½' : ''}`;

/** What everything is set up by, without a tape: paces from walls, painted lines and what is there already. */
export function PacedSheet({
  paced,
  walls,
  units,
  settings,
  painted,
}: {
  paced: PacedList;
  walls: readonly string[];
  units: Units;
  settings: TapeSettings;
  painted: Room['painted'];
}) {
  const name = (unit: number) => unitWords(paced.units[unit]);
  const target = ({ from, index }: PacesFrom) =>
    from === 'wall' ? `the ${walls[index]}` : from === 'line' ? `the ${painted[index].colour} line of ${painted[index].name}` : name(index);
  const words = (f: PacesFrom) =>
    f.paces === 0 ? `in line with ${target(f)}` : `${pacesText(f.paces)} pace${f.paces > 1 ? 's' : ''} ${f.towards} of ${target(f)}`;
  const read = (text: string) => {
    const metres = units.read(text);
    if (metres < 0.3 || metres > 1.5) throw new Error(`A pace of ${units.say(0.3)} to ${units.say(1.5)}.`);
    settings.setPace(metres);
  };
  return (
    <>
      <ol className="min-h-0 flex-1 overflow-auto print:columns-2 print:overflow-visible" aria-label="Places in walking order" tabIndex={0}>
        {paced.steps.map((step, i) => (
          <li key={step.unit} className="flex break-inside-avoid gap-3 border-b px-4 py-2">
            <span className="head w-8 shrink-0 text-right text-lg text-tape">{i + 1}</span>
            <span className="min-w-0">
              <span className="head block truncate text-base">{name(step.unit)}, its middle</span>
              {step.from.map((f) => (
                <span key={f.towards} className="block">
                  {words(f)}
                </span>
              ))}
            </span>
          </li>
        ))}
      </ol>
      <section aria-label="What it takes" className="shrink-0 border-t border-ink px-4 py-3">
        <p className="head text-lg">{minutes(paced.layOutSeconds)}, paced</p>
        <p className="text-muted">Within about 20 cm, with a cone at each corner instead of tape. Look once more at walls and doors.</p>
        <div className="mt-2 w-40 print:hidden">
          <CommitField label="My pace" value={units.say(settings.paceM)} onCommit={read} />
        </div>
      </section>
    </>
  );
}
