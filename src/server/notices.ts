import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { z } from 'zod';
import { writeWhole } from './onDisk.ts';

/** Something about the data folder that somebody should read. */
const Notice = z.object({ id: z.number().int(), at: z.number(), text: z.string() });
export type Notice = z.infer<typeof Notice>;
const File = z.object({ next: z.number().int(), notices: z.array(Notice) });

const FILE = 'notices.json';
/** More than these nobody reads: the oldest go. */
const MOST = 50;

export interface Notices {
  list(): Notice[];
  /** Adds a sentence, unless the same one still waits to be read. A full disk keeps it in memory alone. */
  add(text: string): void;
  /** Somebody has read it. */
  read(id: number): void;
}

/** The notices of a data folder. They wait on the disk until somebody has read them: a start may go by unseen. */
export function openNotices(dataDir: string, now: () => number): Notices {
  const file = path.join(dataDir, FILE);
  let state: z.infer<typeof File> = { next: 1, notices: [] };
  try {
    if (existsSync(file)) state = File.parse(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    // What cannot be read any more has nothing to say; nothing else depends on it.
  }
  const keep = (notices: Notice[], next = state.next) => {
    state = { next, notices: notices.slice(-MOST) };
    try {
      writeWhole(file, JSON.stringify(state));
    } catch (error) {
      console.error(`A notice could not be written down: ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  return {
    list: () => state.notices,
    add(text) {
      if (state.notices.some((n) => n.text === text)) return;
      keep([...state.notices, { id: state.next, at: now(), text }], state.next + 1);
    },
    read: (id) => keep(state.notices.filter((n) => n.id !== id)),
  };
}
