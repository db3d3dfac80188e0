import { useLayoutEffect, useRef, useState } from 'react';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearFamily, GearKind } from '../../../core/model/gearKind.ts';
import { promiseWords } from '../../../core/words/gear.en.ts';
import { shapeOf } from './gearShapes.ts';

/** An item keeps this much of a board, in CSS pixels. */
const ITEM_PX = 228;

interface Props {
  gear: readonly Gear[];
  kinds: readonly GearKind[];
  chosen: string | null;
  choose(id: string): void;
  /** What each of today's periods needs of a kind, and how many of the kind there are. */
  needsOf(kind: string): number[];
  haveOf(kind: string): number;
}

/** The closet as it stands: a board for each place, what lies on it drawn, how many there are, and what the day takes of it. */
export function Shelves({ gear, kinds, ...row }: Props) {
  const ref = useRef<HTMLDivElement>(null);
  const [columns, setColumns] = useState(3);
  useLayoutEffect(() => {
    const count = () => setColumns(Math.max(1, Math.floor((ref.current?.clientWidth ?? 3 * ITEM_PX) / ITEM_PX)));
    count();
    const watch = new ResizeObserver(count);
    watch.observe(ref.current!);
    return () => watch.disconnect();
  }, []);
  const places = [...new Set(gear.map((g) => g.place))];
  return (
    <div ref={ref} className="grid grid-flow-row-dense gap-x-5" style={{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }}>
      {places.map((place) => {
        const items = gear.filter((g) => g.place === place);
        const span = Math.min(columns, items.length);
        const empty = (span - (items.length % span)) % span;
        return (
          <section key={place} className="pb-3" style={{ gridColumn: `span ${span}` }} aria-label={place || 'No place yet'}>
            <h2 className="text-sm text-muted">{place || 'No place yet'}</h2>
            <ul className="grid" style={{ gridTemplateColumns: `repeat(${span}, minmax(0, 1fr))` }}>
              {items.map((item) => (
                <OnBoard key={item.id} {...{ item }} family={kinds.find((k) => k.kind === item.gearKind)?.family ?? 'other'} {...row} />
              ))}
              {Array.from({ length: empty }, (_, i) => (
                <li key={`empty-${i}`} aria-hidden="true" className="pt-[84px]">
                  <Board />
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </div>
  );
}

const Board = () => <span className="block h-3 w-full border-y-[1.5px] border-ink bg-maple" />;

function OnBoard({ item, family, chosen, choose, needsOf, haveOf }: Omit<Props, 'gear' | 'kinds'> & { item: Gear; family: GearFamily }) {
  const [needs, have] = [needsOf(item.gearKind), haveOf(item.gearKind)];
  const isShort = needs.some((need) => need > have);
  const isChosen = chosen === item.id;
  return (
    <li>
      <button
        type="button"
        aria-pressed={isChosen}
        onClick={() => choose(item.id)}
        className={`flex h-full w-full flex-col text-left ${isChosen ? 'bg-bench' : 'hover:bg-bench'}`}
      >
        <span className="flex h-[84px] w-full items-end gap-3 pr-2 pl-3">
          <span className={`head w-11 shrink-0 self-start pt-1 text-xl ${isShort ? 'text-stop' : ''}`}>{item.count}</span>
          <Things count={item.count} {...{ family }} kind={item.gearKind} isShort={isShort} />
        </span>
        <Board />
        <span className={`w-full grow px-3 pt-1 pb-2 ${isChosen ? 'border-b-2 border-ink' : 'border-b-2 border-transparent'}`}>
          <span className="block font-bold break-words">{item.name}</span>
          <span className={`block text-xs ${isShort ? 'text-stop' : 'text-muted'}`}>{promiseWords(needs, have)}</span>
        </span>
      </button>
    </li>
  );
}

/** Some of the things side by side; the number says how many there are. */
function Things({ count, family, kind, isShort }: { count: number; family: GearFamily; kind: string; isShort: boolean }) {
  const { d, width, step, most } = shapeOf(kind, family);
  const shown = Math.min(count, most);
  if (!shown) return null;
  const wide = width + step * (shown - 1);
  return (
    <svg
      aria-hidden="true"
      className="h-[60px] max-w-[148px] min-w-0"
      viewBox={`-1 -59 ${wide + 2} 60`}
      preserveAspectRatio="xMinYMax meet"
      fill="var(--color-paper)"
      stroke={isShort ? 'var(--color-stop)' : 'var(--color-paint)'}
      strokeWidth={1.5}
      strokeLinejoin="round"
    >
      {Array.from({ length: shown }, (_, i) => (
        <path key={i} transform={`translate(${i * step} 0)`} d={d} />
      ))}
    </svg>
  );
}
