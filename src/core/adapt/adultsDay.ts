/** A period that an adult is in, in seconds since midnight. */
export interface AdultPeriod {
  id: string;
  from: number;
  until: number;
  room: string;
  adults: readonly string[];
}

/** One adult's day: the periods they are in, in order; which of them overlap; which begin before they can have come from the other room. */
export interface AdultDay {
  adult: string;
  periods: AdultPeriod[];
  /** Two periods at the same time: one adult can't be in both. */
  twice: [string, string][];
  /** One right after the other in another room, with the seconds between them. */
  tight: { after: string; before: string; seconds: number }[];
}

/** Seconds that an adult has between two rooms, at least. Side Court default. */
export const BETWEEN_ROOMS_SECONDS = 120;

/** The day of every adult who is in some period, by the order in which the adults are given. */
export function adultsDay(adults: readonly string[], periods: readonly AdultPeriod[]): AdultDay[] {
  const inOrder = [...periods].sort((a, b) => a.from - b.from || a.until - b.until || (a.id < b.id ? -1 : 1));
  return adults.flatMap((adult): AdultDay[] => {
    const own = inOrder.filter((p) => p.adults.includes(adult));
    if (!own.length) return [];
    const pairs = own.flatMap((a, i) => own.slice(i + 1).map((b) => [a, b] as const));
    return [
      {
        adult,
        periods: own,
        twice: pairs.filter(([a, b]) => b.from < a.until).map(([a, b]) => [a.id, b.id]),
        tight: pairs
          .map(([a, b]) => ({ after: a.id, before: b.id, seconds: b.from - a.until, isOther: a.room !== b.room }))
          .filter(({ seconds, isOther }) => isOther && seconds >= 0 && seconds < BETWEEN_ROOMS_SECONDS)
          .map(({ isOther: _, ...pair }) => pair),
      },
    ];
  });
}
