import type { GroupTraits } from '../groups/traits.ts';
import type { StudentPrivate } from '../model/student.ts';

/** A student as groups are dealt; who has no rating counts as being in the middle. */
export function traitsOf(id: string, own: StudentPrivate | undefined): GroupTraits {
  const { rating = 3, tags, helper, calm } = own ?? {};
  return { id, rating, ...(tags?.length && { tags }), ...(helper && { helper }), ...(calm && { calm }) };
}
