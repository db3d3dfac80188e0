import { unitsThatFit } from '../arrange/grid.ts';
import { type RectPlace, rectPiece } from '../arrange/rectPlaces.ts';
import type { GearNeed } from '../gear/need.ts';
import type { UnitSize } from '../geometry/packRows.ts';
import { memoize } from '../memoize.ts';
import type { Band } from '../model/band.ts';
import type { FixIdea } from '../model/finding.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import { roomArea } from '../model/room.ts';
import { type Stay, stay, type UnitKind } from './bouts.ts';
import { courtPlaces } from './courts.ts';
import type { BlockDraft, PlanContext } from './format.ts';
import { fewerThan, idea, levelGroups, moreThan, setting } from './ideas.ts';
import { type Data, n } from './say.ts';
import { type SettingMeta, SPACING } from './setting.ts';
import { countSetting, gapSetting, metresSetting } from './sharedSettings.ts';
import { counted } from './speak.ts';

const fits = memoize(unitsThatFit);

/** Small fields side by side, each shared by a few groups. `fields` is solved if it is not set. */
export interface FieldsValues {
  fields?: number;
  perField: number;
  widthM: number;
  lengthM: number;
  gapM: number;
  spacing: 'close' | 'wide';
}
export type FieldsContext = PlanContext<unknown, FieldsValues>;

/** What one field takes of the floor. */
export const fieldUnit = ({ values }: Pick<FieldsContext, 'values'>): UnitSize => ({
  width: values.widthM,
  depth: values.lengthM,
  gap: values.gapM,
});

/** How many fields: the teacher's number, else enough for `perField` on each, as far as floor and gear (`most`) allow; at least `least` students on each. */
export function fieldCount(context: FieldsContext, most: number, least: number): number {
  const { values, players, room, wallClearanceM, taken } = context;
  if (values.fields !== undefined) return values.fields;
  const floor = fits(roomArea(room, wallClearanceM, taken), fieldUnit(context));
  const wanted = Math.ceil(players.length / values.perField);
  return Math.max(1, Math.min(wanted, floor, most || 1, Math.floor(players.length / least) || 1, 16));
}

/** Every group at its field, so many of them at each. */
export const fieldStays = (kind: UnitKind, groups: readonly (readonly string[])[], each: number): Stay[] =>
  groups.map((members, g) => stay(kind, members, Math.floor(g / each)));

/** Fields in straight rows, and what lies in each. */
export function fieldLayout(
  context: FieldsContext,
  count: number,
  title: string,
  things: (place: RectPlace) => LaidPiece[],
): Pick<BlockDraft<unknown>, 'pieces' | 'things' | 'unplaced'> {
  const list = Array.from({ length: count }, (_, i) => ({ id: `field-${i + 1}`, title }));
  const { places, unplaced } = courtPlaces(context, fieldUnit(context), list);
  return {
    pieces: places.map((p) => ({ ...rectPiece(p, true), label: { x: p.x, y: p.y + p.depth } })),
    things: places.flatMap(things),
    unplaced,
  };
}

/** What every field needs, the same on each. */
export const fieldGear = (count: number, title: string, needs: readonly Pick<GearNeed, 'gearKind' | 'count'>[]): GearNeed[] =>
  Array.from({ length: count }, (_, i) =>
    needs.map((need): GearNeed => ({ ...need, pieceId: `field-${i + 1}`, title: `${title} ${i + 1}`, use: 'stays' })),
  ).flat();

/** Settings of fields: how many there are and how large. */
export const fieldSettings = (usual: {
  perField: number;
  width: Record<Band, number>;
  length: Record<Band, number>;
  gap: number;
}): { people: SettingMeta[]; floor: SettingMeta[] } => ({
  people: [countSetting('perField', 'people', 2, 40, usual.perField), { ...countSetting('fields', 'people', 1, 16), hosted: 1 }],
  floor: [
    { ...metresSetting('widthM', 2, 30, 6), byBand: usual.width, house: true },
    { ...metresSetting('lengthM', 2, 40, 8), byBand: usual.length, house: true },
    gapSetting(usual.gap),
    SPACING,
  ],
});
/** Labels of these settings. */
export const FIELD_LABELS_EN = {
  perField: { label: 'Students on a field' },
  fields: { label: 'Fields', solved: 'by students on a field, floor and gear' },
  widthM: { label: 'Field, wide' },
  lengthM: { label: 'Field, long' },
  gapM: { label: 'Gap between fields' },
};

type FieldsIdea<P extends string> = FixIdea<`${P}-fields`>;

/** Another number of fields; groups that were made for the old number become automatic again. */
const fieldsIdea = <P extends string>(context: FieldsContext, prefix: P, count: number): FieldsIdea<P> =>
  idea<`${P}-fields`>(
    `${prefix}-fields`,
    { count },
    setting(context, 'fields', count),
    ...(context.storedGroups ? levelGroups(context).edits : []),
  );

/** Fewer fields, down to one; and more, up to `most`. */
export const fewerFields = <P extends string>(context: FieldsContext, prefix: P, now: number, most: number): FieldsIdea<P>[] =>
  fewerThan(now, most).map((count) => fieldsIdea(context, prefix, count));
export const moreFields = <P extends string>(context: FieldsContext, prefix: P, now: number, most: number): FieldsIdea<P>[] =>
  moreThan(now, Math.min(16, most), 2).map((count) => fieldsIdea(context, prefix, count));

/** What these ideas are called, those of `smallerCourts` too. */
export const fieldIdeaWords = <P extends string>(prefix: P) =>
  ({
    [`${prefix}-fields`]: (d: Data) => `Use ${counted(n(d, 'count'), 'field')}`,
    [`${prefix}-close`]: (d: Data) => `Put fields ${String(d.gapWords ?? '')} apart`,
    [`${prefix}-smaller`]: (d: Data) => `Make fields ${String(d.sizeWords ?? '')}`,
  }) as Record<`${P}-fields` | `${P}-close` | `${P}-smaller`, (d: Data) => string>;
