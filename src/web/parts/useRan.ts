import { useQuery } from '@tanstack/react-query';
import { call } from '../api.ts';

/** The periods of those days whose lesson has been run to its end, by id: nothing of them is to be fixed any more. */
export function useRan(days: readonly string[]): ReadonlySet<string> {
  const sorted = [...days].sort();
  const [from = '', until = ''] = [sorted.at(0), sorted.at(-1)];
  const { data } = useQuery({
    queryKey: ['runs', 'ran', from, until],
    queryFn: () => call<string[]>('GET', `/runs/ran?from=${from}&until=${until}`),
    enabled: from !== '',
  });
  return new Set(data);
}
