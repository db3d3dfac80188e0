import { assign } from '../assign.ts';

export interface RotaRequest {
  players: readonly string[];
  roles: readonly { id: string; seats: number }[];
  rounds: number;
  /** How often players had a role before, by role and player: those who had it least come first. */
  had?: Readonly<Record<string, Readonly<Record<string, number>>>>;
}

/** What a seat costs that its player may not take any more. */
const NEVER = 1e6;

function check({ players, roles, rounds }: RotaRequest): void {
  if (!Array.isArray(players)) throw new RangeError(`invalid players: ${String(players)}`);
  if (!Array.isArray(roles)) throw new RangeError(`invalid roles: ${String(roles)}`);
  for (const [name, ids] of Object.entries({ player: players, role: roles.map((r) => r.id) })) {
    const seen = new Set<string>();
    for (const id of ids) {
      if (typeof id !== 'string' || id === '' || seen.has(id)) throw new RangeError(`invalid or repeated ${name}: ${JSON.stringify(id)}`);
      seen.add(id);
    }
  }
  for (const { id, seats } of roles) if (!Number.isInteger(seats) || seats < 0) throw new RangeError(`invalid seats of ${id}: ${seats}`);
  if (!Number.isInteger(rounds) || rounds < 0 || rounds > 1000) throw new RangeError(`invalid rounds: ${rounds}`);
}

/** How often every player holds each role in all: the whole share, and what is left over dealt on round the players. */
function sharesOf(players: number, seats: readonly number[], rounds: number): number[][] {
  let next = 0;
  const shares = Array.from({ length: players }, () => seats.map((s) => Math.floor((s * rounds) / players)));
  seats.forEach((s, role) => {
    for (let left = (s * rounds) % players; left > 0; left--) shares[next++ % players][role]++;
  });
  return shares;
}

/** Shares that even out what was had before: every seat of a role goes to whoever has had it least, as long as rounds are left. */
function eveningShares({ players, roles, rounds, had = {} }: RotaRequest, seats: readonly number[]): number[][] {
  const shares = players.map(() => seats.map(() => 0));
  const left = players.map(() => rounds);
  roles.forEach(({ id }, role) => {
    const times = players.map((player) => had[id]?.[player] ?? 0);
    for (let seat = 0; seat < seats[role] * rounds; seat++) {
      let least = -1;
      for (let p = 0; p < players.length; p++) if (left[p] > 0 && (least < 0 || times[p] < times[least])) least = p;
      times[least]++;
      left[least]--;
      shares[least][role]++;
    }
  });
  left.forEach((rest, p) => {
    shares[p][seats.length - 1] = rest;
  });
  return shares;
}

/**
 * Who holds which role in every round: each role, and resting, within one of equal for everybody. The shares are dealt first;
 * then every round takes one of each player's (a regular bipartite graph always holds such a matching, D. Kőnig 1916), the
 * ones most behind first and not the same role twice running where that can be. Seats beyond the players stay empty, the
 * last roles' first. Who is in no role rests. With `had`, what is evened out is how often each had a role in all.
 */
export function roleRota(request: RotaRequest): { rounds: Record<string, string[]>[] } {
  check(request);
  const { players, roles, rounds } = request;
  const n = players.length;
  let free = n;
  const seats = roles.map((role) => {
    const taken = Math.min(role.seats, free);
    free -= taken;
    return taken;
  });
  const empty = (): Record<string, string[]> => Object.fromEntries(roles.map((role) => [role.id, []]));
  if (n === 0) return { rounds: Array.from({ length: rounds }, empty) };
  const all = [...seats, free];
  const left = request.had ? eveningShares(request, all) : sharesOf(n, all, rounds);
  const whole = left.map((row) => [...row]);
  const columns = all.flatMap((count, role) => Array<number>(count).fill(role));
  let before = new Array<number>(n).fill(-1);
  return {
    rounds: Array.from({ length: rounds }, (_, r) => {
      const behind = (p: number, role: number) => left[p][role] - whole[p][role] * (1 - r / rounds);
      const costs = left.map((row, p) =>
        columns.map((role) => (row[role] === 0 ? NEVER : (before[p] === role ? 1.5 : 0) - behind(p, role))),
      );
      const taken = assign(costs).map((column) => columns[column]);
      before = taken;
      const round = empty();
      taken.forEach((role, p) => {
        left[p][role]--;
        if (role < roles.length) round[roles[role].id].push(players[p]);
      });
      return round;
    }),
  };
}
