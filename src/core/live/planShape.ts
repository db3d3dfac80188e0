import { z } from 'zod';
import { FORMATS } from '../formats/registry.ts';
import { LAID_KINDS } from '../model/laidPiece.ts';
import { Presence } from '../model/period.ts';
import { Piece } from '../model/piece.ts';
import { RULE_KINDS } from '../model/rule.ts';

/** The longest that anything in a plan may last: no lesson comes near a day, and a clock counts beyond it safely. */
const MOST_SECONDS = 86_400;
const MOST_STUDENTS = 240;

const seconds = z.number().min(0).max(MOST_SECONDS);
const count = z.number().int().min(-1).max(9999);
const amount = z.number().min(0).max(1e6);
const text = z.string().max(4000);
const id = z.string().min(1).max(80);
const said = z.looseObject({ code: text, data: z.record(z.string(), z.unknown()).optional() });
const groups = z.array(z.array(id).max(MOST_STUDENTS)).max(MOST_STUDENTS);
const plays = z.array(z.looseObject({})).max(100);
const format = z.enum(Object.keys(FORMATS) as [string, ...string[]]);
const version = z.number().int().min(1).max(99);
const pieces = z.array(Piece.loose()).max(200);

const metres = z.number().min(-500).max(500);
/** Pieces that a format laid have ids of their own making. */
const thing = z.looseObject({
  ...{ id, laid: z.enum(LAID_KINDS), title: text, x: metres, y: metres, turnedDeg: z.number().min(-360).max(360), locked: z.boolean() },
  ...{ widthM: z.number().min(0).max(500), lengthM: z.number().min(0).max(500), of: id.optional() },
});

const segment = z
  .looseObject({ kind: z.enum(['phase', 'work', 'move']), code: text, at: seconds, until: seconds, round: count.optional() })
  .refine(({ at, until }) => until >= at, { message: 'too-small', path: ['until'] });

const gearLine = z.looseObject({
  gearKind: id,
  need: amount,
  have: amount,
  short: amount,
  promised: z.array(z.looseObject({ to: text, count: amount })).max(200),
  from: z.array(z.looseObject({ name: text, count: amount, place: text })).max(500),
  at: z.array(z.looseObject({ pieceId: text, title: text, count: amount })).max(500),
});
const visit = z.looseObject({ piece: count, round: count, group: count, title: text, format, playVersion: version, plays, groups, pieces });
const rule = z.looseObject({ kind: z.enum(RULE_KINDS) });
const card = z.looseObject({ pieceId: text, title: text, lines: z.array(said).max(100) });

const game = z.looseObject({
  title: text,
  format,
  playVersion: version.optional(),
  plays,
  visits: z.array(visit).max(2000).optional(),
  groups,
  pieces,
  things: z.array(thing).max(2000),
  rounds: z.array(z.array(count).max(MOST_STUDENTS)).max(2000),
  calls: z.array(z.looseObject({ pieceId: text, verb: text, gearKind: text })).max(2000),
  gear: z.array(gearLine).max(300),
  waitingTask: text,
  rules: z.array(rule).max(200),
  cards: z.array(card).max(200),
  questions: z.array(text).max(50).optional(),
});

const change = z.looseObject({
  from: text,
  work: z.looseObject({ tapeOutM: amount, tapeInM: amount, carried: amount, seconds: amount }),
  floorSeconds: seconds,
  regroupSeconds: seconds,
  movers: z.array(z.looseObject({ student: id, from: count.optional(), to: count })).max(MOST_STUDENTS),
});

/** A block as runPlan.ts describes it: what the fold, the screens and the logbook read of it, each number within sensible bounds. */
export const PlanBlockShape = z.looseObject({
  id,
  title: text,
  phase: text,
  note: text,
  seconds,
  segments: z.array(segment).max(4000),
  change: change.optional(),
  laidGear: z.array(gearLine).max(300).optional(),
  game: game.optional(),
});

/** A frozen lesson as runPlan.ts describes it. */
export const RunPlanShape = z.looseObject({
  content: z.number().int().min(0).max(9999),
  playVersion: version,
  className: text,
  roomName: text,
  lessonTitle: text,
  bellAt: z.number().min(0).max(MOST_SECONDS),
  periodSeconds: seconds,
  names: z.record(z.string(), text),
  absent: z.array(id).max(MOST_STUDENTS),
  presence: z.record(z.string(), Presence).optional(),
  blocks: z.array(PlanBlockShape).max(60),
});
