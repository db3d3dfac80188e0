import { counted, listed } from '../formats/speak.ts';
import type { Removable, Touched } from '../model/removal.ts';

const PARTS: readonly (readonly [keyof Touched, string])[] = [
  ['students', 'student'],
  ['pairings', 'pairing'],
  ['plans', 'plan chosen for a student'],
  ['periods', 'period'],
  ['lessons', 'lesson'],
];
const partWords = (touched: Touched, [key, kind]: (typeof PARTS)[number]): string =>
  key === 'plans' && touched.plans !== 1 ? `${touched.plans} plans chosen for students` : counted(touched[key], kind);

/** True if a removal takes nothing along but the fact itself. */
export const touchesNothing = (touched: Touched): boolean => Object.values(touched).every((n) => n === 0);

/** "27 students, 2 pairings, and 3 periods go too."; empty if nothing does. */
export function goesAlong(touched: Touched): string {
  const parts = PARTS.filter(([key]) => touched[key] > 0);
  const said = parts.map((part) => partWords(touched, part));
  if (!said.length) return '';
  const one = parts.length === 1 && touched[parts[0][0]] === 1;
  return `${listed(said)} ${one ? 'goes' : 'go'} too.`;
}

/** What happens to periods that stay. */
export function changedWords(what: Removable, { changed }: Touched, toRoom = ''): string {
  if (changed === 0) return '';
  const periods = counted(changed, 'period');
  if (what === 'room') return `${periods} ${changed === 1 ? 'moves' : 'move'} to ${toRoom}.`;
  return `${periods} of other classes ${changed === 1 ? 'goes' : 'go'} on without it.`;
}
