import { foldEvents } from '../play/foldPlay.ts';
import { everyoneIn, type PlayEvent, type PlayView } from '../play/playRules.ts';
import { formatOf } from './registry.ts';

/** A play to be tried in tests: its view, and its refusals as "2 not-allowed", after a list of events. */
export function trying(format: string, setup: object) {
  const run = (events: PlayEvent[], change: object = {}) => foldEvents(formatOf(format).open({ ...setup, ...change }), events);
  return {
    run,
    view: (events: PlayEvent[], change: object = {}): PlayView => {
      const { view, refused } = run(events, change);
      if (refused.length) throw new Error(`refused: ${refused.map((f) => `${f.at.event} ${f.code}`).join(', ')}`);
      return view;
    },
    codes: (events: PlayEvent[], change: object = {}) => run(events, change).refused.map((f) => `${f.at.event} ${f.code}`),
  };
}

/** Everyone present, wherever they are; overlays left out. */
export const everyone = (view: PlayView): string[] => everyoneIn(view).sort();

/** Events of a type with fields, at seconds that count up by one. */
export function inOrder(...events: [type: string, fields?: object][]): PlayEvent[] {
  return events.map(([type, fields], i) => ({ at: i + 1, type, ...fields }));
}
