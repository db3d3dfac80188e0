/** How the shell says numbers and names: units by the school's setting, students by their short names. */
export interface Speak {
  metres(m: number): string;
  student(id: string): string;
}

/** "45 s", "3 min", "15 min 25 s": as it is said in a sentence. */
export function duration(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  const [minutes, rest] = [Math.floor(s / 60), s % 60];
  if (!minutes) return `${rest} s`;
  return rest ? `${minutes} min ${rest} s` : `${minutes} min`;
}

/** "3:00" always: on timers, the strip, tables. */
export function clockOf(seconds: number): string {
  const s = Math.max(0, Math.round(seconds));
  return `${Math.floor(s / 60)}:${String(s % 60).padStart(2, '0')}`;
}

/** Metres as "3.8 m" or "12 ft 6 in". */
export function metresWords(m: number, units: 'm' | 'ft'): string {
  if (units === 'm') {
    const cm = Math.round(m * 100);
    return `${(cm / 100).toFixed(cm % 100 === 0 ? 0 : cm % 10 === 0 ? 1 : 2)} m`;
  }
  const inches = Math.round(Math.abs(m) / 0.0254);
  const sign = m < 0 ? '−' : '';
  return inches % 12 === 0 ? `${sign}${inches / 12} ft` : `${sign}${Math.floor(inches / 12)} ft ${inches % 12} in`;
}

/** Metres from "3.8 m", "3,8", "12 ft 6", "12' 6\"", "30 in"; a bare number is in the school's units. NaN where it is none of these. */
export function readMetres(text: string, units: 'm' | 'ft'): number {
  const t = text.trim().toLowerCase().replace(',', '.');
  const number = '(\\d+(?:\\.\\d+)?|\\.\\d+)';
  const feet = t.match(new RegExp(`^${number}\\s*(?:ft|feet|foot|')(?:\\s*${number}\\s*(?:in|inches|inch|"|'')?)?$`));
  if (feet) return Number(feet[1]) * 0.3048 + Number(feet[2] ?? 0) * 0.0254;
  const inches = t.match(new RegExp(`^${number}\\s*(?:in|inches|inch|")$`));
  if (inches) return Number(inches[1]) * 0.0254;
  const metric = t.match(new RegExp(`^${number}\\s*(m|cm|metres|meters)?$`));
  if (!metric) return Number.NaN;
  if (metric[2] === 'cm') return Number(metric[1]) / 100;
  return Number(metric[1]) * (metric[2] || units === 'm' ? 1 : 0.3048);
}

/** "The mat" from "the mat". */
export const capital = (text: string): string => text.slice(0, 1).toUpperCase() + text.slice(1);
/** "the mat" from "The mat". */
export const uncapital = (text: string): string => text.slice(0, 1).toLowerCase() + text.slice(1);

const IRREGULAR: Record<string, string> = { scarf: 'scarves', bench: 'benches', try: 'tries' };
/** "scarves". */
export const many = (kind: string): string => IRREGULAR[kind] ?? `${kind}s`;
/** "1 scarf", "4 scarves". */
export const counted = (count: number, kind: string): string => `${count} ${count === 1 ? kind : many(kind)}`;

/** "12.50" of cents. */
export const money = (cents: number): string => (cents / 100).toFixed(2);

/** "a", "a and b", "a, b, and c". */
export function listed(list: readonly string[], last: 'and' | 'or' = 'and'): string {
  if (list.length < 3) return list.join(` ${last} `);
  return `${list.slice(0, -1).join(', ')}, ${last} ${list.at(-1)}`;
}

/** "1–4, 7" from sorted whole numbers. */
export function ranges(numbers: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const n of numbers) {
    const last = runs.at(-1);
    if (last && n === last[1] + 1) last[1] = n;
    else runs.push([n, n]);
  }
  return runs.map(([a, b]) => (a === b ? `${a}` : `${a}–${b}`)).join(', ');
}
