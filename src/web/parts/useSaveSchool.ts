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
      // A change goes on top of what is stored now, unless what it changes is no longer what was shown: that is a conflict, and told.
      const stored = await call<School>('GET', '/school');
      const shown = client.getQueryData<School>(['school']) ?? stored;
      const isShown = (Object.keys(change) as (keyof School)[]).every((key) => JSON.stringify(stored[key]) === JSON.stringify(shown[key]));
      client.setQueryData(['school'], await saveRecord<School>('/school', isShown ? stored : shown, change));
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return { school, save, problem };
}
