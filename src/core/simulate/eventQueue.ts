import TinyQueue from 'tinyqueue';

/** What is to happen, the earliest first; of one second in the order in which it was put in. */
export interface EventQueue<T> {
  put(at: number, what: T): void;
  /** Takes out the next one, undefined if nothing is left. */
  take(): { at: number; what: T } | undefined;
}

/** An empty queue. A heap with a serial number, so that the same puts always come out in the same order. */
export function eventQueue<T>(): EventQueue<T> {
  const heap = new TinyQueue<{ at: number; order: number; what: T }>([], (a, b) => a.at - b.at || a.order - b.order);
  let order = 0;
  return {
    put: (at, what) => heap.push({ at, order: order++, what }),
    take: () => heap.pop(),
  };
}
