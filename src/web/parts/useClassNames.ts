import { useQuery } from '@tanstack/react-query';
import type { Room } from '../../core/model/room.ts';
import type { SchoolClass } from '../../core/model/schoolClass.ts';
import { call } from '../api.ts';

/** Classes and rooms by name, for lists and choices; one that is gone is said to be, nothing is said before they are read. */
export function useClassNames() {
  const listed = useQuery({ queryKey: ['classes'], queryFn: () => call<{ schoolClass: SchoolClass }[]>('GET', '/classes') }).data;
  const rooms = useQuery({ queryKey: ['rooms'], queryFn: () => call<Room[]>('GET', '/rooms') }).data;
  const classes = listed?.map((c) => c.schoolClass);
  const named = (list: readonly { id: string; name: string }[] | undefined, id: string, gone: string) =>
    list && (list.find((x) => x.id === id)?.name ?? gone);
  return {
    classes: classes ?? [],
    rooms: rooms ?? [],
    ofClass: (id: string) => named(classes, id, 'a class that is gone') ?? '',
    ofRoom: (id: string) => named(rooms, id, 'a room that is gone') ?? '',
  };
}
