type Court = readonly [string, string];

function check(courts: readonly Court[], winners: readonly string[]): void {
  const ids = courts.flat();
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice !== undefined) throw new RangeError(`repeated player: ${JSON.stringify(twice)}`);
  if (winners.length !== courts.length) throw new RangeError(`invalid winners: ${winners.length} for ${courts.length} courts`);
  winners.forEach((winner, i) => {
    if (!courts[i].includes(winner)) throw new RangeError(`unknown winner of court ${i + 1}: ${JSON.stringify(winner)}`);
  });
}

/**
 * Who stands where after a round on a ladder of courts, the last being the top; `onward[i]`: the seat of court i whose holder moves on.
 * Each takes the place that the one above leaves; the one below the top takes the other place of the top court, whose holder comes down
 * to the place that court 1's leaves. Everybody else stays. One court stays as it is.
 */
export function ladderSeats<S>(courts: readonly (readonly [S, S])[], onward: readonly (0 | 1)[]): [S, S][] {
  const top = courts.length - 1;
  const next = courts.map((court): [S, S] => [...court]);
  if (top < 1) return next;
  const comesDown = 1 - onward[top];
  for (let i = 0; i < top - 1; i++) next[i + 1][onward[i + 1]] = courts[i][onward[i]];
  next[top][comesDown] = courts[top - 1][onward[top - 1]];
  next[0][onward[0]] = courts[top][comesDown];
  return next;
}

/** The same by the names of the winners. RangeError where a winner is not of its court. */
export function ladderNext(courts: readonly Court[], winners: readonly string[]): [string, string][] {
  check(courts, winners);
  return ladderSeats(
    courts,
    winners.map((winner, i) => (courts[i][0] === winner ? 0 : 1)),
  );
}

/** Where everyone stands after a round in which every winner walks one bay on, the last one's to the first, and losers stay. */
export function winnersMoveOn(bays: readonly Court[], winners: readonly string[]): [string, string][] {
  check(bays, winners);
  const m = bays.length;
  return bays.map((bay, i): [string, string] => {
    const arrives = winners[(i - 1 + m) % m];
    return bay[0] === winners[i] ? [arrives, bay[1]] : [bay[0], arrives];
  });
}
