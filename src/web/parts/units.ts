import { useQuery } from '@tanstack/react-query';
import type { Speak } from '../../core/formats/speak.ts';
import { metresWords, readMetres } from '../../core/formats/speak.ts';
import { millimetres } from '../../core/geometry/point.ts';
import { shortNames } from '../../core/model/names.ts';
import { NEW_SCHOOL } from '../../core/model/newSchool.ts';
import type { School } from '../../core/model/school.ts';
import type { Student } from '../../core/model/student.ts';
import { call } from '../api.ts';

/** The school's settings; its defaults while they load. */
export function useSchool(): School {
  return useQuery({ queryKey: ['school'], queryFn: () => call<School>('GET', '/school'), staleTime: 60_000 }).data ?? NEW_SCHOOL;
}

export interface Units {
  units: 'm' | 'ft';
  say(metres: number): string;
  /** Metres from typed text; throws with a sentence where it cannot be read. */
  read(text: string): number;
}

/** Lengths in the school's unit, said and read. */
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
  };
}

/** How findings and fixes speak on a screen. */
export function speakWith(units: Units, students: readonly Student[]): Speak {
  const names = shortNames(students);
  return { metres: units.say, student: (id) => names.get(id) ?? 'a student' };
}
