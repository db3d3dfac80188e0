import { z } from 'zod';
import { BlockId, GameId, LessonId, StudentId } from './ids.ts';
import { LaidPiece } from './laidPiece.ts';
import { VIGOURS } from './limits.ts';
import { recordFields } from './record.ts';
import { OwnRule } from './rule.ts';
import { line, mapKey, metres, note, whole } from './text.ts';

/** Something chosen or already seen on paper: a re-fit disturbs what is pinned least. */
const choice = <T extends z.ZodType>(value: T) => z.object({ value, by: z.enum(['teacher', 'fit']), pinned: z.boolean() });

export const PHASES = ['arrive', 'attendance', 'explain', 'walk', 'game', 'water', 'reset', 'close', 'leave'] as const;
export const Phase = z.enum(PHASES, { message: 'choice' });
export type Phase = z.infer<typeof Phase>;

/** Where a piece was put: its lower left corner, metres. */
export const Placed = choice(z.object({ x: metres(-100, 200), y: metres(-100, 200) }));
export type Placed = z.infer<typeof Placed>;

export const Locks = z.object({ students: z.array(StudentId).max(60), groups: z.array(whole(0, 39)).max(40) });
export type Locks = z.infer<typeof Locks>;

/** What a game takes from the game before it in its lesson. */
export const GoesOn = z.object({
  /** Its groups, joined or cut if there are fewer or more. */
  groups: z.boolean(),
  /** Each group begins as near as can be to where it ended. */
  start: z.boolean(),
  /** It is played on that floor, with the least to change. */
  floor: z.boolean(),
  /** Of the objects that it can be played with, one that is out already. */
  gear: z.boolean(),
});
export type GoesOn = z.infer<typeof GoesOn>;

export const GameBlock = z.object({
  gameId: GameId,
  /** What the teacher set, by setting key; what is not here is the game's, the band's or fit's. */
  settings: z.record(mapKey(40), z.unknown()),
  /** The version of the format's settings that these are of; 1 if absent. */
  settingsVersion: whole(1, 999).optional(),
  groups: choice(z.array(z.array(StudentId).max(60)).max(40)).optional(),
  /** Who stays where they are when groups are dealt again: students, and whole groups from 0. */
  locks: Locks.optional(),
  placed: z.record(mapKey(64), Placed),
  /** Rules that the teacher says in other words in this lesson, or adds. */
  rules: z.array(OwnRule).max(24, { message: 'too-many' }).optional(),
  goesOn: GoesOn.optional(),
});

/** What a game's places are marked with: tape around them, or a cone at each corner. */
export const MARKS = ['tape', 'cones'] as const;

export const Block = z.object({
  id: BlockId,
  phase: Phase,
  title: line(60),
  /** Seconds; bounds and weight for sharing out the period. A game block's bounds come from its format. */
  least: whole(0, 7200),
  most: whole(0, 7200),
  weight: z.number().min(0).max(100),
  seconds: choice(whole(0, 7200)).optional(),
  game: GameBlock.optional(),
  /** What the teacher lays out beside the game's own places, by id. */
  laid: z.array(LaidPiece).max(120, { message: 'too-many' }).optional(),
  note: note(500).optional(),
  /** What marks its places; tape where not told. */
  marks: z.enum(MARKS, { message: 'choice' }).optional(),
  /** How vigorous its play is; moderate where not told. */
  vigour: z.enum(VIGOURS, { message: 'choice' }).optional(),
});
export type Block = z.infer<typeof Block>;

export const Accepted = z.object({ key: z.string().min(1).max(300), reason: line(200) });

export const Lesson = z
  .object({
    ...recordFields('lesson', 2),
    id: LessonId,
    title: line(60),
    blocks: z.array(Block).max(24),
    accepted: z.array(Accepted).max(200),
  })
  .superRefine((lesson, ctx) => {
    const ids = new Set<string>();
    lesson.blocks.forEach((block, i) => {
      if (ids.has(block.id)) ctx.addIssue({ code: 'custom', path: ['blocks', i, 'id'], message: 'repeated' });
      ids.add(block.id);
      const laid = new Set<string>();
      block.laid?.forEach((piece, j) => {
        if (laid.has(piece.id)) ctx.addIssue({ code: 'custom', path: ['blocks', i, 'laid', j, 'id'], message: 'repeated' });
        laid.add(piece.id);
      });
      if (block.most < block.least) ctx.addIssue({ code: 'custom', path: ['blocks', i, 'most'], message: 'too-small' });
    });
  });
export type Lesson = z.infer<typeof Lesson>;
