import type { Band } from '../model/band.ts';
import type { Noticed } from '../model/findingCodes.ts';
import { idea, setting } from './ideas.ts';
import { type SettingMeta, settle } from './setting.ts';

type Parsed<V> = { ok: true; values: V } | { ok: false; key: string; code: string };

/** What was stored for a block: by the teacher, by the game for the band. */
export interface StoredValues {
  blockId: string;
  band: Band;
  gameValues: Record<string, unknown>;
  teacherValues: Record<string, unknown>;
}

const without = (values: Record<string, unknown>, key: string) => {
  const { [key]: _, ...rest } = values;
  return rest;
};

/**
 * The values that hold, with what cannot be used set aside: bounds change between versions, files come from elsewhere, and a
 * lesson must still open. Each value set aside is a finding 'setting-unusable' whose fixes take the default or the nearest
 * bound. RangeError if a default itself is out of bounds.
 */
export function usableValues<V>(
  format: string,
  metas: readonly SettingMeta[],
  stored: StoredValues,
  parse: (values: unknown) => Parsed<V>,
): { values: V; noticed: Noticed[] } {
  let { gameValues: game, teacherValues: teacher } = stored;
  const aside: { key: string; value: unknown }[] = [];
  for (;;) {
    const settled = settle(metas, stored.band, game, teacher);
    const parsed = parse(settled);
    if (parsed.ok)
      return { values: parsed.values, noticed: aside.map((a) => unusable(format, metas, stored.blockId, { ...a, used: settled[a.key] })) };
    const { key } = parsed;
    if (Object.hasOwn(teacher, key)) {
      aside.push({ key, value: teacher[key] });
      teacher = without(teacher, key);
    } else if (Object.hasOwn(game, key)) game = without(game, key);
    else throw new RangeError(`invalid default of ${format}, ${key}: ${JSON.stringify(settled[key])}`);
  }
}

function unusable(
  format: string,
  metas: readonly SettingMeta[],
  blockId: string,
  { key, value, used }: { key: string; value: unknown; used: unknown },
): Noticed {
  const { kind, least, most } = metas.find((m) => m.key === key)!;
  const data = { format, key, kind, value, used };
  const nearest = typeof value === 'number' ? Math.min(most ?? value, Math.max(least ?? value, value)) : undefined;
  return {
    code: 'setting-unusable',
    weight: 'caution',
    at: { block: blockId, setting: key },
    data: { ...data, ...(least === undefined ? {} : { least }), ...(most === undefined ? {} : { most }) },
    ideas: [
      ...(nearest === undefined || nearest === value || nearest === used
        ? []
        : [idea('setting-nearest', { ...data, used: nearest }, setting({ blockId }, key, nearest))]),
      idea('setting-default', data, setting({ blockId }, key, null)),
    ],
  };
}
