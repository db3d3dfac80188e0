import { fieldIn } from '../arrange/fieldIn.ts';
import { type Point, type Rect, rectPolygon } from '../geometry/point.ts';
import { memoize } from '../memoize.ts';
import type { FindingDraft, FixIdea } from '../model/finding.ts';
import { roomArea } from '../model/room.ts';
import type { PlanContext } from './format.ts';
import { idea, setting } from './ideas.ts';
import { type Data, n, t } from './say.ts';
import type { Speak } from './speak.ts';

const largest = memoize(fieldIn);

export type FieldContext = PlanContext<unknown, { edgeM: number; spacing: 'close' | 'wide' }>;

/** The field of the whole class, `closeM2` for each student (80 m² at the least) where it shall be close together; undefined if there is none. */
export const classField = ({ room, taken, values, players }: FieldContext, closeM2: number): Rect | undefined =>
  largest(
    roomArea(room, values.edgeM, taken),
    values.spacing === 'close' ? Math.max(80, closeM2 * players.length) : Number.POSITIVE_INFINITY,
  );

/** Metres between two cones along an edge, at most. */
const CONES_M = 6;

/** Cones at the corners and along the edges. */
export function coneSpots(field: Rect): Point[] {
  const corners = rectPolygon(field);
  return corners.flatMap((a, i) => {
    const b = corners[(i + 1) % 4];
    const parts = Math.max(1, Math.ceil(Math.hypot(b.x - a.x, b.y - a.y) / CONES_M));
    return Array.from({ length: parts }, (_, k) => ({ x: a.x + ((b.x - a.x) * k) / parts, y: a.y + ((b.y - a.y) * k) / parts }));
  });
}

type Crowded<P extends string> = FindingDraft<`${P}-no-floor`, FixIdea<`${P}-edge` | `${P}-wide`>>;

/** No field, or less than `leastM2` of it for each student. The codes begin with the format's prefix; `crowdedFindings` and `crowdedFixes` say them. */
export function crowdedField<P extends string>(context: FieldContext, prefix: P, field: Rect | undefined, leastM2: number): Crowded<P>[] {
  const each = field ? (field.width * field.depth) / Math.max(1, context.players.length) : 0;
  if (each >= leastM2) return [];
  const { edgeM, spacing } = context.values;
  return [
    {
      code: `${prefix}-no-floor`,
      weight: 'stop',
      at: { block: context.blockId, piece: 'side-1' },
      data: { found: Math.round(each * 10) / 10, wanted: leastM2, playing: context.players.length },
      ideas: [
        ...(edgeM > 0.5
          ? [idea<`${P}-edge`>(`${prefix}-edge`, { gapM: 0.5 }, setting(context, 'edgeM', 0.5), setting(context, 'spacing', 'wide'))]
          : []),
        ...(spacing === 'close' ? [idea<`${P}-wide`>(`${prefix}-wide`, {}, setting(context, 'spacing', 'wide'))] : []),
      ],
    },
  ];
}

/** What it says. */
export const crowdedFindings = <P extends string>(prefix: P) =>
  ({
    [`${prefix}-no-floor`]: (d: Data, speak: Speak) => ({
      what: `${speak.measure('area', n(d, 'found'))} for each student`,
      why: `At least ${speak.measure('area', n(d, 'wanted'))} each is needed, clear of walls and everything that stands there.`,
    }),
  }) as Record<`${P}-no-floor`, (d: Data, speak: Speak) => { what: string; why: string }>;

/** What its ideas are called. */
export const crowdedFixes = <P extends string>(prefix: P) =>
  ({
    [`${prefix}-edge`]: (d: Data) => `Leave ${t(d, 'gapWords')} to the walls`,
    [`${prefix}-wide`]: () => 'Use all of the floor',
  }) as Record<`${P}-edge` | `${P}-wide`, (d: Data) => string>;
