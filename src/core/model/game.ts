import { z } from 'zod';
import { AdvanceCourtGame } from '../formats/advance-court/setup.ts';
import { ChaseGame } from '../formats/chase/setup.ts';
import { CourseGame } from '../formats/course/setup.ts';
import { SkillLaneGame } from '../formats/skill-lane/setup.ts';
import { StationsGame } from '../formats/stations/setup.ts';
import { TargetClashGame } from '../formats/target-clash/setup.ts';
import { Band } from './band.ts';
import { GameId } from './ids.ts';
import { recordOf } from './record.ts';
import { line, note, optionalLine } from './text.ts';

const rules = {
  ...recordOf('game', 1),
  id: GameId,
  title: line(60),
  purpose: line(200),
  story: note(600),
  attentionCall: optionalLine(120),
  /** What stops everyone, both heard and seen; empty takes the school's. */
  stopSignal: optionalLine(160),
  endRule: line(160),
  restartRule: line(160),
  outRule: line(160),
  tieRule: line(160),
  calmDown: line(160),
  offences: z.array(z.object({ what: line(120), consequence: line(120), release: line(120) })).max(8),
  questions: z.array(line(160)).max(6),
  /** Values of the format's settings by band, over the format's own defaults. */
  bands: z.partialRecord(Band, z.record(z.string(), z.unknown())),
};

/** A game is data: words, a format, and what that format needs to know. */
export const Game = z.discriminatedUnion('format', [
  z.object({ ...rules, format: z.literal('stations'), setup: StationsGame }),
  z.object({ ...rules, format: z.literal('advance-court'), setup: AdvanceCourtGame }),
  z.object({ ...rules, format: z.literal('chase'), setup: ChaseGame }),
  z.object({ ...rules, format: z.literal('course'), setup: CourseGame }),
  z.object({ ...rules, format: z.literal('skill-lane'), setup: SkillLaneGame }),
  z.object({ ...rules, format: z.literal('target-clash'), setup: TargetClashGame }),
]);
export type Game = z.infer<typeof Game>;
export type FormatId = Game['format'];
