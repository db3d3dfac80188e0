import type { z } from 'zod';
import type { Band } from '../model/band.ts';

export type SettingKind = 'count' | 'seconds' | 'metres' | 'choice' | 'switch' | 'text' | 'picks' | 'map';

/** What a setting is for, if code beside the format needs it: least metres between places, what students do who wait, what stops everyone. */
export type SettingRole = 'gap' | 'waiting-task' | 'stop-signal' | 'object';

/** How a setting is drawn and bounded; screens draw controls by `kind` alone (`map` has no control of its own: it is set where its keys are shown). Labels live in the format's words. */
export interface SettingMeta {
  key: string;
  kind: SettingKind;
  role?: SettingRole;
  /** Settings that belong together stand together. */
  group: 'play' | 'time' | 'floor' | 'people';
  unit?: 's' | 'm';
  least?: number;
  most?: number;
  step?: number;
  /** Value and label (a title from the game, or a word code of the format). */
  options?: { value: string | number; title?: string; isGame?: boolean }[];
  /** By band where the format has a view; otherwise one value; absent where fit solves it. */
  byBand?: Record<Band, unknown>;
  fallback?: unknown;
  /** True where the default is a house default, said wherever shown. */
  house?: boolean;
  /** What it is while the game is played at a place of another one, whatever the game says; null: solved. */
  hosted?: number | null;
}

/** Whether places stand as near as play allows, or as far apart as the floor does. */
export const SPACING: SettingMeta = {
  key: 'spacing',
  kind: 'choice',
  group: 'floor',
  options: [{ value: 'close' }, { value: 'wide' }],
  fallback: 'close',
};

/** The value that holds: the teacher's, else the game's for the band, else the format's for the band, else the fallback. */
export function settle(
  metas: readonly SettingMeta[],
  band: Band,
  game: Record<string, unknown>,
  teacher: Record<string, unknown>,
): Record<string, unknown> {
  const values: Record<string, unknown> = {};
  for (const meta of metas) values[meta.key] = teacher[meta.key] ?? game[meta.key] ?? meta.byBand?.[band] ?? meta.fallback;
  return values;
}

/** The settings that have a role: their key, and the value that holds. */
export type SettingRoles = Partial<Record<SettingRole, { key: string; value: unknown }>>;

/** Finds the settings that have a role. */
export const rolesIn = (metas: readonly SettingMeta[], values: Record<string, unknown>): SettingRoles =>
  Object.fromEntries(metas.flatMap((m) => (m.role ? [[m.role, { key: m.key, value: values[m.key] }]] : [])));

/** Metres that a block wants between two of its places; 0 if it does not say. */
export const gapOf = ({ roles }: { roles: SettingRoles }): number => Number(roles.gap?.value ?? 0);

/** The setting that decides on it; undefined if the game has none. */
export const gapKeyOf = ({ roles }: { roles: SettingRoles }): string | undefined => roles.gap?.key;

/** Settled values in their shape, or the key that is wrong and why. */
export function parseValues<V>(schema: z.ZodType<V>, values: unknown): { ok: true; values: V } | { ok: false; key: string; code: string } {
  const parsed = schema.safeParse(values);
  if (parsed.success) return { ok: true, values: parsed.data };
  const issue = parsed.error.issues[0];
  return { ok: false, key: String(issue.path[0]), code: issue.code === 'custom' ? issue.message : issue.code };
}
