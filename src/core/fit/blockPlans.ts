import type { PlanInput, PlannedBlock } from '../formats/format.ts';
import { formatOf } from '../formats/registry.ts';
import { contentIds, Recent } from '../memoize.ts';
import { bandOf } from '../model/band.ts';
import type { FindingDraft } from '../model/finding.ts';
import type { Game } from '../model/game.ts';
import type { Block } from '../model/lesson.ts';
import { defaultsFor, ladderOf, limitsFor } from '../model/school.ts';
import { seedOf } from '../rng.ts';
import { conesForTape } from './conesForTape.ts';
import { type BlockInput, type FittedGame, takenFloor } from './fitted.ts';
import { hostsFor } from './hostsFor.ts';
import { traitsOf } from './traitsOf.ts';

/** Round where tapes show feet and inches. */
const SIX_INCHES_M = 0.1524;

/** How many plans of blocks are kept: enough for a lesson and every idea that is weighed for it. */
const KEPT = 320;

/** A game as it is once the length of its block is known, and what its format noticed. */
export interface FinishedGame {
  game: FittedGame;
  noticed: readonly FindingDraft[];
}

/** One block worked out: all that follows from the block itself, the people, the room and the gear. */
export interface BlockPlan {
  /** Undefined if the block has no game. */
  plan?: PlannedBlock;
  finish?(seconds: number): FinishedGame;
  /** What each check found in this block. The second key says where the groups are in each round, as text. */
  noticed: Map<unknown, Map<string, readonly FindingDraft[]>>;
}
export type PlanOf = (input: BlockInput, block: Block, game: Game | undefined, playing: readonly string[]) => BlockPlan;

/** A game planned: groups, floor, gear and bounds, before its length is known. */
function planGame(input: BlockInput, block: Block, game: Game, playing: readonly string[]): PlannedBlock {
  const band = bandOf(input.schoolClass.grade);
  const own = new Map(input.ratings.map((r) => [r.studentId as string, r]));
  const pairs = (wish: 'apart' | 'together') =>
    input.wishes.filter((w) => w.wish === wish).map((w) => [w.students[0], w.students[1]] as const);
  const { game: chosen } = block;
  const format = formatOf(game.format);
  const given: PlanInput = {
    blockId: block.id,
    gameValues: game.bands[band] ?? {},
    teacherValues: chosen!.settings,
    band,
    defaults: defaultsFor(input.school, band),
    players: playing.map((id) => traitsOf(id, own.get(id))),
    apart: pairs('apart'),
    together: pairs('together'),
    room: input.room,
    taken: takenFloor(input, block.laid),
    wallClearanceM: limitsFor(input.school).wallClearanceM,
    ...(input.school.units === 'ft' ? { roundM: SIX_INCHES_M } : {}),
    storedGroups: chosen!.groups?.value,
    locks: chosen!.locks,
    placed: Object.fromEntries(Object.entries(chosen!.placed).map(([id, p]) => [id, p.value])),
    cupboard: input.cupboard,
    gearKinds: input.gearKinds ?? [],
    stopSignal: game.stopSignal || input.school.stopSignal,
    rules: { game: game.rules, teacher: chosen!.rules ?? [], offences: game.offences, ladder: ladderOf(input.school) },
    ...(input.history ? { had: input.history.roles, stages: input.history.stages } : {}),
    seed: seedOf(block.id),
  };
  const made = format.plan(game.setup, format.isHost ? { ...given, hosts: hostsFor(given, input.games) } : given);
  // A place that fit has put somewhere is not stuck down.
  const isFree = (id: string) => chosen!.placed[id]?.by === 'fit';
  const plan = { ...made, pieces: made.pieces.map((piece) => (isFree(piece.id) ? { ...piece, pinned: false } : piece)) };
  return block.marks === 'cones' ? conesForTape(plan, input.cupboard) : plan;
}

/** A block planned afresh. */
export const freshPlan: PlanOf = (input, block, game, playing) => {
  const noticed: BlockPlan['noticed'] = new Map();
  if (!game) return { noticed };
  const plan = planGame(input, block, game, playing);
  const { span: _, finish, ...rest } = plan;
  const finished = new Map<number, FinishedGame>();
  return {
    plan,
    noticed,
    finish(seconds) {
      const known = finished.get(seconds);
      if (known) return known;
      const { noticed: own, ...done } = finish(seconds);
      const made = { game: { ...rest, gameId: game.id, title: game.title, format: game.format, ...done }, noticed: own };
      finished.set(seconds, made);
      return made;
    },
  };
};

const plans = new Recent<string, BlockPlan>(KEPT);
/** Facts are large and seldom new; of blocks there is a new one with every idea. */
const factId = contentIds(80);
const blockId = contentIds(2000);

/** A block's plan, kept by everything that it depends on: an edit plans the block that it is about, and no other. */
export const keptPlan: PlanOf = (input, block, game, playing) => {
  const {
    schoolClass,
    students,
    ratings,
    wishes,
    attendance,
    room,
    cupboard,
    gearKinds = null,
    school,
    history = null,
    day = null,
  } = input;
  // Places of it may be other games.
  const others = game && formatOf(game.format).isHost ? input.games : null;
  const facts = [schoolClass, students, ratings, wishes, attendance, room, cupboard, gearKinds, school, history, day, game ?? null, others];
  return plans.of(`${facts.map(factId).join()}|${blockId(block)}`, () => freshPlan(input, block, game, playing));
};
