import { floorThings } from '../../arrange/floorChange.ts';
import { takeOver } from '../../arrange/takeOver.ts';
import type { Edit } from '../../model/edit.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId } from '../../model/ids.ts';
import type { LaidPiece } from '../../model/laidPiece.ts';
import type { Piece } from '../../model/piece.ts';
import { doorSpot } from '../../model/room.ts';
import { floorChangeFigures } from '../../model/school.ts';
import { boxOf } from '../../model/shape.ts';
import { keptPlan } from '../blockPlans.ts';
import { type FitDraft, type FitInput, type FittedBlock, laidIn } from '../fitted.ts';

type Bare = Omit<FitDraft, 'noticed'>;

const hasFloor = (block: FittedBlock) => (block.game?.pieces.length ?? 0) + block.laid.length > 0;

/** The block's places where the floor before leaves room: both can then be laid before the lesson. */
function layBoth(input: FitInput, draft: Bare, was: FittedBlock, block: FittedBlock): Idea[] {
  const stored = input.lesson.blocks.find((b) => b.id === block.id);
  const game = input.games.find((g) => g.id === stored?.game?.gameId);
  if (!stored?.game || !game) return [];
  const floors = [
    ...(input.day?.floors ?? []),
    { to: was.title, when: 'same' as const, gapSeconds: 0, pieces: was.game?.pieces ?? [], laid: laidIn(was) },
  ];
  const beside = { ...input, day: { claims: input.day?.claims ?? [], floors } };
  const { plan } = keptPlan(beside, { ...stored, game: { ...stored.game, placed: {} } }, game, draft.people.playing);
  if (!plan || plan.unplaced.length) return [];
  const edits = plan.pieces.map((piece): Edit => {
    const { x, y } = boxOf(piece.shape);
    return { kind: 'place', blockId: stored.id, pieceId: piece.id, at: { value: { x, y }, by: 'teacher', pinned: true } };
  });
  return edits.length ? [{ code: 'lay-both', data: { to: was.title }, edits }] : [];
}

/** The game played on the floor of the one before, if it is not yet. */
function sameFloor(input: FitInput, block: FittedBlock, from: string): Idea[] {
  const game = input.lesson.blocks.find((b) => b.id === block.id)?.game;
  if (!game || game.goesOn?.floor) return [];
  const goesOn = { groups: false, start: false, gear: false, ...game.goesOn, floor: true };
  return [{ code: 'same-floor', data: { from }, edits: [{ kind: 'set-goes-on', blockId: block.id as BlockId, goesOn }] }];
}

/** A block without a floor of its own put before the game, so that the floor is changed meanwhile. */
function putBetween(input: FitInput, at: number, from: number): Idea[] {
  const plain = input.lesson.blocks.findIndex(
    (b, i) => !b.game && !b.laid?.length && (b.phase === 'water' || b.phase === 'explain') && (i < from || i > at),
  );
  const block = input.lesson.blocks[plain];
  return block
    ? [
        {
          code: 'put-between',
          data: { title: block.title },
          edits: [{ kind: 'move-block', blockId: block.id, index: plain < at ? at - 1 : at }],
        },
      ]
    : [];
}

/** A class that waits long for the floor between two games of its lesson. */
export function blockChangeChecks(input: FitInput, draft: Bare): Noticed[] {
  const { mostSeconds } = floorChangeFigures(input.school);
  return draft.blocks.flatMap((block, at): Noticed[] => {
    const { change } = block;
    if (!change || change.floorSeconds <= mostSeconds) return [];
    const from = draft.blocks.findLastIndex((b, i) => i < at && hasFloor(b));
    const was = draft.blocks[from];
    const pieces = block.game?.pieces ?? [];
    const ideas = (): Idea[] => {
      const door = doorSpot(input.room);
      const things = (list: readonly Piece[], laid: readonly LaidPiece[]) => floorThings(list, laid, input.room);
      const [before, after] = was ? [things(was.game?.pieces ?? [], laidIn(was)), things(pieces, laidIn(block))] : [[], []];
      const reused = takeOver({ id: block.id, pieces }, before, after, { door, tapeInM: change.work.tapeInM });
      const cones = (b: FittedBlock): Edit => ({ kind: 'set-block', blockId: b.id as BlockId, patch: { marks: 'cones' } });
      const taped = [block, ...(was ? [was] : [])].filter((b) => b.game && things(b.game.pieces, b.game.things).some((t) => t.tapeM > 0));
      const coned = taped.length ? [taped.slice(0, 1), taped].filter((list, i, all) => i === 0 || list.length > all[0].length) : [];
      return [
        ...(was ? layBoth(input, draft, was, block) : []),
        ...sameFloor(input, block, change.from),
        ...(reused ? [{ code: 'reuse-tape' as const, data: { savedM: reused.savedM }, edits: reused.edits }] : []),
        ...coned.map((list): Idea => ({ code: 'use-cones', data: { titles: list.map((b) => b.title) }, edits: list.map(cones) })),
        ...putBetween(input, at, from),
        ...(block.game?.ideas.shorter ?? []),
      ];
    };
    const { tapeInM, tapeOutM, carried } = change.work;
    return [
      {
        code: 'floor-change-between',
        weight: 'caution',
        at: { block: block.id },
        data: { from: change.from, seconds: change.floorSeconds, mostSeconds, tapeInM, tapeOutM, carried },
        ideas,
      },
    ];
  });
}
