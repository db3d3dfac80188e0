import type { BlockFacts } from '../adapt/candidate.ts';
import { isImplement, isObject, type Thing } from '../adapt/things.ts';
import { type Ask, demandsOf, purposeOf } from '../formats/asks.ts';
import { stayOf } from '../formats/bouts.ts';
import { gapOf } from '../formats/setting.ts';
import { mayBeLatex } from '../gear/kinds.ts';
import type { Demands } from '../model/demand.ts';
import type { Game } from '../model/game.ts';
import type { AdaptBlock, GameRecord } from './fitForAll.ts';
import type { FitInput, FittedBlock, FittedLesson } from './fitted.ts';

/** A part of a block that is one task: the whole block, or one place while one group is there. */
export interface Part extends AdaptBlock {
  game: GameRecord;
  block: string;
  place?: string;
  title?: string;
  facts: PartFacts;
}

type PartFacts = Partial<Pick<BlockFacts, 'object' | 'implement' | 'boutSeconds' | 'gapM' | 'taken'>>;

/** What parts look at beside the lesson's facts: gear that the lesson needs, and the closet with what is typical filled in. */
type PartInput = Pick<FitInput, 'games' | 'ratings'> & Pick<FittedLesson, 'gear'> & { closet: { gearKind: string; thing: Thing }[] };

/** The tasks of a block. Where places ask for different things, each place while a group is there. */
export function partsOf(block: FittedBlock, input: PartInput, band: string): Part[] {
  const { game } = block;
  if (!game) return [];
  const record = input.games.find((g) => g.id === game.gameId);
  const gapM = gapOf(game) > 0 ? { gapM: gapOf(game) } : {};
  const longest = (round?: number) =>
    Math.max(
      0,
      ...block.segments.filter((s) => s.kind === 'work' && (round === undefined || s.round === round)).map((s) => s.until - s.at),
    );
  const groupOf = (id: string) => game.groups.findIndex((g) => g.includes(id));
  /** What the class has of each item; one for each student with supports is theirs already. */
  const taken = (players: readonly string[]) => {
    const own = players.filter((id) => input.ratings.some((r) => r.studentId === id && r.supports.length > 0)).length;
    const lines = input.gear.filter((l) => l.blockId === block.id);
    return Object.fromEntries(lines.flatMap((l) => shared(l.need - own + l.promised.reduce((sum, p) => sum + p.count, 0), l.from)));
  };
  const part = (
    id: string,
    asks: readonly Ask[],
    players: readonly string[],
    { at: from, until }: { at: number; until: number },
    boutSeconds: number,
    role?: string,
  ): Part => {
    const kinds = new Set(asks.flatMap((a) => a.gearKinds));
    const things = input.closet.flatMap(({ gearKind, thing }) => (kinds.has(gearKind) ? [thing] : []));
    return {
      ...{ id, block: block.id, band, from, until },
      game: gameRecord(asks, record, things),
      players: players.map((s) => ({ id: s, group: groupOf(s), ...(role === undefined ? {} : { role }) })),
      facts: { ...piecesIn(things), boutSeconds, ...gapM, taken: taken(players) },
    };
  };
  if (!game.asks.some((a) => a.place !== undefined)) {
    const everyone = game.groups.flat();
    const inRoles = rolesOf(game, everyone);
    if (!inRoles) return [part(block.id, game.asks, everyone, { at: block.at, until: block.at + block.seconds }, longest())];
    return inRoles.map(({ role, students, round, bout }) => ({
      ...part(
        `${block.id}|${role}|${round}`,
        game.asks,
        students,
        { at: block.at + bout.at, until: block.at + bout.until },
        longest(round),
        role,
      ),
      place: role,
    }));
  }
  const seen = new Set<string>();
  return game.timeline.bouts.flatMap((bout, round) =>
    game.pieces.flatMap((piece, p): Part[] => {
      const here = game.groups.flat().filter((id) => stayOf(bout, id)?.piece === p && !seen.has(`${piece.id}|${id}`));
      const asks = game.asks.filter((a) => a.place === piece.id);
      if (here.length === 0 || asks.length === 0) return [];
      for (const id of here) seen.add(`${piece.id}|${id}`);
      const made = part(
        `${block.id}|${piece.id}|${round}`,
        asks,
        here,
        { at: block.at + bout.at, until: block.at + bout.until },
        longest(round),
      );
      return [{ ...made, place: piece.id, title: `${piece.number} ${piece.title}` }];
    }),
  );
}

/** Who has which role for the first time in which round; undefined if the plan gives nobody a role that the game asks for. */
function rolesOf(
  { asks, timeline: { bouts } }: Pick<NonNullable<FittedBlock['game']>, 'asks' | 'timeline'>,
  everyone: readonly string[],
): { role: string; students: string[]; round: number; bout: (typeof bouts)[number] }[] | undefined {
  const asked = [...new Set(asks.flatMap((a) => a.role ?? []))];
  const given = new Set(bouts.flatMap((b) => b.stays.flatMap((s) => s.role ?? [])));
  // What nobody is named for, everyone else is.
  const usual = asked.find((role) => !given.has(role));
  if (asked.length < 2 || usual === undefined || !asked.some((role) => given.has(role))) return undefined;
  const seen = new Set<string>();
  return bouts.flatMap((bout, round) =>
    asked.flatMap((role) => {
      const students = everyone.filter((student) => {
        const own = stayOf(bout, student)?.role;
        return (own !== undefined && asked.includes(own) ? own : usual) === role && !seen.has(`${role}|${student}`);
      });
      for (const student of students) seen.add(`${role}|${student}`);
      return students.length ? [{ role, students, round, bout }] : [];
    }),
  );
}

/** A number of things taken from items of one kind, the first items first. */
function shared(count: number, from: readonly { id: string; count: number }[]): [string, number][] {
  let left = Math.max(0, count);
  return from.map(({ id, count: there }) => {
    const here = Math.min(left, there);
    left -= here;
    return [id, here];
  });
}

/** Demands and purpose of a task; what the game's own record says comes on top, and latex if some of its gear may have it. */
function gameRecord(asks: readonly Ask[], game: Game | undefined, things: readonly Thing[]): GameRecord {
  const latex: Demands = things.some(mayBeLatex) ? { 'touch-latex': 1 } : {};
  const isOwn = game !== undefined && game.purpose.length > 0 && !asks.some((a) => a.place);
  return { demands: [...demandsOf(asks, latex), ...(game?.demands ?? [])], purpose: isOwn ? game.purpose : purposeOf(asks) };
}

/** What is played with and hit with at a task. */
function piecesIn(things: readonly Thing[]): PartFacts {
  const there = things.filter((t) => t.count > 0);
  const object = there.find(isObject);
  const implement = there.find(isImplement);
  return { ...(object && { object }), ...(implement && { implement }) };
}
