import { useQuery } from '@tanstack/react-query';
import { call } from '../../api.ts';
import { clockText, isoDate, shortDate } from '../../parts/now.ts';
import { useClassNames } from '../../parts/useClassNames.ts';

interface Look {
  id: string;
  at: number;
  classId: string | null;
}

/** When care alerts were opened on a guest's page, the latest first. */
export function GuestLooks() {
  const looks = useQuery({ queryKey: ['guest-looks'], queryFn: () => call<Look[]>('GET', '/guest-looks'), refetchOnMount: 'always' });
  const { ofClass } = useClassNames();
  if (!looks.data?.length) return null;
  return (
    <section className="mt-7 max-w-[820px]" aria-label="Care alerts opened">
      <h2 className="border-b-2 border-paint pb-0.5 text-lg">Care alerts opened by a guest</h2>
      <ul>
        {looks.data.map(({ id, at, classId }) => (
          <li key={id} className="border-b py-1">
            {classId ? ofClass(classId) : 'A removed period'}: {shortDate(isoDate(new Date(at)))}, {clockText(at)}
          </li>
        ))}
      </ul>
    </section>
  );
}
