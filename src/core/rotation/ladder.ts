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
 * Where everyone stands after a round on a ladder of courts, the last being the top: a winner takes the place that the winner above
 * leaves; the winner below the top takes the place of the top's loser, who takes the place that the lowest winner leaves. The top's
 * winner and all other losers stay. One court stays as it is. RangeError where a winner is not of its court.
 */
export function ladderNext(courts: readonly Court[], winners: readonly string[]): [string, string][] {
  check(courts, winners);
  const m = courts.length;
  const next = courts.map((court): [string, string] => [...court]);
  if (m < 2) return next;
  const seat = (court: number, id: string) => courts[court].indexOf(id);
  const top = courts[m - 1];
  const loserSeat = 1 - seat(m - 1, winners[m - 1]);
  for (let i = 0; i < m - 2; i++) next[i + 1][seat(i + 1, winners[i + 1])] = winners[i];
  next[m - 1][loserSeat] = winners[m - 2];
  next[0][seat(0, winners[0])] = top[loserSeat];
  return next;
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
