import { useEffect, useRef } from 'react';
import { isTyping } from '../../parts/KeyHelp.tsx';
import { useSchool } from '../../parts/units.ts';

/** The sheets; key 1 opens the first. */
export const SHEETS = ['Who', 'Rules', 'Gear', 'Fit for all', 'Ways', 'Checks'] as const;
export type SheetName = (typeof SHEETS)[number];
const NUMBER: Record<string, SheetName> = { '1': 'Who', '2': 'Rules', '3': 'Gear', '4': 'Fit for all', '5': 'Ways', '6': 'Checks' };

interface Actions {
  sheet(name: SheetName): void;
  round(by: 1 | -1): void;
  alone(): void;
  undo(): void;
  redo(): void;
}

/** The desk's keys: [ ] rounds, 1–6 sheets, F the floor alone, Ctrl+Z undo; single letters as the settings allow. */
export function useDeskKeys(actions: Actions): void {
  const latest = useRef(actions);
  latest.current = actions;
  const { singleKeys } = useSchool();
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event)) return;
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        return event.shiftKey ? latest.current.redo() : latest.current.undo();
      }
      if (event.ctrlKey || event.metaKey || event.altKey || !singleKeys) return;
      if (event.key === '[') latest.current.round(-1);
      else if (event.key === ']') latest.current.round(1);
      else if (event.key.toLowerCase() === 'f') latest.current.alone();
      else if (NUMBER[event.key]) latest.current.sheet(NUMBER[event.key]);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [singleKeys]);
}
