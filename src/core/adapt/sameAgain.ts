import type { AdaptationFor } from '../model/adaptation.ts';

/** A lesson of the class that has been: which game each block played, and what was in use for students. */
export interface EarlierLesson {
  games: Readonly<Record<string, string>>;
  choices: readonly AdaptationFor[];
}

/** Where a student plays now: the game of the block, and the place if it has several. */
export interface PlaceNow {
  student: string;
  block: string;
  game: string;
  place?: string;
}

/** A plan that was in use, for where it is asked again. */
export type SameAgain = Pick<AdaptationFor, 'student' | 'block' | 'place' | 'withoutAdult'> & {
  accepted: NonNullable<AdaptationFor['accepted']>;
};

/**
 * What was in use the last time that each student played the same game at the same place; `earlier` from the newest. A lesson in which
 * nothing was in use for a student there is passed over. Whether what it takes is still there is for the matching to say.
 */
export function sameAgain(earlier: readonly EarlierLesson[], now: readonly PlaceNow[]): SameAgain[] {
  return now.flatMap(({ student, block, game, place }): SameAgain[] => {
    for (const { games, choices } of earlier) {
      const last = choices.find((c) => c.student === student && games[c.block] === game && c.place === place && c.accepted?.length);
      if (!last?.accepted) continue;
      const { accepted, withoutAdult } = last;
      return [{ student, block, ...(place === undefined ? {} : { place }), accepted, ...(withoutAdult ? { withoutAdult } : {}) }];
    }
    return [];
  });
}
