import type { ToBring } from '../../../core/adapt/inUse.ts';
import type { FittedBlock, FittedLesson } from '../../../core/fit/fitted.ts';
import { counted, listed } from '../../../core/formats/speak.ts';
import type { GearLine } from '../../../core/gear/cover.ts';
import { ON_THE_FLOOR } from '../../../core/gear/laidNeeds.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { HomeMade } from '../../../core/model/homeMade.ts';

const USE = { stays: 'stays there', bring: 'students bring it', park: 'parked', wear: 'put on, taken off' } as const;

/** What the lesson needs against the gear closet, then the lay-out list: place by place in walking order. */
interface Props {
  fitted: FittedLesson;
  block: FittedBlock | undefined;
  /** What plans in use take beside it. */
  bring: readonly ToBring[];
  names: { gear: readonly Gear[]; homeMade: readonly HomeMade[] };
}

export function GearSheet({ fitted, block, bring, names }: Props) {
  if (!fitted.gear.length) return <p className="p-4 text-muted">No gear is needed yet. Add a game on the strip.</p>;
  const pieces = block?.game?.pieces ?? [];
  const lines = fitted.gear.filter((l) => !block?.game || l.blockId === block.id);
  return (
    <div className="p-4">
      <table className="w-full border-collapse">
        <caption className="sr-only">Gear needed at once against the gear closet</caption>
        <thead>
          <tr className="border-b border-ink text-left text-xs text-muted">
            <th scope="col" className="py-1 font-normal">
              Kind
            </th>
            <th scope="col" className="w-14 text-right font-normal">
              need
            </th>
            <th scope="col" className="w-14 text-right font-normal">
              have
            </th>
            <th scope="col" className="w-14 text-right font-normal">
              short
            </th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.blockId + line.gearKind} className="border-b align-top">
              <td className="py-1.5">
                <span className="font-bold">{line.gearKind}</span>
                <span className="block text-xs text-muted">
                  {line.from.map((f) => `${f.name}${f.place ? `, ${f.place}` : ''}`).join('; ') || 'not in the gear closet'}
                </span>
                {line.promised.map((p) => (
                  <span key={p.to} className="block text-xs text-caution">
                    {p.count} with {p.to} at the same time
                  </span>
                ))}
              </td>
              <td className="head py-1.5 text-right text-base">{line.need}</td>
              <td className="head py-1.5 text-right text-base">{line.have}</td>
              <td className={`head py-1.5 text-right text-base ${line.short ? 'text-stop' : 'text-muted'}`}>{line.short || '–'}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <h2 className="mt-4 mb-1 text-base">Set up in this order</h2>
      <ol>
        {pieces.map((piece) => {
          const here = lines.flatMap((l) => l.at.filter((a) => a.pieceId === piece.id).map((a) => ({ ...a, kind: l.gearKind })));
          return (
            <li key={piece.id} className="flex gap-2 border-b py-1">
              <span className="head w-6 text-base text-tape">{piece.number}</span>
              <span>
                <span className="font-bold">{piece.title}</span>
                <span className="block text-muted">
                  {here.map((h) => `${counted(h.count, h.kind)} (${USE[h.use]}${h.where ? `, ${h.where}` : ''})`).join('; ') || 'nothing'}
                </span>
              </span>
            </li>
          );
        })}
        <OnTheFloor lines={lines} />
      </ol>
      <AlsoBring bring={block?.game ? bring.filter((b) => b.block === block.id) : bring} {...{ names, pieces }} />
    </div>
  );
}

/** What was laid out beside the places: last, on the way back. */
function OnTheFloor({ lines }: { lines: readonly GearLine[] }) {
  const here = lines.flatMap((l) => l.at.filter((a) => a.pieceId === ON_THE_FLOOR).map((a) => counted(a.count, l.gearKind)));
  if (!here.length) return null;
  return (
    <li className="flex gap-2 border-b py-1">
      <span className="head w-6 text-base text-tape">+</span>
      <span>
        <span className="font-bold">Added to the floor</span>
        <span className="block text-muted">{here.join('; ')}</span>
      </span>
    </li>
  );
}

/** What plans in use take: what and where, never for whom. */
function AlsoBring({ bring, names, pieces }: Pick<Props, 'bring' | 'names'> & { pieces: readonly { id: string; number: number }[] }) {
  if (!bring.length) return null;
  return (
    <>
      <h2 className="mt-4 mb-1 text-base">Also bring</h2>
      <ul>
        {bring.map(({ gearId, homeMade, count, block, places }) => {
          const item = names.gear.find((g) => g.id === gearId);
          const title = item?.name ?? names.homeMade.find((t) => t.id === homeMade)?.title ?? 'an item';
          const numbers = places.flatMap((id) => pieces.find((p) => p.id === id)?.number ?? []).sort((a, b) => a - b);
          return (
            <li key={`${block}|${gearId ?? homeMade}`} className="border-b py-1">
              <span className="font-bold">
                {count} × {title}
              </span>
              <span className="block text-muted">
                {[item?.place, homeMade && 'home-made', numbers.length ? `for ${listed(numbers.map(String))}` : '']
                  .filter(Boolean)
                  .join(' · ')}
              </span>
            </li>
          );
        })}
      </ul>
    </>
  );
}
