import { expose } from 'comlink';
import type { Game } from '../../core/model/game.ts';
import type { Lesson } from '../../core/model/lesson.ts';
import { judge, judgeWhole, type ShelfHelp, type ShelfInput, type ShelfRow } from '../../core/shelf/judge.ts';
import type { LessonWish } from '../../core/shelf/lessonParts.ts';
import { type MadeLesson, makeLessons } from '../../core/shelf/makeLesson.ts';
import { type GamePreview, previewGame } from '../../core/shelf/preview.ts';
import { type Instead, putInstead } from '../../core/shelf/putIn.ts';
import { fitTemplate, judgeOnce, type LessonTemplate } from '../../core/shelf/templates.ts';

/** The period that was opened last, and its games by id. */
let opened: { input: ShelfInput; help: ShelfHelp; games: Map<string, Game> } | undefined;

/** Nobody helps, and nothing is made, if that does not matter. */
function open(input: ShelfInput, help: ShelfHelp = { adults: [], homeMade: [] }): void {
  opened = { input, help, games: new Map(input.games.map((g) => [g.id as string, g])) };
}

const gameOf = (id: string) => opened!.games.get(id)!;
const quick = (id: string): ShelfRow => judge(opened!.input, gameOf(id));
const whole = (id: string): ShelfRow => judgeWhole(opened!.input, gameOf(id), opened!.help);
const instead = (lesson: Lesson, blockId: string, id: string, blockNew: string, settings: Record<string, unknown>): Instead | undefined =>
  putInstead({ ...opened!.input, lesson }, blockId, gameOf(id), blockNew, settings);

/** Lessons made of the games, telling after every few steps how far it has come. */
function lessons(wish: LessonWish, played: readonly string[], tell: (progress: { done: number; total: number }) => void): MadeLesson[] {
  const making = makeLessons(opened!.input, wish, played);
  for (let step = making.next(), n = 0; ; step = making.next(), n++) {
    if (step.done) return step.value;
    if (n % 5 === 0) tell(step.value);
  }
}

/** Written lessons fitted one after the other, each told as soon as it is. */
function templates(list: readonly LessonTemplate[], minutes: number, played: readonly string[], tell: (made: MadeLesson) => void): void {
  const judged = judgeOnce();
  for (const template of list) tell(fitTemplate(opened!.input, template, minutes, played, judged));
}

const preview = (game: Game): GamePreview => previewGame(opened!.input, game);

/** The thread that judges games for a period: it is ended if nobody wants it any more. */
const shelf = { open, quick, whole, instead, lessons, templates, preview };
export type Shelf = typeof shelf;
expose(shelf);
