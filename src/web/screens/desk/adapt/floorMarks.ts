import { type ToBring, toBring } from '../../../../core/adapt/inUse.ts';
import { type AdaptedLesson, changesIn } from '../../../../core/fit/adaptLesson.ts';
import type { FittedBlock } from '../../../../core/fit/fitted.ts';
import { initialsOf } from '../../../../core/model/names.ts';
import { boxOf } from '../../../../core/model/shape.ts';
import type { Student } from '../../../../core/model/student.ts';
import type { FloorMark } from '../../../floor/AdaptMarks.tsx';

/** Where plans in use are on the floor in a round: initials at the upper right corner of their place. For the teacher's own desk. */
export function floorMarks(
  adapted: AdaptedLesson | null,
  block: FittedBlock | undefined,
  round: number,
  students: readonly Student[],
): FloorMark[] {
  const bout = block?.game?.timeline.bouts[round];
  if (!adapted || !block?.game || !bout) return [];
  const { pieces } = block.game;
  /** False for a plan of all of the game, and for one of a role. */
  const isPlace = ({ place }: { place?: string }) => pieces.some((p) => p.id === place);
  const from = block.at + bout.at;
  const here = adapted.cells
    .filter((c) => c.block === block.id)
    .flatMap((c) => c.plans.map((plan) => ({ student: c.student, plan })))
    .filter(({ plan }) => plan.isAccepted && plan.dials.length > 0 && (!isPlace(plan) || (plan.from <= from && from < plan.until)));
  return pieces.flatMap((piece, i): FloorMark[] => {
    const there = here.filter(({ student, plan }) =>
      !isPlace(plan) ? bout.stays.some((s) => s.piece === i && s.members.includes(student)) : plan.place === piece.id,
    );
    if (there.length === 0) return [];
    const box = boxOf(piece.shape);
    const initials = there.map(({ student }) => {
      const found = students.find((s) => s.id === student);
      return found ? initialsOf(found, students) : '?';
    });
    return [{ id: piece.id, x: box.x + box.width, y: box.y + box.depth, initials }];
  });
}

/** How many changes are in use in each block, by its id. */
export function changedIn(adapted: AdaptedLesson | null): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { block, plans } of adapted?.cells ?? [])
    for (const plan of plans) if (plan.isAccepted) sums.set(block, (sums.get(block) ?? 0) + changesIn(plan).length);
  return sums;
}

/** What plans in use take beside the games' own gear. */
export const broughtFor = (adapted: AdaptedLesson | null): ToBring[] => toBring((adapted?.cells ?? []).flatMap((c) => c.plans));
