import { useState } from 'react';
import { callList } from '../../../core/rotation/callList.ts';

/** Numbers to call for two sides, drawn so that all are called as often; hidden until they are wanted, one at a time or as a list. */
export function CallList({ members, atOnce, calls }: { members: readonly string[]; atOnce: number; calls: number }) {
  const [seed, setSeed] = useState(1);
  const [called, setCalled] = useState(0);
  const half = Math.ceil(members.length / 2);
  const sides = [members.slice(0, half), members.slice(half)];
  const most = Math.max(1, half);
  if (members.length < 2) return <p className="text-muted">Two sides need at least two students.</p>;
  const list = callList({ sides: [sides[0].length, sides[1].length], atOnce: Math.min(atOnce, most), calls, seed }).calls;
  // Of unequal sides the smaller one's last number is held by its first as well: the number at the seam is shared.
  const holder = (side: readonly string[], number: number) => side[(number - 1) % side.length];
  return (
    <div className="grid h-full min-h-0 grid-cols-[1fr_22rem] gap-6 max-[900px]:grid-cols-1">
      <div className="flex min-h-0 flex-col items-center justify-center gap-4">
        <p aria-live="assertive" className="head text-[clamp(80px,16vw,260px)] leading-none text-tape">
          {called ? list[called - 1].join(' + ') : '–'}
        </p>
        <p className="text-lg">
          {called
            ? list[called - 1].map((n) => `${holder(sides[0], n)} against ${holder(sides[1], n)}`).join(', ')
            : `${calls} calls, nobody knows which.`}
        </p>
        <div className="flex gap-2 print:hidden">
          <button type="button" className="btn btn-tape" disabled={called >= list.length} onClick={() => setCalled(called + 1)}>
            {called ? 'Call the next' : 'Call the first'}
          </button>
          <button type="button" className="btn" disabled={!called} onClick={() => setCalled(called - 1)}>
            One back
          </button>
          <button
            type="button"
            className="btn"
            onClick={() => {
              setSeed(seed + 1);
              setCalled(0);
            }}
          >
            Draw another list
          </button>
        </div>
      </div>
      <div className="min-h-0 overflow-auto" tabIndex={0} role="region" aria-label="Call list">
        <details>
          <summary className="cursor-pointer underline">The whole list, for the caller only</summary>
          <ol className="mt-1 columns-3">
            {list.map((call, i) => (
              <li key={`call-${i + 1}`} className={i < called ? 'text-muted line-through' : ''}>
                {i + 1}. <span className="head text-base">{call.join(' + ')}</span>
              </li>
            ))}
          </ol>
        </details>
        <table className="mt-3 w-full border-collapse">
          <caption className="head text-left text-base">Who has which number</caption>
          <tbody>
            {Array.from({ length: most }, (_, i) => (
              <tr key={`number-${i + 1}`} className="border-b">
                <th scope="row" className="head w-10 py-0.5 text-left text-base">
                  {i + 1}
                </th>
                <td>{holder(sides[0], i + 1)}</td>
                <td>{holder(sides[1], i + 1)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}
