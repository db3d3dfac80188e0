import type { Answer, Ask, BoardAction, BoardMatch, BoardPart, BoardRow, BoardStudent, BoardZones } from './board.ts';

/** Every action that a board offers, in the order in which it is drawn. */
export function actionsOf(part: BoardPart): BoardAction[] {
  if (part.part === 'seats') return part.courts.flatMap((court) => court.seats.map((seat) => seat.action));
  if (part.part === 'lines') return part.lines.flatMap((line) => line.rows.flatMap((row) => row.actions));
  if (part.part === 'objects') return [...part.sides.flatMap((side) => [side.down, side.up]), ...part.actions];
  if (part.part === 'cue') return [part.action];
  if (part.part === 'stages') return part.actions;
  if (part.part === 'zones') return part.sides.flatMap((side) => side.cells.flatMap(({ add, move }) => [add, move]));
  if (part.part === 'matches')
    return [
      ...part.now.map((match) => match.action),
      ...part.table.flatMap((row) => row.cells.flatMap((cell) => (cell ? [cell.action] : []))),
    ];
  if (part.part === 'watch') return [...(part.actions ?? []), ...part.rows.map((row) => row.action)];
  if (part.part === 'table') return [];
  if (part.part === 'tally') return [...part.rows.flatMap((row) => row.actions), ...(part.actions ?? [])];
  const own = part.sections.flatMap((s) => s.students.flatMap(({ action, more }) => (action ? [action, ...more] : more)));
  return [...own, ...part.actions];
}

/** The actions that an asking one can become, one for each answer; itself if it asks nothing. */
export const answered = ({ ask, ...action }: BoardAction): BoardAction[] => {
  if (!ask) return [action];
  if (ask.each) return answersFor(ask.each).map((list) => ({ ...action, event: { ...action.event, [ask.field]: list } }));
  return ask.among.map(({ value }) => ({ ...action, event: { ...action.event, [ask.field]: ask.many ? [value] : value } }));
};

/** Lists of answers are tried one place at a time beyond so many in all. */
const MOST_LISTS = 64;

/** Every list of one answer for each place; where those are too many, the list of first answers and those that differ from it at one place. */
function answersFor(each: NonNullable<Ask['each']>): Answer['value'][][] {
  const all = each.reduce((product, { among }) => product * among.length, 1);
  if (all <= MOST_LISTS)
    return each.reduce<Answer['value'][][]>((lists, { among }) => lists.flatMap((list) => among.map((a) => [...list, a.value])), [[]]);
  const first = each.map(({ among }) => among[0].value);
  return [first, ...each.flatMap(({ among }, i) => among.slice(1).map((a) => first.with(i, a.value)))];
}

/** A board with each of its actions changed. */
export function withActions(part: BoardPart, change: (action: BoardAction) => BoardAction): BoardPart {
  const row = (each: BoardRow): BoardRow => ({ ...each, actions: each.actions.map(change) });
  const student = (each: BoardStudent): BoardStudent => ({
    ...each,
    ...(each.action && { action: change(each.action) }),
    more: each.more.map(change),
  });
  switch (part.part) {
    case 'seats':
      return { ...part, courts: part.courts.map((c) => ({ ...c, seats: c.seats.map((s) => ({ ...s, action: change(s.action) })) })) };
    case 'lines':
      return { ...part, lines: part.lines.map((line) => ({ ...line, rows: line.rows.map(row) })) };
    case 'objects': {
      const sides = part.sides.map((side) => ({ ...side, down: change(side.down), up: change(side.up) }));
      return { ...part, sides, actions: part.actions.map(change) };
    }
    case 'matches': {
      const match = (each: BoardMatch) => ({ ...each, action: change(each.action) });
      const table = part.table.map((row) => ({ ...row, cells: row.cells.map((cell) => cell && { ...cell, action: change(cell.action) }) }));
      return { ...part, now: part.now.map(match), next: part.next.map(match), table };
    }
    case 'stages':
      return { ...part, actions: part.actions.map(change) };
    case 'cue':
      return { ...part, action: change(part.action) };
    case 'zones': {
      const cell = (each: BoardZones['cells'][number]) => ({ ...each, add: change(each.add), move: change(each.move) });
      return { ...part, sides: part.sides.map((side) => ({ ...side, cells: side.cells.map(cell) })) };
    }
    case 'tally':
      return { ...part, rows: part.rows.map(row), ...(part.actions && { actions: part.actions.map(change) }) };
    case 'watch':
      return {
        ...part,
        rows: part.rows.map((each) => ({ ...each, action: change(each.action) })),
        ...(part.actions && { actions: part.actions.map(change) }),
      };
    case 'table':
      return part;
    case 'roster': {
      const sections = part.sections.map((section) => ({ ...section, students: section.students.map(student) }));
      return { ...part, sections, actions: part.actions.map(change) };
    }
  }
}
