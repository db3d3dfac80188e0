import { crc32 } from 'node:zlib';
import { z } from 'zod';
import { jsonProblem } from './plainJson.ts';

/** What one line of the journal brings. Runs and events are looked at only if the database lacks them. */
export const JournalLine = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('run'), run: z.looseObject({ id: z.string() }) }),
  /** The first line of a file: one that has none was cut off. */
  z.object({ kind: z.literal('begin') }),
  z.object({ kind: z.literal('events'), runId: z.string(), events: z.array(z.looseObject({ id: z.string() })) }),
]);
export type JournalLine = z.infer<typeof JournalLine>;

/** A line as it was read; `n` is undefined in lines of older versions, which had no numbers. */
export interface ReadLine {
  n: number | undefined;
  raw: string;
  /** Undefined for a line that is damaged or of no kind that is known. */
  line: JournalLine | undefined;
}

const HEAD = /^\{"n":(\d+),"crc":"([0-9a-f]{8})",/;
const sumOf = (n: number, body: string) => crc32(`${n} ${body}`).toString(16).padStart(8, '0');

/**
 * The text of a line: its number and a checksum (CRC-32) in front of what it brings. It begins with a line end of its own, so that a
 * line torn by a full disk ends before it, and ends with one, so that a whole line is told from what a power cut leaves behind it.
 */
export function journalText(n: number, line: JournalLine): string {
  const body = JSON.stringify(line);
  return `\n{"n":${n},"crc":"${sumOf(n, body)}",${body.slice(1)}\n`;
}

/** The lines of a journal's text. Zeros at their ends are what a power cut leaves of blocks that were never written: no line has any. */
export const linesOf = (text: string): string[] =>
  text
    .split('\n')
    .map((raw) => raw.replace(/^\0+|\0+$/g, ''))
    .filter(Boolean);

/** The number of a line without looking at the rest; undefined where it has none. */
export function numberOf(raw: string): number | undefined {
  const head = HEAD.exec(raw.slice(0, 60));
  return head ? Number(head[1]) : undefined;
}

/** A line of a journal. Anything that is not what was written comes back without `line`. */
export function readJournalLine(raw: string): ReadLine {
  const head = HEAD.exec(raw.slice(0, 60));
  const n = head ? Number(head[1]) : undefined;
  try {
    const body = head ? `{${raw.slice(head[0].length)}` : raw;
    // A line of an older version begins with its kind; anything else without number and sum is a damaged one.
    const whole = head ? sumOf(Number(head[1]), body) === head[2] : raw.startsWith('{"kind":');
    if (!whole) return { n, raw, line: undefined };
    const json: unknown = JSON.parse(body);
    const parsed = JournalLine.safeParse(json);
    return { n, raw, line: parsed.success && !jsonProblem(json) ? parsed.data : undefined };
  } catch {
    return { n, raw, line: undefined };
  }
}
