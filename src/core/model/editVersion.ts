import { newestKey } from './findingCodes.ts';

type Stored = Record<string, unknown>;
type EditUpgrade = (old: Stored) => Stored;

/** Edit 1 → 2: keys of checks that are kept as is have the codes of today. */
function editWithNewKeys(old: Stored): Stored {
  const isAboutCheck = old.kind === 'accept' || old.kind === 'unaccept';
  return isAboutCheck && typeof old.key === 'string' ? { ...old, key: newestKey(old.key) } : old;
}

/** Upgrades of single edits: EDIT_UPGRADES[v] turns one of version v into version v + 1. */
export const EDIT_UPGRADES: Readonly<Record<number, EditUpgrade>> = { 1: editWithNewKeys };
/** The version that edits are written in today. */
export const EDIT_VERSION = Object.keys(EDIT_UPGRADES).length + 1;

/** A stored edit in today's version, through gestures of many; what is no edit is left for the schema to report. RangeError for a version without a way up. */
export function upgradeEdit(stored: unknown, version: number, ladder = EDIT_UPGRADES, newest = EDIT_VERSION): unknown {
  if (typeof stored !== 'object' || stored === null) return stored;
  const { kind, edits } = stored as Stored;
  if (kind === 'many' && Array.isArray(edits)) return { ...stored, edits: edits.map((each) => upgradeEdit(each, version, ladder, newest)) };
  let edit = stored as Stored;
  for (let v = version; v < newest; v++) {
    if (!ladder[v]) throw new RangeError(`no upgrade for edits of version ${v}`);
    edit = ladder[v](edit);
  }
  return edit;
}
