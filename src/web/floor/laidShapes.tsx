import { type GearColour, LAID_FACTS, type LaidPiece } from '../../core/model/laidPiece.ts';
import { TapeRect } from './Tape.tsx';

const TAPE = 'var(--color-tape)';
const INK = 'var(--color-ink)';

interface ShapeProps {
  piece: LaidPiece;
  /** Pixels across, along, and a metre. */
  w: number;
  l: number;
  k: number;
}

/** Arrow heads along a lane, pointing its way. */
function Heads({ w, l, count }: { w: number; l: number; count: number }) {
  const size = Math.min(w * 0.3, 16);
  return (
    <g fill="none" stroke={TAPE} strokeWidth="2.5">
      {Array.from({ length: count }, (_, i) => {
        const y = l / 2 - ((i + 0.5) * l) / count;
        return <path key={`head-${i + 1}`} d={`M${-size} ${y + size * 0.6}L0 ${y - size * 0.4}L${size} ${y + size * 0.6}`} />;
      })}
    </g>
  );
}

/** People on a line, one behind the other. */
function Queue({ w, l, count }: { w: number; l: number; count: number }) {
  const r = Math.max(2.5, Math.min(6, w * 0.35, l / count / 2));
  return (
    <g fill="white" stroke={INK} strokeWidth="1.5">
      {Array.from({ length: count }, (_, i) => (
        <circle key={`stand-${i + 1}`} cy={-l / 2 + ((i + 0.5) * l) / count} r={r} />
      ))}
    </g>
  );
}

/** How each colour looks on the floor. */
const COLOURS: Record<GearColour, string> = {
  orange: '#D55E00',
  yellow: '#F0E442',
  red: '#B5342E',
  blue: '#0072B2',
  green: '#009E73',
  white: '#FFFFFF',
};
const colourOf = (piece: LaidPiece) => COLOURS[piece.colour ?? 'orange'];

/** A cone from above: a ring with a hole. */
function Cone({ x = 0, r, fill }: { x?: number; r: number; fill: string }) {
  return (
    <>
      <circle cx={x} r={r} fill={fill} stroke={INK} strokeWidth="1.5" />
      <circle cx={x} r={r * 0.36} fill="white" stroke={INK} strokeWidth="1.2" />
    </>
  );
}

/** A piece as it lies: by its kind, or thinly where nothing of it is taped. */
export const drawnLaid = (p: ShapeProps) =>
  p.piece.bare && p.piece.laid !== 'waiting-line' && LAID_FACTS[p.piece.laid].tape !== 'none' ? (
    <Thought {...p} />
  ) : (
    LAID_SHAPES[p.piece.laid](p)
  );

/** What is not taped: a thin dotted line where it is to be thought. */
const Thought = ({ w, l }: Pick<ShapeProps, 'w' | 'l'>) => (
  <rect
    x={-w / 2}
    y={-l / 2}
    width={w}
    height={l}
    fill="white"
    fillOpacity="0.55"
    stroke={TAPE}
    strokeWidth="1.2"
    strokeDasharray="1.5 5"
  />
);

const Taped = ({ w, l, k }: ShapeProps) => (
  <>
    <rect x={-w / 2} y={-l / 2} width={w} height={l} fill="white" fillOpacity="0.55" />
    <TapeRect x={-w / 2} y={-l / 2} width={w} height={l} k={k} seed={7} />
  </>
);
const Person = ({ letter }: { letter: string }) => (
  <>
    <circle r="12" fill={INK} stroke="white" strokeWidth="2" />
    <text textAnchor="middle" dominantBaseline="central" fontSize="13" fontWeight="700" fill="white" fontFamily="var(--font-head)">
      {letter}
    </text>
  </>
);

/** How each kind lies on the floor, its direction upwards. */
const LAID_SHAPES: Record<LaidPiece['laid'], (p: ShapeProps) => React.ReactNode> = {
  'no-cross': ({ w, k }) => {
    const t = Math.max(4, 0.1 * k);
    return (
      <>
        <rect x={-w / 2} y={-t / 2} width={w} height={t} fill={TAPE} />
        <path d={`M${-w / 2} ${t + 3}H${w / 2}`} stroke={TAPE} strokeWidth="1.5" strokeDasharray="3 6" />
      </>
    );
  },
  lane: (p) => (
    <>
      <Taped {...p} />
      <Heads w={p.w} l={p.l} count={Math.max(1, Math.min(6, Math.floor(p.l / 44)))} />
    </>
  ),
  target: (p) => {
    const zones = p.piece.zones ?? 1;
    return (
      <>
        <Taped {...p} />
        {Array.from({ length: zones - 1 }, (_, i) => {
          const share = 1 - (i + 1) / zones;
          return (
            <rect
              key={`zone-${i + 2}`}
              x={(-p.w / 2) * share}
              y={(-p.l / 2) * share}
              width={p.w * share}
              height={p.l * share}
              fill={TAPE}
              fillOpacity="0.15"
              stroke={TAPE}
              strokeWidth="2"
            />
          );
        })}
      </>
    );
  },
  spot: ({ piece, w }) => {
    const r = Math.max(5, w / 2);
    return (
      <>
        <circle r={r} fill={COLOURS[piece.colour ?? 'white']} stroke={TAPE} strokeWidth="2.5" />
        <path d={`M${-r * 0.6} 0H${r * 0.6}M0 ${-r * 0.6}V${r * 0.6}`} stroke={TAPE} strokeWidth="2" />
      </>
    );
  },
  hoop: ({ piece, w }) => (
    <>
      <circle r={Math.max(6, w / 2)} fill="white" fillOpacity="0.5" stroke={INK} strokeWidth="5.5" />
      <circle r={Math.max(6, w / 2)} fill="none" stroke={COLOURS[piece.colour ?? 'green']} strokeWidth="3" />
      {piece.grab && <circle r="5" fill={INK} />}
    </>
  ),
  cone: ({ piece, w }) => <Cone r={Math.max(6, w / 2)} fill={colourOf(piece)} />,
  gate: ({ piece, w, k }) => {
    const r = Math.max(6, 0.12 * k);
    return (
      <>
        <line x1={-w / 2} x2={w / 2} stroke={INK} strokeWidth="1.5" strokeDasharray="4 4" />
        <Cone x={-w / 2} r={r} fill={colourOf(piece)} />
        <Cone x={w / 2} r={r} fill={colourOf(piece)} />
      </>
    );
  },
  barrier: ({ w, l }) => {
    const t = Math.max(5, l);
    return (
      <>
        <rect x={-w / 2} y={-t / 2} width={w} height={t} fill="white" stroke={INK} strokeWidth="1.5" />
        <path d={`M${-w / 2} 0H${w / 2}`} stroke={INK} strokeWidth={t - 3} strokeDasharray="1.5 5" />
        <circle cx={-w / 2} r="4.5" fill={INK} />
        <circle cx={w / 2} r="4.5" fill={INK} />
      </>
    );
  },
  goal: ({ w, l }) => (
    <>
      <rect x={-w / 2} y={-l / 2} width={w} height={l} fill="white" fillOpacity="0.6" />
      <path d={`M${-w / 2} ${l / 2}V${-l / 2}H${w / 2}V${l / 2}`} fill="none" stroke={INK} strokeWidth="3.5" />
    </>
  ),
  'waiting-line': ({ piece, w, l }) => (
    <>
      {piece.bare ? (
        <rect x={-w / 2} y={-l / 2} width={w} height={l} fill="none" stroke={TAPE} strokeWidth="1.5" strokeDasharray="5 4" />
      ) : (
        <path d={`M0 ${l / 2}V${-l / 2}M${-w / 2} ${-l / 2}H${w / 2}`} stroke={TAPE} strokeWidth="3" />
      )}
      <Queue w={w} l={l} count={piece.students ?? 0} />
    </>
  ),
  'side-box': (p) => (
    <>
      <Taped {...p} />
      <path
        d={`M${-p.w / 2} ${-p.l / 2}L${p.w / 2} ${p.l / 2}M${p.w / 2} ${-p.l / 2}L${-p.w / 2} ${p.l / 2}`}
        stroke={TAPE}
        strokeOpacity="0.35"
      />
    </>
  ),
  home: ({ w }) => {
    const r = Math.max(7, w / 2);
    return <path d={`M0 ${-r * 1.2}L${r} ${-r * 0.2}V${r}H${-r}V${-r * 0.2}Z`} fill="white" stroke={TAPE} strokeWidth="2.5" />;
  },
  'gear-drop': ({ w, l }) => (
    <>
      <rect x={-w / 2} y={-l / 2} width={w} height={l} fill="#F6F1E8" stroke={INK} strokeWidth="1.5" />
      <path d={`M${-w / 2} 0H${w / 2}M0 ${-l / 2}V${l / 2}`} stroke={INK} strokeWidth="1.5" />
    </>
  ),
  element: (p) => (
    <>
      <rect x={-p.w / 2} y={-p.l / 2} width={p.w} height={p.l} fill="#E8EBDD" stroke={INK} strokeWidth="1.5" />
      <Heads w={p.w} l={p.l} count={1} />
    </>
  ),
  court: (p) => <Taped {...p} />,
  line: ({ w, k }) => <path d={`M${-w / 2} 0H${w / 2}`} stroke={TAPE} strokeWidth={Math.max(2, 0.05 * k)} />,
  position: ({ piece, k }) => (
    <text
      textAnchor="middle"
      dominantBaseline="central"
      fontSize={Math.max(12, Math.min(18, k * 0.5))}
      fontWeight="700"
      fill="var(--color-muted)"
    >
      {piece.title}
    </text>
  ),
  teacher: () => <Person letter="T" />,
  adult: () => <Person letter="A" />,
};
