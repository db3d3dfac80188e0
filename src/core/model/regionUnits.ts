import type { School } from './school.ts';

type Units = School['units'];
/** Regions whose rulers and tapes are in feet and inches. */
const FEET_REGIONS = new Set(['US', 'LR', 'MM']);
/** Time zones in which those regions are: English is written as in one of them far beyond it. */
const FEET_ZONES = /^(America|US|Pacific|UTC$|Etc|Africa\/Monrovia|Asia\/(Yangon|Rangoon))/;

/** What lengths are most likely measured in, by the computer's language ("en-US") and time zone ("America/Denver"): feet where its region uses them, else metres. */
export function regionUnits(language: string, timeZone: string): Units {
  try {
    const { region } = new Intl.Locale(language).maximize();
    return region !== undefined && FEET_REGIONS.has(region) && FEET_ZONES.test(timeZone) ? 'ft' : 'm';
  } catch {
    return 'm';
  }
}

/** Choices of units with the region's own first. */
export const unitsFirst = <T extends readonly [string, ...unknown[]]>(choices: readonly T[], own: Units): T[] =>
  [...choices].sort((a, b) => Number(b[0] === own) - Number(a[0] === own));
