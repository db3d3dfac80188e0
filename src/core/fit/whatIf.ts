import { boundsOf } from '../geometry/point.ts';
import type { Curtain } from '../model/curtain.ts';
import { applyEdit, type Edit } from '../model/edit.ts';
import type { BlockId, StudentId } from '../model/ids.ts';
import type { Lesson } from '../model/lesson.ts';
import { partRoom } from '../model/partRoom.ts';
import { type Attendance, bellText, clockSeconds, type Period } from '../model/period.ts';
import { newHeader } from '../model/record.ts';
import type { Room } from '../model/room.ts';
import type { FitInput } from './fitted.ts';

/** A class as a desk holds it. */
export type ClassFacts = Pick<FitInput, 'schoolClass' | 'students' | 'ratings' | 'wishes'>;

/** Something that may come otherwise than planned. */
export type Supposed =
  | { kind: 'absent'; students: StudentId[] }
  | { kind: 'less-time'; minutes: number; at: 'start' | 'end' }
  | { kind: 'half-room'; side: 0 | 1 }
  | { kind: 'room'; room: Room }
  | { kind: 'gear-gone'; gearKind: string; count: number }
  | { kind: 'class'; facts: ClassFacts }
  | { kind: 'joins'; facts: ClassFacts }
  /** A class that joined goes its own way again. */
  | { kind: 'leaves'; schoolClass: FitInput['schoolClass'] }
  /** The lesson in another period: its class, room, bell, attendance. */
  | { kind: 'period'; desk: Omit<FitInput, 'lesson'> };

/** A desk as it would be, its facts (period, attendance, cupboard) changed with it, and the edits of the lesson that go with it. */
export interface SupposedDesk {
  input: FitInput;
  edits: Edit[];
}

/** Where a room is halved: at its curtain, else across the middle of its longer side. */
export function halvingLine(room: Room): Curtain {
  const [own] = room.curtains;
  if (own) return own;
  const { x, y, width, depth } = boundsOf(room.outline);
  const [a, b] =
    width >= depth
      ? [
          { x: x + width / 2, y },
          { x: x + width / 2, y: y + depth },
        ]
      : [
          { x, y: y + depth / 2 },
          { x: x + width, y: y + depth / 2 },
        ];
  const name = room.name.slice(0, 26);
  return { id: 'half', name: 'half', a, b, parts: [`${name}, first half`, `${name}, second half`] };
}

/** One half of a room as a room of its own; undefined where no line halves it. */
export function halfOf(room: Room, side: 0 | 1): Room | undefined {
  const part = partRoom(room, halvingLine(room), side);
  return part && { ...room, ...part, ...newHeader('room', 3), id: `${room.id}-half-${side + 1}` as Room['id'], partOf: room.id };
}

/** Edits that peel off every placed piece: positions mean nothing in another room. */
function peelOffEdits(lesson: Lesson): Edit[] {
  return lesson.blocks.flatMap((b) =>
    Object.keys(b.game?.placed ?? {}).map((pieceId): Edit => ({ kind: 'place', blockId: b.id as BlockId, pieceId, at: null })),
  );
}

/** Edits that give groups and locks of another class back to fit. */
function resetGroupEdits(lesson: Lesson): Edit[] {
  return lesson.blocks.flatMap((b): Edit[] => [
    ...(b.game?.locks ? [{ kind: 'set-locks' as const, blockId: b.id, locks: null }] : []),
    ...(b.game?.groups ? [{ kind: 'set-groups' as const, blockId: b.id, groups: null }] : []),
  ]);
}

const elsewhere = (input: FitInput, room: Room): SupposedDesk => ({
  // What lies on the floor of this room is no matter in another one.
  input: { ...input, room, period: { ...input.period, roomId: room.id }, ...(input.day && { day: { ...input.day, floors: [] } }) },
  edits: peelOffEdits(input.lesson),
});

/** The period with these classes as guests. */
const withGuests = (period: Period, guests: Period['guests'] = []): Period => ({ ...period, guests: guests.length ? guests : undefined });

/** `count` fewer of a kind, taken from its entries in their order. */
export function withoutGear(cupboard: FitInput['cupboard'], gearKind: string, count: number): FitInput['cupboard'] {
  let left = count;
  return cupboard.map((g) => {
    if (g.gearKind !== gearKind || left <= 0) return g;
    const taken = Math.min(left, g.count);
    left -= taken;
    return { ...g, count: g.count - taken };
  });
}

/** Groups that everybody sees now, by block: what is only fit's so far is stuck down, so that few change group. */
export type SeenGroups = Readonly<Record<string, readonly (readonly string[])[]>>;

/** Edits that stick down the groups of game blocks that nobody has stuck down yet. */
export function pinGroupEdits(lesson: Lesson, seen: SeenGroups): Edit[] {
  return lesson.blocks.flatMap((b): Edit[] =>
    b.game && !b.game.groups && seen[b.id]
      ? [{ kind: 'set-groups', blockId: b.id, groups: seen[b.id].map((g) => [...g]) as StudentId[][] }]
      : [],
  );
}

function supposeOne(input: FitInput, what: Supposed, seen: SeenGroups): SupposedDesk {
  switch (what.kind) {
    case 'absent': {
      const away = Object.fromEntries(what.students.map((id) => [id, { status: 'absent' as const, role: 'away' as const }]));
      const attendance: Attendance = input.attendance ?? { ...newHeader('attendance', 1), periodId: input.period.id, entries: {} };
      return {
        input: { ...input, attendance: { ...attendance, entries: { ...attendance.entries, ...away } } },
        edits: pinGroupEdits(input.lesson, seen),
      };
    }
    case 'less-time': {
      const [start, end] = [clockSeconds(input.period.start), clockSeconds(input.period.end)];
      const less = Math.min(what.minutes * 60, end - start - 300);
      const period =
        what.at === 'start' ? { ...input.period, start: bellText(start + less) } : { ...input.period, end: bellText(end - less) };
      return { input: { ...input, period }, edits: [] };
    }
    case 'half-room': {
      const half = halfOf(input.room, what.side);
      return half ? elsewhere(input, half) : { input, edits: [] };
    }
    case 'room':
      return elsewhere(input, what.room);
    case 'gear-gone':
      return { input: { ...input, cupboard: withoutGear(input.cupboard, what.gearKind, what.count) }, edits: [] };
    case 'class':
      return {
        input: {
          ...input,
          ...what.facts,
          period: withGuests({ ...input.period, classId: what.facts.schoolClass.id }),
          attendance: null,
        },
        edits: resetGroupEdits(input.lesson),
      };
    case 'joins': {
      const { schoolClass, students, ratings, wishes } = what.facts;
      return {
        input: {
          ...input,
          period: withGuests(input.period, [...(input.period.guests ?? []), schoolClass.id]),
          students: [...input.students, ...students],
          ratings: [...input.ratings, ...ratings],
          wishes: [...input.wishes, ...wishes],
        },
        edits: [],
      };
    }
    case 'leaves': {
      const others = <T extends { classId: string }>(list: readonly T[]) => list.filter((r) => r.classId !== what.schoolClass.id);
      return {
        input: {
          ...input,
          period: withGuests(
            input.period,
            input.period.guests?.filter((id) => id !== what.schoolClass.id),
          ),
          students: others(input.students),
          ratings: others(input.ratings),
          wishes: others(input.wishes),
        },
        edits: [],
      };
    }
    case 'period': {
      const { desk } = what;
      const moved = desk.room.id === input.room.id ? [] : peelOffEdits(input.lesson);
      const other = desk.schoolClass.id === input.schoolClass.id ? [] : resetGroupEdits(input.lesson);
      return { input: { ...desk, lesson: input.lesson }, edits: [...other, ...moved] };
    }
  }
}

/**
 * The desk with all of it supposed, one after another; the lesson with what had to be let go, groups stuck down as they are
 * `seen` where somebody is absent. Pure.
 */
export function suppose(input: FitInput, list: readonly Supposed[], seen: SeenGroups = {}): SupposedDesk {
  let now = input;
  const edits: Edit[] = [];
  for (const what of list) {
    const next = supposeOne(now, what, seen);
    edits.push(...next.edits);
    const applied = next.edits.length ? applyEdit(next.input.lesson, { kind: 'many', edits: next.edits }) : undefined;
    now = applied?.ok ? { ...next.input, lesson: applied.lesson } : next.input;
  }
  return { input: now, edits };
}
