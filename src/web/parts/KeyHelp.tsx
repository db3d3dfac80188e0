import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { SHELVES } from './shelves.ts';
import { useSchool } from './units.ts';

/** True while a person types into something: single keys must not act then. */
export function isTyping(event: KeyboardEvent): boolean {
  const target = event.target as HTMLElement | null;
  return !!target && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

const KeyTable = lazy(() => import('./KeyTable.tsx'));

/** `?` shows the keys; G and a letter open a shelf. Single letters can be switched off in Settings. */
export function KeyHelp() {
  const [open, setOpen] = useState(false);
  const navigate = useNavigate();
  const { singleKeys } = useSchool();
  const going = useRef(0);
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event) || event.ctrlKey || event.metaKey || event.altKey || !singleKeys) return;
      if (event.key === '?') return setOpen(true);
      if (event.timeStamp - going.current < 1500 && going.current) {
        const shelf = SHELVES.find((s) => s.key === event.key.toLowerCase());
        going.current = 0;
        if (shelf) navigate(shelf.to);
      } else if (event.key === 'g') going.current = event.timeStamp;
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [navigate, singleKeys]);
  return open ? (
    <Suspense fallback={null}>
      <KeyTable onClose={() => setOpen(false)} />
    </Suspense>
  ) : null;
}
