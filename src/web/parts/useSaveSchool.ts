import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { School } from '../../core/model/school.ts';
import { call, problemWords } from '../api.ts';
import { saveRecord } from './saveRecord.ts';
import { useSchool } from './units.ts';

/** Saves a change of the school's settings on top of the newest; what was refused is in `problem`, and the promise is fulfilled all the same. */
export function useSaveSchool(): { school: School; save(change: Partial<School>): Promise<void>; problem: string } {
  const client = useQueryClient();
  const school = useSchool();
  const [problem, setProblem] = useState('');
  const save = async (change: Partial<School>) => {
    try {
      // Before the school is read its defaults are shown: a change goes on top of what is stored.
      const stored = client.getQueryData<School>(['school']) ?? (await call<School>('GET', '/school'));
      client.setQueryData(['school'], await saveRecord<School>('/school', stored, change));
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return { school, save, problem };
}
