import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { call, type RunData } from '../api.ts';

/** Starts the period's run (or finds the open one) and goes to its Whistle. */
export function useBlowWhistle(periodId: string) {
  const client = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: () => call<RunData['run']>('POST', '/runs', { periodId }),
    onSuccess: (run) => {
      void client.invalidateQueries({ queryKey: ['runs'] });
      navigate(`/whistle/${run.id}`);
    },
  });
}
