import { lengthsIn, metresWords, type Units } from './lengths.ts';

/** What is measured besides lengths; values are kept in the first unit of each: m², m/s, m/s², g, kg, mm (of a width: m), s for each metre. */
export type Quantity = 'area' | 'speed' | 'acceleration' | 'mass' | 'load' | 'thickness' | 'width' | 'perLength';

interface Unit {
  /** As it stands after the number. */
  sign: string;
  /** How it may be typed too. */
  typed?: readonly string[];
  /** How many of the kept unit it is. */
  size: number;
  /** Figures after the point, at most; none from ten times the unit's own grain on. */
  places: number;
  /** Said from this many on; smaller amounts are said in the unit before. */
  from?: number;
}

const POUND = 453.592;
/** Units by quantity and the school's choice, the smallest first: a bare number is in the first. */
const UNITS: Record<Quantity, Record<Units, readonly Unit[]>> = {
  area: {
    m: [{ sign: 'm²', typed: ['m2', 'sq m'], size: 1, places: 1 }],
    ft: [{ sign: 'sq ft', typed: ['ft²', 'ft2'], size: 0.09290304, places: 0 }],
  },
  speed: {
    m: [{ sign: 'm/s', size: 1, places: 2 }],
    ft: [{ sign: 'mph', size: 0.44704, places: 1 }],
  },
  acceleration: {
    m: [{ sign: 'm/s²', typed: ['m/s2'], size: 1, places: 2 }],
    ft: [{ sign: 'ft/s²', typed: ['ft/s2'], size: 0.3048, places: 1 }],
  },
  mass: {
    m: [
      { sign: 'g', size: 1, places: 1 },
      { sign: 'kg', size: 1000, places: 2, from: 1 },
    ],
    ft: [
      { sign: 'oz', size: POUND / 16, places: 1 },
      { sign: 'lb', typed: ['lbs'], size: POUND, places: 1, from: 1 },
    ],
  },
  load: {
    m: [{ sign: 'kg', size: 1, places: 1 }],
    ft: [{ sign: 'lb', typed: ['lbs'], size: POUND / 1000, places: 0 }],
  },
  thickness: {
    m: [
      { sign: 'mm', size: 1, places: 1 },
      { sign: 'cm', size: 10, places: 1, from: Number.POSITIVE_INFINITY },
    ],
    ft: [{ sign: 'in', typed: ['inch', 'inches', '"'], size: 25.4, places: 2 }],
  },
  /** A length of a few centimetres, kept in metres as lengths are. */
  width: {
    m: [{ sign: 'mm', size: 0.001, places: 1 }],
    ft: [{ sign: 'in', typed: ['inch', 'inches', '"'], size: 0.0254, places: 2 }],
  },
  perLength: {
    m: [{ sign: 's', size: 1, places: 2 }],
    ft: [{ sign: 's', size: 1 / 0.3048, places: 2 }],
  },
};

const unitFor = (quantity: Quantity, value: number, units: Units): Unit =>
  UNITS[quantity][units].findLast((u, i) => i === 0 || value / u.size >= (u.from ?? 0))!;
/** Without zeros that say nothing: "4", "4.5". */
const figure = (value: number, unit: Unit) => String(Number((value / unit.size).toFixed(unit.places)));

/** "4.5 m²" or "48 sq ft", "6 m/s" or "13.4 mph", "120 g" or "4.2 oz": `value` in the quantity's kept unit. */
export function measureWords(quantity: Quantity, value: number, units: Units): string {
  const unit = unitFor(quantity, value, units);
  return `${figure(value, unit)} ${unit.sign}`;
}

/** "80–120 g", both in the unit of the larger. */
export function spanWords(quantity: Quantity, [least, most]: readonly [number, number], units: Units): string {
  const unit = unitFor(quantity, most, units);
  return `${figure(least, unit)}–${figure(most, unit)} ${unit.sign}`;
}

/** A text of ours with lengths, weights and thicknesses in metric, said in the school's units. */
export const measuresIn = (text: string, units: Units): string =>
  lengthsIn(text, (m) => metresWords(m, units)).replace(/(\d+(?:\.\d+)?) (mm|g|kg)\b/g, (_, value: string, unit: 'mm' | 'g' | 'kg') =>
    unit === 'mm'
      ? measureWords('thickness', Number(value), units)
      : measureWords('mass', Number(value) * (unit === 'g' ? 1 : 1000), units),
  );

const typedUnit = (quantity: Quantity, sign: string, units: Units): Unit | undefined => {
  const own = UNITS[quantity][units];
  if (!sign) return own[0];
  // A pace has one sign for both systems: the school's own is read first.
  return [...own, ...UNITS[quantity][units === 'm' ? 'ft' : 'm']].find((u) => u.sign === sign || u.typed?.includes(sign));
};

/** The amount in its kept unit from "120 g", "4.2 oz", or a bare number in the school's unit; NaN where it is none of these. */
export function readMeasure(quantity: Quantity, text: string, units: Units): number {
  const match = text
    .trim()
    .toLowerCase()
    .replace(',', '.')
    .match(/^(\d+(?:\.\d+)?|\.\d+)\s*(.*)$/);
  const unit = match && typedUnit(quantity, match[2].trim(), units);
  return match && unit ? Number((Number(match[1]) * unit.size).toPrecision(6)) : Number.NaN;
}

/** Least and most in the kept unit from "80–120 g", "80 to 120", with a unit once or none; undefined where it is no span. */
export function readMeasureSpan(quantity: Quantity, text: string, units: Units): [number, number] | undefined {
  const match = text.trim().match(/^([\d.,]+)\s*(?:–|-|to)\s*(.+)$/);
  if (!match) return undefined;
  const sign = match[2].replace(/^[\d.,]+/, '');
  const [least, most] = [match[1] + sign, match[2]].map((t) => readMeasure(quantity, t, units));
  return least <= most ? [least, most] : undefined;
}
