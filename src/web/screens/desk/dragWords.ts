import type { Announcements, KeyboardCoordinateGetter } from '@dnd-kit/core';

/** A group's number, from 0, of a place where students are dropped. */
export const groupOf = (id: string | number | undefined): number | undefined => {
  const match = /^group-(\d+)$/.exec(String(id ?? ''));
  return match ? Number(match[1]) : undefined;
};

/** Cards in a row of the sheet. */
const IN_A_ROW = 3;
const STEPS: Record<string, number> = { ArrowLeft: -1, ArrowRight: 1, ArrowUp: -IN_A_ROW, ArrowDown: IN_A_ROW };

/** Arrow keys carry a student from group to group, left out those that are locked. */
export const groupByGroup: KeyboardCoordinateGetter = (event, { context }) => {
  const step = STEPS[event.code];
  const carried = context.collisionRect;
  if (!step || !carried) return undefined;
  event.preventDefault();
  const open = context.droppableContainers
    .getEnabled()
    .map((c) => groupOf(c.id))
    .filter((g) => g !== undefined)
    .sort((a, b) => a - b);
  const now = groupOf(context.over?.id) ?? open[0];
  const wanted = now + step;
  const near = step > 0 ? (open.find((g) => g >= wanted) ?? open.at(-1)) : (open.findLast((g) => g <= wanted) ?? open[0]);
  const rect = context.droppableRects.get(`group-${near}`);
  return rect && { x: rect.left + (rect.width - carried.width) / 2, y: rect.top + Math.min(30, rect.height / 2) };
};

/** What a screen reader hears while a student is carried. */
export function carryingWords(nameOf: (id: string) => string): Announcements {
  const group = (id: string | number | undefined) => `group ${(groupOf(id) ?? 0) + 1}`;
  return {
    onDragStart: ({ active }) => `${nameOf(String(active.id))} picked up. Arrow keys choose a group, space drops, escape puts back.`,
    onDragOver: ({ active, over }) => `${nameOf(String(active.id))} over ${over ? group(over.id) : 'no group'}.`,
    onDragEnd: ({ active, over }) =>
      over ? `${nameOf(String(active.id))} dropped in ${group(over.id)}.` : `${nameOf(String(active.id))} put back.`,
    onDragCancel: ({ active }) => `${nameOf(String(active.id))} put back.`,
  };
}
