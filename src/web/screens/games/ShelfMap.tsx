import type { ShelfRow } from '../../../core/shelf/judge.ts';
import { measureWords } from '../../../core/words/ways.en.ts';
import type { Desk } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import type { Shown } from './ShelfRows.tsx';

const [WIDTH, HEIGHT] = [1180, 560];
const TILE = { width: 108, height: 92 };
const EDGE = 48;

interface Spot {
  shown: Shown & { row: ShelfRow };
  /** Where it belongs, and where its tile lies: beside the others. */
  at: { x: number; y: number };
  x: number;
  y: number;
}

/** Tiles where they belong, each moved as little as keeps it off those before it. */
function spread(shown: readonly (Shown & { row: ShelfRow })[], most: number): Spot[] {
  const spots: Spot[] = [];
  const clash = (x: number, y: number) => spots.some((s) => Math.abs(s.x - x) < TILE.width + 4 && Math.abs(s.y - y) < TILE.height + 4);
  const within = (v: number, least: number, end: number) => Math.max(least, Math.min(end, v));
  for (const each of shown) {
    const { activeShare, floorShare } = each.row.measures;
    const at = {
      x: EDGE + activeShare * (WIDTH - 2 * EDGE),
      y: HEIGHT - EDGE - (Math.min(floorShare, most) / most) * (HEIGHT - 2 * EDGE),
    };
    let [x, y] = [
      within(at.x, EDGE + TILE.width / 2, WIDTH - TILE.width / 2),
      within(at.y, TILE.height / 2, HEIGHT - EDGE - TILE.height / 2),
    ];
    const [x0, y0] = [x, y];
    for (let turn = 1; clash(x, y) && turn < 1500; turn++) {
      const [angle, out] = [turn * 2.4, 6 * Math.sqrt(turn)];
      x = within(x0 + 1.6 * out * Math.cos(angle), EDGE + TILE.width / 2, WIDTH - TILE.width / 2);
      y = within(y0 + out * Math.sin(angle), TILE.height / 2, HEIGHT - EDGE - TILE.height / 2);
    }
    spots.push({ shown: each, at, x, y });
  }
  return spots;
}

interface Props {
  shown: readonly Shown[];
  desk: Desk;
  onOpen(id: string): void;
}

/** Games by the floor they need and the time on task: each its floor, on a line to where it belongs. */
export function ShelfMap({ shown, desk, onOpen }: Props) {
  const judged = shown.filter((s): s is Shown & { row: ShelfRow } => s.row !== undefined);
  const most = Math.max(0.2, ...judged.map((s) => s.row.measures.floorShare));
  const spots = spread(judged, most);
  const ticks = [0, 0.25, 0.5, 0.75, 1];
  return (
    <div className="overflow-auto" role="group" aria-label="Games by floor and time on task" tabIndex={0}>
      <div className="relative" style={{ width: WIDTH, height: HEIGHT }}>
        <svg width={WIDTH} height={HEIGHT} className="absolute inset-0" aria-hidden="true">
          {ticks.map((t) => {
            const x = EDGE + t * (WIDTH - 2 * EDGE);
            const y = HEIGHT - EDGE - t * (HEIGHT - 2 * EDGE);
            return (
              <g key={t} fontSize="12" fill="var(--color-muted)">
                <line x1={x} x2={x} y1={EDGE / 2} y2={HEIGHT - EDGE + 6} stroke="var(--color-line)" />
                <text x={x} y={HEIGHT - EDGE + 20} textAnchor="middle">
                  {Math.round(t * 100)}%
                </text>
                <line x1={EDGE - 6} x2={WIDTH - EDGE / 2} y1={y} y2={y} stroke="var(--color-line)" />
                <text x={EDGE - 10} y={y + 4} textAnchor="end">
                  {Math.round(t * most * 100)}%
                </text>
              </g>
            );
          })}
          <text x={WIDTH - EDGE} y={HEIGHT - 8} textAnchor="end" fontSize="14" fontWeight="700">
            time on task →
          </text>
          <text x={EDGE} y={14} fontSize="14" fontWeight="700">
            ↑ floor needed
          </text>
          {spots.map(({ shown: { game }, at, x, y }) => (
            <g key={game.id} stroke="var(--color-tape)" fill="var(--color-tape)">
              <line x1={at.x} y1={at.y} x2={x} y2={y} strokeWidth="1" />
              <circle cx={at.x} cy={at.y} r="3" stroke="none" />
            </g>
          ))}
        </svg>
        <ul>
          {spots.map(({ shown: { game, row }, x, y }) => (
            <li key={game.id} className="absolute" style={{ left: x - TILE.width / 2, top: y - TILE.height / 2, width: TILE.width }}>
              <button
                type="button"
                className={`w-full border bg-paper p-0.5 hover:bg-tint ${row.state === 'no' ? 'border-stop' : 'border-ink'}`}
                title={`${game.title}: ${measureWords('activeShare', row.measures.activeShare)} on task, ${measureWords('floorShare', row.measures.floorShare)} of the floor`}
                onClick={() => onOpen(game.id)}
              >
                <MiniFloor room={desk.room} pieces={row.pieces} width={102} height={52} />
                <span className="line-clamp-2 text-center text-xs leading-4">{game.title}</span>
              </button>
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
