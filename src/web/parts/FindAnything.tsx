import { lazy, Suspense, useEffect, useState } from 'react';

const FindPanel = lazy(() => import('./FindPanel.tsx'));

/** Ctrl + K opens the search, empty each time; its list and its script are fetched then. */
export function FindAnything() {
  const [open, setOpen] = useState(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setOpen(true);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return open ? (
    <Suspense fallback={null}>
      <FindPanel onClose={() => setOpen(false)} />
    </Suspense>
  ) : null;
}
