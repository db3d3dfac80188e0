/** What kind of unit goes around together. */
export type UnitKind = 'group' | 'side' | 'line' | 'pair' | 'solo';

/** A unit in a bout: who, where, as what. Several units may be at one place. */
export interface Stay {
  kind: UnitKind;
  members: readonly string[];
  /** Index of the place in the block's places; −1 if they have none: they wait or rest. */
  piece: number;
  /** What they are, if it is planned; what play decides is in its view. */
  role?: string;
}

/** Where everyone is from one signal to the next. Seconds from the block's start; `lap`: which time through it is. */
export interface Bout {
  at: number;
  until: number;
  lap: number;
  stays: Stay[];
}

export const stay = (kind: UnitKind, members: readonly string[], piece: number, role?: string): Stay => ({
  ...{ kind, members, piece },
  ...(role ? { role } : {}),
});

/** Every group at the place with its own number, or all of them at one place. */
export const eachAtOwn = (kind: UnitKind, groups: readonly (readonly string[])[]): Stay[] =>
  groups.map((members, g) => stay(kind, members, g));
export const allAtOne = (groups: readonly (readonly string[])[]): Stay[] => [stay('group', groups.flat(), 0)];

/** The stay of a student in a bout. */
export const stayOf = (bout: Bout, student: string): Stay | undefined => bout.stays.find((s) => s.members.includes(student));

/** Where each group is in each bout, by its first member: rounds[r][g] is the index of a place, −1 for none. */
export const roundsOf = (groups: readonly (readonly string[])[], bouts: readonly Bout[]): number[][] =>
  bouts.map((bout) => groups.map(([first]) => (first === undefined ? -1 : (stayOf(bout, first)?.piece ?? -1))));
