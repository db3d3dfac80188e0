import { roleRota } from './roleRota.ts';
import { roundRobin } from './roundRobin.ts';

/** Somewhere a unit can be. */
export interface RotaPlace {
  /** What stands large on a chart: a number or a letter or two. */
  short: string;
  title: string;
  rests?: true;
}
/** Who goes round: a group, a team, a pair or one student. */
export interface RotaUnit {
  title: string;
  /** Group under whose pennant it goes. */
  pennant?: number;
  members: string[];
}
/** Who is where when. Seconds from the block's start; between two slots units are on their way. */
export interface Rota {
  units: RotaUnit[];
  places: RotaPlace[];
  /** where[u]: index into places. */
  slots: { at: number; until: number; where: number[] }[];
}

const REST: RotaPlace = { short: '–', title: 'Rest', rests: true };

function checkSeconds(name: string, value: number, least: number): void {
  if (!Number.isFinite(value) || value < least) throw new RangeError(`invalid ${name}: ${value}`);
}

/** A rota out of rounds as a fitted block has them: index of each group's place, −1 waiting. */
export function rotaOfRounds(
  units: RotaUnit[],
  places: RotaPlace[],
  rounds: readonly { at: number; until: number; places: readonly number[] }[],
  waiting: string,
): Rota {
  const waits = rounds.some((r) => r.places.some((p) => p < 0));
  const all: RotaPlace[] = waits ? [...places, { short: 'W', title: waiting || 'Wait', rests: true }] : places;
  return {
    units,
    places: all,
    slots: rounds.map((r) => ({ at: r.at, until: r.until, where: r.places.map((p) => (p < 0 ? places.length : p)) })),
  };
}

/** One slot after another, each `seconds` long with `change` between them. */
const timed = (wheres: number[][], seconds: number, change: number): Rota['slots'] =>
  wheres.map((where, i) => ({ at: i * (seconds + change), until: i * (seconds + change) + seconds, where }));

/**
 * Who keeps the courts of each slot, out of those who rest: the one who has done so least, then evened out: where a chain of slots
 * leads from one who keeps most to one who keeps least, each in it hands one slot on. As many as rest, at most one a court.
 */
export function refereesOf(slots: readonly { resting: number[]; courts: number }[], teams: number): number[][] {
  const count = new Array<number>(teams).fill(0);
  const keepers = slots.map(({ resting, courts }) => {
    const chosen = [...resting].sort((a, b) => count[a] - count[b] || a - b).slice(0, courts);
    for (const team of chosen) count[team]++;
    return chosen;
  });
  const chainFrom = (from: number): { slot: number; gives: number; takes: number }[] | undefined => {
    const before = new Map<number, { slot: number; gives: number; takes: number }>();
    const queue = [from];
    for (const gives of queue) {
      if (count[gives] <= count[from] - 2) {
        const chain = [];
        for (let at = gives; at !== from; at = before.get(at)!.gives) chain.unshift(before.get(at)!);
        return chain;
      }
      keepers.forEach((chosen, slot) => {
        if (!chosen.includes(gives)) return;
        for (const takes of slots[slot].resting) {
          if (takes === from || before.has(takes) || chosen.includes(takes)) continue;
          before.set(takes, { slot, gives, takes });
          queue.push(takes);
        }
      });
    }
    return undefined;
  };
  for (;;) {
    const order = count.map((_, t) => t).sort((a, b) => count[b] - count[a]);
    const chain = order.map(chainFrom).find((c) => c !== undefined);
    if (!chain) return keepers;
    for (const { slot, gives, takes } of chain) {
      keepers[slot] = keepers[slot].map((team) => (team === gives ? takes : team));
      count[gives]--;
      count[takes]++;
    }
  }
}

/**
 * Every team against every other on so many courts, in the fewest slots; with `referees` a resting team keeps a court, each
 * as often as can be. Places: courts, then the referees' of each court, then rest.
 */
export function rotaOfMatches(units: RotaUnit[], courts: number, seconds: number, change: number, referees: boolean): Rota {
  checkSeconds('seconds', seconds, 1);
  checkSeconds('change', change, 0);
  const { slots } = roundRobin({ teams: units.map((_, i) => String(i)), courts });
  const used = Math.max(0, ...slots.map((s) => s.matches.length));
  const numbers = Array.from({ length: used }, (_, c) => c + 1);
  const places: RotaPlace[] = [
    ...numbers.map((c) => ({ short: String(c), title: `Court ${c}` })),
    ...(referees ? numbers.map((c) => ({ short: `R${c}`, title: `Referee, court ${c}` })) : []),
    REST,
  ];
  const keepers = referees
    ? refereesOf(
        slots.map((s) => ({ resting: s.resting.map(Number), courts: s.matches.length })),
        units.length,
      )
    : [];
  const wheres = slots.map(({ matches }, i) => {
    const where = units.map(() => places.length - 1);
    matches.forEach((match, court) => {
      for (const team of match) where[Number(team)] = court;
    });
    keepers[i]?.forEach((team, court) => {
      where[team] = used + court;
    });
    return where;
  });
  return { units, places, slots: timed(wheres, seconds, change) };
}

/** Roles that everybody has equally often; who has none rests. */
export function rotaOfRoles(
  units: RotaUnit[],
  roles: readonly { id: string; seats: number }[],
  rounds: number,
  seconds: number,
  change: number,
): Rota {
  checkSeconds('seconds', seconds, 1);
  checkSeconds('change', change, 0);
  const rota = roleRota({ players: units.map((_, i) => String(i)), roles, rounds }).rounds;
  const places: RotaPlace[] = [...roles.map(({ id }) => ({ short: id.slice(0, 2).toUpperCase(), title: id })), REST];
  const wheres = rota.map((round) => {
    const where = units.map(() => roles.length);
    roles.forEach(({ id }, role) => {
      for (const unit of round[id]) where[Number(unit)] = role;
    });
    return where;
  });
  return { units, places, slots: timed(wheres, seconds, change) };
}

/**
 * Partners at exercises: one runs while the other exercises, then they swap, then both move on to the next exercise; of three one
 * runs in turn. The pairs begin spread over the exercises; 2 · exercises slots of `seconds`, `change` before every move.
 */
export function rotaOfPairs(pairs: readonly RotaUnit[], exercises: number, seconds: number, change: number): Rota {
  if (!Number.isInteger(exercises) || exercises < 1) throw new RangeError(`invalid exercises: ${exercises}`);
  checkSeconds('seconds', seconds, 1);
  checkSeconds('change', change, 0);
  const places: RotaPlace[] = [
    { short: 'Run', title: 'Run the loop' },
    ...Array.from({ length: exercises }, (_, e) => ({ short: String(e + 1), title: `Exercise ${e + 1}` })),
  ];
  const units = pairs.flatMap((pair, p) => pair.members.map((id): RotaUnit => ({ title: id, pennant: pair.pennant ?? p, members: [id] })));
  const slots = Array.from({ length: 2 * exercises }, (_, i) => {
    const at = i * seconds + Math.floor(i / 2) * change;
    const where = pairs.flatMap((pair, p) =>
      pair.members.map((_id, m) =>
        pair.members.length > 1 && i % pair.members.length === m ? 0 : 1 + ((p + Math.floor(i / 2)) % exercises),
      ),
    );
    return { at, until: at + seconds, where };
  });
  return { units, places, slots };
}

/** Where a unit is at a moment, and where it goes next. */
export interface Whereabouts {
  /** Undefined while on the way, before the first slot and after the last. */
  now: RotaPlace | undefined;
  /** Undefined where it stays to the end. */
  next: RotaPlace | undefined;
  /** Seconds until it is to be there. */
  inSeconds: number | undefined;
}

/** Where a unit of a rota is `at` seconds, and where next. A slot holds its start, not its end. */
export function whereAt(rota: Rota, unit: number, at: number): Whereabouts {
  const slot = rota.slots.find((s) => at >= s.at && at < s.until);
  const now = slot && rota.places[slot.where[unit]];
  const coming = rota.slots.find((s) => s.at > at);
  return { now, next: coming && rota.places[coming.where[unit]], inSeconds: coming && coming.at - at };
}

/** How often each unit is at each place: counts[u][p]. */
export function visits(rota: Rota): number[][] {
  return rota.units.map((_, u) => rota.places.map((__, p) => rota.slots.filter((s) => s.where[u] === p).length));
}
