import { type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { School } from '../../core/model/school.ts';
import { problemWords } from '../api.ts';
import { saveRecord } from './saveRecord.ts';
import { readSchool, useSchool } from './units.ts';

/** Fields of the school, or what makes them of those that are there. */
export type SchoolChange = Partial<School> | ((now: School) => Partial<School>);

/** Saves a change of the school on top of the newest, and shows it. Throws what the server refuses. */
export async function saveSchool(client: QueryClient, change: SchoolChange): Promise<void> {
  client.setQueryData(['school'], await saveRecord<School>('/school', await readSchool(client), change));
}

/** Saves a change of the school's settings on top of the newest; what was refused is in `problem`, and the promise is fulfilled all the same. */
export function useSaveSchool(): { school: School; save(change: Partial<School>): Promise<void>; problem: string } {
  const client = useQueryClient();
  const school = useSchool();
  const [problem, setProblem] = useState('');
  const save = async (change: Partial<School>) => {
    try {
      await saveSchool(client, change);
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return { school, save, problem };
}
