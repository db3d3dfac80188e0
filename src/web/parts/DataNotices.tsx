import { useQuery, useQueryClient } from '@tanstack/react-query';
import { call } from '../api.ts';
import { clockText, isoDate, shortDate } from './now.ts';

interface Notice {
  id: number;
  at: number;
  text: string;
}

/** What happened to the data folder while nobody looked: each stays until somebody says that it has been read. */
export function DataNotices() {
  const client = useQueryClient();
  const { data = [] } = useQuery({ queryKey: ['notices'], queryFn: () => call<Notice[]>('GET', '/notices') });
  /** Without an answer it stays, and says the same the next time. */
  const read = (id: number) =>
    call<Notice[]>('DELETE', `/notices/${id}`).then(
      (left) => client.setQueryData(['notices'], left),
      () => undefined,
    );
  if (!data.length) return null;
  return (
    <ul aria-label="About your data" className="mt-3 max-w-[820px]">
      {data.map(({ id, at, text }) => (
        <li key={id} className="mb-2 flex items-start gap-4 border-l-4 border-caution pl-3">
          <p className="min-w-0 flex-1 text-caution">
            {text}{' '}
            <span className="text-xs text-muted">
              {shortDate(isoDate(new Date(at)))}, {clockText(at)}
            </span>
          </p>
          <button type="button" className="btn shrink-0" onClick={() => void read(id)}>
            Got it<span className="sr-only">: {text}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}
