/** The school's choice: meters, or feet and what goes with them. */
export type Units = 'm' | 'ft';

/** Metres as "3.8 m", or "12 ft 6 in" and "9 in". */
export function metresWords(m: number, units: Units): string {
  if (units === 'm') {
    const cm = Math.round(m * 100);
    return `${(cm / 100).toFixed(cm % 100 === 0 ? 0 : cm % 10 === 0 ? 1 : 2)} m`;
  }
  const inches = Math.round(Math.abs(m) / 0.0254);
  const sign = m < 0 ? '−' : '';
  if (inches < 12 && inches > 0) return `${sign}${inches} in`;
  return inches % 12 === 0 ? `${sign}${inches / 12} ft` : `${sign}${Math.floor(inches / 12)} ft ${inches % 12} in`;
}

/** A text of ours in which lengths stand in metric, said in the school's units: "Wide tape, 2 m", "card, 30 × 60 cm". */
export function lengthsIn(text: string, metres: (m: number) => string): string {
  const size = { m: 1, cm: 0.01 } as const;
  return text.replace(/(\d+(?:\.\d+)?)(?: × (\d+(?:\.\d+)?))? (m|cm)\b/g, (said, a: string, b: string | undefined, unit: 'm' | 'cm') => {
    // A length in centimeters stays so where lengths are metric.
    if (metres(1) === '1 m') return said;
    const [first, second] = [a, b].map((v) => v && metres(Number(v) * size[unit]));
    return second ? `${first} × ${second}` : `${first}`;
  });
}

/** Metres from "3.8 m", "3,8", "12 ft 6", "12' 6\"", "30 in"; a bare number is in the school's units. NaN where it is none of these. */
export function readMetres(text: string, units: Units): number {
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
