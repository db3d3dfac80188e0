import { useQuery } from '@tanstack/react-query';
import { call } from '../api.ts';

/** The periods of those days whose lesson has been run to its end, by id: nothing of them is to be fixed any more. */
export function useRan(days: readonly string[]): ReadonlySet<string> {
  const [from, until] = [days.reduce((a, b) => (b < a ? b : a), days[0] ?? ''), days.reduce((a, b) => (b > a ? b : a), '')];
  const { data } = useQuery({
    queryKey: ['runs', 'ran', from, until],
    queryFn: () => call<string[]>('GET', `/runs/ran?from=${from}&until=${until}`),
    enabled: from !== '',
  });
  return new Set(data);
}
