import { money } from '../../../core/formats/speak.ts';
import { wishList } from '../../../core/gear/stockTaking.ts';
import type { Gear } from '../../../core/model/gear.ts';
import { download } from '../../parts/download.ts';

/** What the school wishes for, what it costs, and the list as a file; nothing where nobody wishes. */
export function WishList({ gear }: { gear: readonly Gear[] }) {
  const { lines, costCents } = wishList(gear);
  if (!lines.length) return null;
  const save = async () => {
    const { wishCsv } = await import('../../../core/exchange/gearCsv.ts');
    const text = wishCsv(lines, costCents);
    download(new Blob([text], { type: 'text/csv' }), 'wish-list.csv');
  };
  return (
    <section className="mt-6" aria-label="Wish list">
      <h2 className="flex items-end border-b-2 border-paint pb-0.5 text-base">
        <span className="flex-1">Wish list</span>
        <button type="button" className="btn text-sm" onClick={() => void save()}>
          Save the wish list as CSV
        </button>
      </h2>
      <ul>
        {lines.map((line) => (
          <li key={line.id} className="flex gap-3 border-b py-1">
            <span className="head w-14 text-right text-base">{line.count}</span>
            <span className="flex-1">{line.name}</span>
            <span className="w-24 text-right">{line.costCents ? money(line.costCents) : 'no cost yet'}</span>
          </li>
        ))}
        <li className="flex gap-3 py-1 font-bold">
          <span className="w-14" />
          <span className="flex-1">Total</span>
          <span className="w-24 text-right">{money(costCents)}</span>
        </li>
      </ul>
    </section>
  );
}
