import { useState } from 'react';
import { ladderNext, winnersMoveOn } from '../../../core/rotation/ladder.ts';

/** Courts in a row: press who won on each, and see where everybody goes. An odd one rests and comes in for the bottom court's loser. */
export function LadderTable({ members }: { members: readonly string[] }) {
  const paired = (list: readonly string[]) =>
    Array.from({ length: Math.floor(list.length / 2) }, (_, i): [string, string] => [list[2 * i], list[2 * i + 1]]);
  const [courts, setCourts] = useState(() => paired(members));
  const [rest, setRest] = useState(members.length % 2 ? members[members.length - 1] : null);
  const [winners, setWinners] = useState<Record<number, string>>({});
  const [ring, setRing] = useState(false);
  const [round, setRound] = useState(1);
  const [before, setBefore] = useState<{ courts: [string, string][]; rest: string | null }[]>([]);
  const done = courts.length > 0 && courts.every((_, i) => winners[i]);
  const move = () => {
    const won = courts.map((_, i) => winners[i]);
    const next = (ring ? winnersMoveOn : ladderNext)(courts, won);
    let sits = rest;
    if (sits !== null) {
      // Whoever lost on the first court rests next; the one who rested takes that place.
      const loser = courts[0].find((id) => id !== won[0])!;
      const at = next.findIndex((c) => c.includes(loser));
      next[at] = next[at].map((id) => (id === loser ? sits! : id)) as [string, string];
      sits = loser;
    }
    setBefore([...before, { courts, rest }]);
    setCourts(next);
    setRest(sits);
    setWinners({});
    setRound(round + 1);
  };
  if (!courts.length) return <p className="text-muted">A ladder needs at least two.</p>;
  return (
    <div className="flex h-full min-h-0 flex-col gap-3">
      <div className="flex flex-wrap items-center gap-3 print:hidden">
        <span className="head text-lg">Round {round}</span>
        <label className="flex items-center gap-2">
          <input type="checkbox" className="h-5 w-5 accent-tape" checked={ring} onChange={(e) => setRing(e.target.checked)} />
          winners move to the next court, others stay
        </label>
        <button type="button" className="btn btn-tape" disabled={!done} onClick={move}>
          All move
        </button>
        <button
          type="button"
          className="btn"
          disabled={!before.length}
          onClick={() => {
            const last = before[before.length - 1];
            setCourts(last.courts);
            setRest(last.rest);
            setWinners({});
            setRound(round - 1);
            setBefore(before.slice(0, -1));
          }}
        >
          One round back
        </button>
        {rest !== null && <span>{rest} rests</span>}
      </div>
      <ol
        aria-label="Courts"
        className="grid min-h-0 flex-1 auto-rows-min grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-3 overflow-auto"
      >
        {courts.map((court, i) => (
          <li key={`court-${i + 1}`} className="border-[1.5px] border-tape bg-[#f8f6ef] p-2">
            <p className="head text-base text-tape">
              {ring ? 'Bay' : 'Court'} {i + 1}
              {!ring && i === courts.length - 1 && ' (top)'}
            </p>
            {court.map((id) => (
              <button
                key={id}
                type="button"
                aria-pressed={winners[i] === id}
                className={`mt-1 block w-full border px-2 py-2 text-left text-lg ${winners[i] === id ? 'border-ink bg-tape text-white' : 'border-line bg-paper hover:bg-tint'}`}
                onClick={() => setWinners({ ...winners, [i]: id })}
              >
                {id}
                {winners[i] === id && ' won'}
              </button>
            ))}
          </li>
        ))}
      </ol>
    </div>
  );
}
