import type { FittedGame } from '../../../core/fit/fitted.ts';
import { formatWords } from '../../../core/words/en.ts';

/** Who has which role in each round, if the plan gives any: those first who have had it least in the last lessons. */
export function RolesByRound({ game, nameOf }: { game: FittedGame; nameOf(id: string): string }) {
  const { roles = {} } = formatWords(game.format);
  const rounds = game.timeline.bouts.map((bout) => bout.stays.filter((s) => s.role && roles[s.role]));
  if (!rounds.some((stays) => stays.length)) return null;
  return (
    <section className="mt-4" aria-label="Roles by round">
      <h2 className="border-b text-base">Roles by round</h2>
      <ol>
        {rounds.map((stays, r) => (
          <li key={`round-${r + 1}`} className="flex items-baseline gap-3 border-b py-1">
            <span className="head w-20 shrink-0 text-base">Round {r + 1}</span>
            <span>{stays.map((s) => `${roles[s.role!]}: ${s.members.map(nameOf).join(', ')}`).join('. ')}</span>
          </li>
        ))}
      </ol>
      <p className="mt-1 text-xs text-muted">Students who had a role least in the last lessons come first.</p>
    </section>
  );
}
