import type { AdaptationFor } from '../model/adaptation.ts';

/** What is brought beside the game's own gear for plans in use, and where: never for whom. */
export interface ToBring {
  /** The item's id, or what is made. */
  gearId?: string;
  homeMade?: string;
  count: number;
  block: string;
  /** Ids of the places it goes to; none if it goes to all of the block. */
  places: string[];
}

interface InUse {
  block: string;
  place?: string;
  from: number;
  until: number;
  isAccepted: boolean;
  dials: readonly { uses?: readonly { gearId: string; count: number }[]; homeMade?: string; to: string }[];
}

/** The most of a number over intervals of time. */
function mostAtOnce(list: readonly { from: number; until: number; count: number }[]): number {
  return Math.max(0, ...list.map(({ from }) => list.filter((o) => o.from <= from && from < o.until).reduce((sum, o) => sum + o.count, 0)));
}

/** Things that plans in use take, block by block: as many as there must be at once. What is made counts as one thing, not as its materials. */
export function toBring(plans: readonly InUse[]): ToBring[] {
  type Use = { key: string; gearId?: string; homeMade?: string; block: string; place?: string; from: number; until: number; count: number };
  const uses = plans
    .filter((p) => p.isAccepted)
    .flatMap(({ block, place, from, until, dials }) =>
      dials.flatMap(({ uses: taken = [], homeMade }): Use[] => {
        const at = { block, ...(place === undefined ? {} : { place }), from, until };
        if (homeMade !== undefined) return [{ key: `${block}|made:${homeMade}`, homeMade, count: 1, ...at }];
        return taken.map(({ gearId, count }) => ({ key: `${block}|${gearId}`, gearId, count, ...at }));
      }),
    );
  return [...new Set(uses.map((u) => u.key))].map((key): ToBring => {
    const same = uses.filter((u) => u.key === key);
    const [{ gearId, homeMade, block }] = same;
    return {
      ...(gearId === undefined ? {} : { gearId }),
      ...(homeMade === undefined ? {} : { homeMade }),
      block,
      count: mostAtOnce(same),
      places: [...new Set(same.flatMap((u) => u.place ?? []))].sort(),
    };
  });
}

/** What the one who runs a lesson has to know now: for whom, where, and the choice that is in use. */
export interface ChoiceNow extends AdaptationFor {
  /** Title of the place, where the block has several. */
  title?: string;
}

/** Choices in use in a block of a running lesson; with places, those of students whose group is there in the round. */
export function choicesNow(
  choices: readonly AdaptationFor[],
  block: {
    id: string;
    game?: {
      groups: readonly (readonly string[])[];
      rounds: readonly (readonly number[])[];
      pieces: readonly { id: string; number: number; title: string }[];
    };
  },
  round: number,
): ChoiceNow[] {
  const { game } = block;
  return choices.flatMap((choice): ChoiceNow[] => {
    if (choice.block !== block.id || !choice.accepted?.length) return [];
    if (choice.place === undefined || !game) return [choice];
    // A role has no place of its own: what is in use for it holds in every round.
    if (!game.pieces.some((p) => p.id === choice.place)) return [choice];
    const group = game.groups.findIndex((g) => g.includes(choice.student));
    const piece = game.pieces[game.rounds[Math.max(0, round)]?.[group] ?? -1];
    return piece?.id === choice.place ? [{ ...choice, title: `${piece.number} ${piece.title}` }] : [];
  });
}
