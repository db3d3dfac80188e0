import type { GroupTraits } from '../groups/traits.ts';
import { likesCalm, type StudentPrivate } from '../model/student.ts';

/** A student as groups are dealt; who has no rating counts as being in the middle. */
export function traitsOf(id: string, own: StudentPrivate | undefined): GroupTraits {
  const { rating = 3, tags, helper } = own ?? {};
  return { id, rating, ...(tags?.length && { tags }), ...(helper && { helper }), ...(own && likesCalm(own) && { calm: true }) };
}
