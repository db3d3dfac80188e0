import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { Pennant } from '../../parts/Pennant.tsx';

type Game = NonNullable<PlanBlock['game']>;

/** Where a group is in a round: its place's number and title. */
export function placeOf(game: Game, round: number, group: number): string | null {
  const at = game.rounds[round]?.[group];
  if (at === undefined) return null;
  const piece = game.pieces[at];
  return at < 0 ? 'wait with a task' : piece ? `${piece.number} ${piece.title}` : `area ${at + 1}`;
}

/** Every group's pennant, where it begins and who is in it. */
export function WhoGoesWhere({ game, names }: { game: Game; names: Record<string, string> }) {
  if (game.groups.length < 2) return null;
  return (
    <ul className="mt-3 grid grid-cols-2 gap-x-6 gap-y-1 max-[600px]:grid-cols-1" aria-label="Who goes where">
      {game.groups.map((members, g) => (
        <li key={`group-${g + 1}`} className="flex items-start gap-3 border-t border-white/20 py-1.5">
          <Pennant index={g} width={36} light />
          <p className="min-w-0">
            <span className="head text-lg">
              {g + 1} → {placeOf(game, 0, g) ?? 'the floor'}
            </span>
            <span className="block text-sm text-[#c3ccd6]">{members.map((id) => names[id] ?? '').join(', ')}</span>
          </p>
        </li>
      ))}
    </ul>
  );
}
