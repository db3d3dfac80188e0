import { useSyncExternalStore } from 'react';

const phones = () => window.matchMedia('(max-width: 600px)');
const listen = (changed: () => void) => {
  const list = phones();
  list.addEventListener('change', changed);
  return () => list.removeEventListener('change', changed);
};

/** True in a window as narrow as a phone's. */
export const usePhone = (): boolean => useSyncExternalStore(listen, () => phones().matches);
