import type { PlanInput, PlannedBlock } from '../formats/format.ts';
import type { Host, HostedPlan, Hosts } from '../formats/hosted.ts';
import { formatOf } from '../formats/registry.ts';
import type { SettingMeta } from '../formats/setting.ts';
import { rectPolygon } from '../geometry/point.ts';
import { contentIds, Recent } from '../memoize.ts';
import type { Game } from '../model/game.ts';
import { plainRoom } from '../model/room.ts';

/** A game that does not fit into a place is tried at these shares of its measures, the largest that fits is taken. */
const SHARES = [0.9, 0.8, 0.7, 0.6];

type Size = Parameters<Host['plan']>[1];

/** Plans of games at places, and how each is played for a length of stay: enough for a lesson and the ideas that are weighed for it. */
const plans = new Recent<string, HostedPlan>(600);
const PLAYS_KEPT = 6;
const factId = contentIds(120);

/** The games that may be played at a place of a block, each planned when it is asked for: once for the same students, size and facts. */
export function hostsFor(input: PlanInput, games: readonly Game[]): Hosts {
  const { players, defaults, cupboard, had = null, stages = null, band, stopSignal, rules, room, seed } = input;
  const facts = [players, defaults, cupboard, had, stages].map(factId);
  const plain = [band, stopSignal, rules.ladder.join('>'), room.floorKind, seed];
  const guests = games.filter((game) => formatOf(game.format).canBePlace);
  return Object.fromEntries(guests.map((game) => [game.id, hostOf(input, game, [...facts, ...plain, factId(game)].join('|'))]));
}

function hostOf(input: PlanInput, game: Game, facts: string): Host {
  return {
    gameId: game.id,
    title: game.title,
    aim: game.aim,
    format: game.format,
    playVersion: formatOf(game.format).playVersion,
    plan(students, size) {
      const key = [facts, size.width.toFixed(3), size.depth.toFixed(3), ...students].join('|');
      return plans.of(key, () => planAt(input, game, students, size));
    },
  };
}

/** The settings of a game at a place of another one: a stay is one round, and what is measured on the floor is as large as the place allows. */
function hostedSettings(metas: readonly SettingMeta[], values: Record<string, unknown>, share: number): Record<string, unknown> {
  const set: Record<string, unknown> = {};
  for (const { key, kind, hosted, role, least = 0, step = 0.1 } of metas) {
    if (typeof hosted === 'number') set[key] = hosted;
    else if (kind === 'metres' && role !== 'gap' && share < 1)
      set[key] = Math.max(least, Math.floor((Number(values[key]) * share) / step + 1e-9) * step);
  }
  return set;
}

function planAt(input: PlanInput, game: Game, students: readonly string[], size: Size): HostedPlan {
  const format = formatOf(game.format);
  const metas = format.settings(game.setup);
  const own = game.bands[input.band] ?? {};
  const gameValues = Object.fromEntries(Object.entries(own).filter(([key]) => metas.find((m) => m.key === key)?.hosted === undefined));
  const at = (teacherValues: Record<string, unknown>): PlannedBlock =>
    format.plan(game.setup, {
      ...input,
      gameValues,
      teacherValues,
      players: input.players.filter((p) => students.includes(p.id)),
      apart: [],
      together: [],
      room: { ...input.room, ...plainRoom(rectPolygon({ x: 0, y: 0, ...size })) },
      taken: [],
      wallClearanceM: 0,
      storedGroups: undefined,
      locks: undefined,
      placed: {},
      rules: { ...input.rules, game: game.rules, teacher: [], offences: game.offences },
      hosts: undefined,
    });
  const whole = at(hostedSettings(metas, {}, 1));
  const fits = (plan: PlannedBlock) => plan.pieces.length > 0 && !plan.unplaced.length;
  if (fits(whole)) return hosted(whole, 1, true);
  const smaller = (share: number) => at(hostedSettings(metas, whole.values, share));
  // If the smallest does not fit, none does.
  const smallest = smaller(SHARES.at(-1)!);
  if (!fits(smallest)) return hosted(whole, 1, false);
  for (const share of SHARES) {
    const plan = smaller(share);
    if (fits(plan)) return hosted(plan, share, true);
  }
  return hosted(smallest, SHARES.at(-1)!, true);
}

function hosted(plan: PlannedBlock, share: number, fits: boolean): HostedPlan {
  const { groups, pieces, things, needs, rules, asks } = plan;
  const played = new Recent<number, ReturnType<HostedPlan['play']>>(PLAYS_KEPT);
  return {
    ...{ groups, pieces, things, fits, share, needs, rules, asks },
    play: (seconds) =>
      played.of(seconds, () => {
        const { plays, forecast } = plan.finish(seconds);
        return { plays, activeShare: forecast.activeShare.mean };
      }),
  };
}
