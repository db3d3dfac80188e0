import { useMutation } from '@tanstack/react-query';
import { useRef } from 'react';

/** Looks at a list with what was said of it; an answer that a newer question has overtaken shows nothing. */
export function useLook<Said, Preview>(look: (said: Said) => Promise<Preview>, show: (preview: Preview) => void) {
  const asking = useRef(0);
  return useMutation({
    mutationFn: async (said: Said) => {
      const asked = ++asking.current;
      return { asked, preview: await look(said) };
    },
    onSuccess: ({ asked, preview }) => asked === asking.current && show(preview),
  });
}
