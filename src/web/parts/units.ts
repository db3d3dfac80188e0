import { type QueryClient, queryOptions, useQuery } from '@tanstack/react-query';
import { metresWords, readMetres, type Units as SchoolUnits } from '../../core/formats/lengths.ts';
import { measureWords, type Quantity, readMeasure, readMeasureSpan, spanWords } from '../../core/formats/measures.ts';
import { type Speak, speakIn } from '../../core/formats/speak.ts';
import { millimetres } from '../../core/geometry/point.ts';
import { shortNames } from '../../core/model/names.ts';
import { NEW_SCHOOL } from '../../core/model/newSchool.ts';
import { regionUnits, unitsFirst } from '../../core/model/regionUnits.ts';
import type { School } from '../../core/model/school.ts';
import type { Student } from '../../core/model/student.ts';
import { call } from '../api.ts';

const SCHOOL = queryOptions({ queryKey: ['school'], queryFn: () => call<School>('GET', '/school'), staleTime: 60_000 });

/** What the computer's region measures in. */
export const hereUnits = (): SchoolUnits => regionUnits(navigator.language, Intl.DateTimeFormat().resolvedOptions().timeZone);

/** The units that lengths can be in, those of the computer's region first. */
export const unitChoices = () =>
  unitsFirst(
    [
      ['m', 'meters'],
      ['ft', 'feet and inches'],
    ] as const,
    hereUnits(),
  );

/** The school's settings; its defaults while they load. */
export function useSchool(): School {
  return useQuery(SCHOOL).data ?? NEW_SCHOOL;
}

/** The school as it is known; read first if it is not known yet, since until then its defaults are shown. */
export const readSchool = (client: QueryClient): Promise<School> => client.ensureQueryData(SCHOOL);

/** What is written where something cannot be read, in the kept units. */
const EXAMPLE: Record<Quantity, number> = {
  area: 4,
  speed: 5,
  acceleration: 2.5,
  mass: 100,
  load: 60,
  thickness: 30,
  width: 0.03,
  perLength: 3,
};

export interface Units {
  units: SchoolUnits;
  say(metres: number): string;
  /** Metres from typed text; throws with a sentence where it cannot be read. */
  read(text: string): number;
  /** The same for what is no length. */
  measure(quantity: Quantity, value: number | readonly [number, number]): string;
  readMeasure(quantity: Quantity, text: string): number;
  readSpan(quantity: Quantity, text: string): [number, number];
}

/** Lengths and other measures in the school's units, said and read. */
export function useUnits(): Units {
  const { units } = useSchool();
  return {
    units,
    say: (metres) => metresWords(metres, units),
    read(text) {
      const metres = readMetres(text, units);
      if (Number.isNaN(metres)) throw new Error(`"${text}" is not a length. Write 3.8 m, or 12 ft 6.`);
      return millimetres(metres);
    },
    measure: (quantity, value) => (typeof value === 'number' ? measureWords(quantity, value, units) : spanWords(quantity, value, units)),
    readMeasure(quantity, text) {
      const value = readMeasure(quantity, text, units);
      if (!(value > 0)) throw new Error(`"${text}" can’t be read. Write ${measureWords(quantity, EXAMPLE[quantity], units)}.`);
      return value;
    },
    readSpan(quantity, text) {
      const span = readMeasureSpan(quantity, text, units);
      if (!span) {
        const example = [EXAMPLE[quantity], EXAMPLE[quantity] * 2] as const;
        throw new Error(`"${text}" is not a span. Write ${spanWords(quantity, example, units)}.`);
      }
      return span;
    },
  };
}

/** How findings and fixes speak on a screen. */
export function speakWith(units: Units, students: readonly Student[]): Speak {
  const names = shortNames(students);
  return speakIn(units.units, (id) => names.get(id) ?? 'a student');
}
