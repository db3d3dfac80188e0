import type { PlannedBlock } from '../formats/format.ts';
import { formatOf } from '../formats/registry.ts';
import { coverNeeds } from '../gear/cover.ts';
import { bandOf } from '../model/band.ts';
import type { LessonNumbers, Noticed } from '../model/finding.ts';
import type { Game } from '../model/game.ts';
import { footprint, LAID_FACTS } from '../model/laidPiece.ts';
import type { Block } from '../model/lesson.ts';
import { clockSeconds, isPlaying, type Role } from '../model/period.ts';
import { defaultsFor, ladderOf, limitsFor } from '../model/school.ts';
import { seedOf } from '../rng.ts';
import { fitTime } from '../rotation/fitTime.ts';
import { bellChecks } from './checks/bell.ts';
import { floorChecks } from './checks/floor.ts';
import { gearChecks } from './checks/gear.ts';
import { laneChecks } from './checks/lanes.ts';
import { peopleChecks } from './checks/people.ts';
import { routeChecks } from './checks/routes.ts';
import { ruleChecks } from './checks/rules.ts';
import { sightChecks } from './checks/sight.ts';
import { swingChecks } from './checks/swings.ts';
import { walkChecks } from './checks/walks.ts';
import { dealt } from './dealt.ts';
import type { BareFit, FitInput, FittedBlock } from './fitted.ts';

/** Who plays, and who holds which role today. */
function peopleToday(input: FitInput): BareFit['people'] {
  const roles: Partial<Record<Role, string[]>> = {};
  const playing: string[] = [];
  for (const { id } of input.students) {
    const presence = input.attendance?.entries[id];
    if (isPlaying(presence)) playing.push(id);
    if (presence && presence.role !== 'plays') roles[presence.role] = [...(roles[presence.role] ?? []), id];
  }
  return { playing, roles };
}

/** A game block planned: groups, floor, gear and bounds, before its length is known. */
function planGame(input: FitInput, block: Block, game: Game, playing: readonly string[]): PlannedBlock {
  const band = bandOf(input.schoolClass.grade);
  const own = new Map(input.ratings.map((r) => [r.studentId as string, r]));
  const pairs = (wish: 'apart' | 'together') =>
    input.wishes.filter((w) => w.wish === wish).map((w) => [w.students[0], w.students[1]] as const);
  const { game: chosen } = block;
  return formatOf(game.format).plan(game.setup, {
    blockId: block.id,
    gameValues: game.bands[band] ?? {},
    teacherValues: chosen!.settings,
    band,
    defaults: defaultsFor(input.school, band),
    players: playing.map((id) => dealt(id, own.get(id))),
    apart: pairs('apart'),
    together: pairs('together'),
    room: input.room,
    taken: (block.laid ?? []).filter((p) => LAID_FACTS[p.laid].takesFloor).map(footprint),
    wallClearanceM: limitsFor(input.school).wallClearanceM,
    storedGroups: chosen!.groups?.value,
    locks: chosen!.locks,
    placed: Object.fromEntries(Object.entries(chosen!.placed).map(([id, p]) => [id, p.value])),
    cupboard: input.cupboard,
    stopSignal: game.stopSignal || input.school.stopSignal,
    rules: { game: game.rules, teacher: chosen!.rules ?? [], offences: game.offences, ladder: ladderOf(input.school) },
    seed: seedOf(block.id),
  });
}

function numbersOf(blocks: FittedBlock[], gear: BareFit['gear'], over: number): LessonNumbers {
  const games = blocks.filter((b) => b.game);
  const seconds = games.reduce((sum, b) => sum + b.seconds, 0);
  const total = (pick: (b: FittedBlock) => number) => games.reduce((sum, b) => sum + pick(b), 0);
  return {
    timeOnTask: seconds ? total((b) => b.game!.forecast.activeShare.mean * b.seconds) / seconds : 0,
    turns: total((b) => b.game!.forecast.turns.mean),
    longestWaitSeconds: Math.max(0, ...games.map((b) => b.game!.forecast.longestWait.p90)),
    gearShort: gear.reduce((sum, line) => sum + line.short, 0),
    overSeconds: over,
    unplaced: total((b) => b.game!.unplaced.length),
  };
}

/** One concern over the whole fitted lesson. */
export type Check = (input: FitInput, bare: Omit<BareFit, 'noticed'>) => Noticed[];

/** What is told at once: bell, places, gear, people. */
export const QUICK_CHECKS: readonly Check[] = [bellChecks, floorChecks, (_, bare) => gearChecks(bare), peopleChecks, ruleChecks];
/** Checks that search the floor: lanes, swings, sight, routes on wheels, walks. */
const SLOW_CHECKS: readonly Check[] = [laneChecks, swingChecks, sightChecks, routeChecks, walkChecks];
export const ALL_CHECKS: readonly Check[] = [...QUICK_CHECKS, ...SLOW_CHECKS];

/** The lesson fitted before any check: groups, floor, time, gear, and what the formats noticed themselves. Reads top to bottom. */
export function draftFit(input: FitInput): BareFit {
  const band = bandOf(input.schoolClass.grade);
  const defaults = defaultsFor(input.school, band);
  const people = peopleToday(input);
  const planned = input.lesson.blocks.map((block) => {
    const game = block.game && input.games.find((g) => g.id === block.game!.gameId);
    return { block, game, plan: game && planGame(input, block, game, people.playing) };
  });

  const periodSeconds = clockSeconds(input.period.end) - clockSeconds(input.period.start);
  const bounds = planned.map(({ block, plan }) => {
    const pinned = block.seconds?.value;
    const span = pinned === undefined ? (plan?.span ?? { least: block.least, most: block.most }) : { least: pinned, most: pinned };
    return { id: block.id as string, weight: plan ? Math.max(block.weight, 1) : block.weight, ...span };
  });
  const time = fitTime({ periodSeconds, blocks: bounds });

  let at = 0;
  const noticed: BareFit['noticed'] = [];
  const blocks = planned.map(({ block, game, plan }, i): FittedBlock => {
    const seconds = time.ok ? time.seconds[block.id] : bounds[i].least;
    const base = {
      id: block.id,
      title: block.title,
      phase: block.phase,
      note: block.note ?? '',
      at,
      seconds,
      pinned: block.seconds !== undefined,
      laid: block.laid ?? [],
    };
    at += seconds;
    const plain = { ...base, least: bounds[i].least, most: bounds[i].most };
    if (!game || !plan) return { ...plain, segments: [{ kind: 'phase', code: block.phase, at: 0, until: seconds }] };
    const { span: _, finish, ...rest } = plan;
    const { timeline, plays, forecast, noticed: own } = finish(seconds);
    noticed.push(...own);
    const settings = formatOf(game.format).settings(game.setup);
    return {
      ...plain,
      segments: timeline.segments,
      game: { ...rest, gameId: game.id, title: game.title, format: game.format, settings, timeline, plays, forecast },
    };
  });

  const gear = blocks.flatMap((b) => (b.game ? coverNeeds(b.id, b.game.needs, input.cupboard) : []));
  const over = time.ok ? 0 : time.over;
  const bare = {
    band,
    defaults,
    blocks,
    people,
    gear,
    numbers: numbersOf(blocks, gear, over),
    periodSeconds,
    spareSeconds: time.ok ? time.spare : 0,
  };
  return { ...bare, noticed };
}

/** The lesson fitted, with everything that the format and the checks noticed and no fix weighed yet. */
export function fitBare(input: FitInput, checks: readonly Check[] = ALL_CHECKS): BareFit {
  const { noticed, ...bare } = draftFit(input);
  return { ...bare, noticed: [...noticed, ...checks.flatMap((check) => check(input, bare))] };
}
