import type { BlockChange } from '../../../core/fit/blockChange.ts';
import { counted, duration } from '../../../core/formats/speak.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { Pennant } from '../../parts/Pennant.tsx';
import { useUnits } from '../../parts/units.ts';
import { placeOf } from './WhoGoesWhere.tsx';

const panel = 'min-h-0 flex-1 overflow-auto bg-ink-2 p-6 max-[600px]:p-4 max-[900px]:flex-none';

/** New groups: who goes to which pennant; everybody else stays with theirs. */
export function NewGroups({ block, change, names }: { block: PlanBlock; change: BlockChange; names: Record<string, string> }) {
  const game = block.game!;
  const stay = game.groups.flat().length - change.movers.length;
  return (
    <div className={panel} tabIndex={0} role="region" aria-label="New groups">
      <p className="head text-2xl">
        {counted(change.movers.length, 'student')} {change.movers.length === 1 ? 'changes' : 'change'} group
      </p>
      <p className="text-lg text-[#c3ccd6]">{stay === 1 ? '1 stays with their pennant.' : `${stay} stay with their pennant.`}</p>
      <ul className="mt-3 grid grid-cols-2 gap-x-6 max-[600px]:grid-cols-1">
        {game.groups.map((_, g) => {
          const coming = change.movers.filter((m) => m.to === g);
          return (
            <li key={`to-${g + 1}`} className="flex items-start gap-3 border-t border-white/20 py-1.5">
              <Pennant index={g} width={40} light />
              <p className="min-w-0">
                <span className="head text-lg">
                  {g + 1}
                  <span className="text-[#c3ccd6]"> at {placeOf(game, 0, g) ?? 'the floor'}</span>
                </span>
                <span className="block text-base">
                  {coming.length ? `come: ${coming.map((m) => names[m.student] ?? '').join(', ')}` : 'nobody new'}
                </span>
              </p>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

/** What the adults and the crew do now. */
export function FloorWorkPanel({ change }: { change: BlockChange }) {
  const { say } = useUnits();
  const { tapeOutM, tapeInM, carried } = change.work;
  const work = [
    ...(tapeOutM > 0 ? [`Pull up ${say(Math.round(tapeOutM))} of tape of ${change.from}`] : []),
    ...(carried > 0 ? [`Carry ${counted(carried, 'piece')} of gear to the new floor`] : []),
    ...(tapeInM > 0 ? [`Lay ${say(Math.round(tapeInM))} of tape`] : []),
  ];
  return (
    <div className={panel} tabIndex={0} role="region" aria-label="Change of floor">
      <p className="head text-2xl">The floor is changed, about {duration(change.floorSeconds)}</p>
      <ol className="mt-2 list-decimal pl-6 text-lg">
        {work.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ol>
      <p className="mt-3 text-base text-[#c3ccd6]">Adults tape, the gear crew carries. Everyone else sits where they can watch.</p>
    </div>
  );
}
