import type { IcsFault } from '../model/calendarFault.ts';

/** One event's own lines, folded ones joined, and where they are in the file. */
export interface EventLines {
  lines: { line: number; text: string }[];
}

/** Events that one file may have. */
export const MOST_EVENTS = 300;
/** How deep components may be within one another: an alarm in an event in a calendar is three. */
const MOST_DEPTH = 8;

/** The lines of a file with the folded ones joined to the line that they go on from (RFC 5545, 3.1). */
function unfolded(text: string): { line: number; text: string }[] {
  const lines: { line: number; text: string }[] = [];
  for (const [i, raw] of text.split(/\r\n|\n|\r/).entries()) {
    if (/^[ \t]/.test(raw) && lines.length) lines[lines.length - 1].text += raw.slice(1);
    else if (raw.trim() !== '') lines.push({ line: i + 1, text: raw });
  }
  return lines;
}

/**
 * The events of an iCalendar file, cut apart before anything reads them, so that one broken line costs one event; or what is
 * wrong with the file, with its line. Alarms and the like inside an event are left out.
 */
export function eventLinesOf(text: string): { events: EventLines[] } | { fault: IcsFault } {
  const fail = (line: number, code: IcsFault['code'], value = '') => ({ fault: { line, code, value: value.slice(0, 60) } });
  const lines = unfolded(text.replace(/^\uFEFF/, ''));
  if (!/^BEGIN:VCALENDAR\s*$/i.test(lines[0]?.text ?? '')) return fail(lines[0]?.line ?? 1, 'not-a-calendar', lines[0]?.text);
  const open: { name: string; line: number }[] = [];
  const events: EventLines[] = [];
  for (const each of lines) {
    const [, edge, name] = /^(BEGIN|END):([\w-]+)\s*$/i.exec(each.text) ?? [];
    const isEvent = name?.toUpperCase() === 'VEVENT' && open.length === (edge?.toUpperCase() === 'BEGIN' ? 1 : 2);
    if (edge?.toUpperCase() === 'BEGIN') {
      if (open.length === 0 && events.length) return fail(each.line, 'not-a-calendar', each.text);
      open.push({ name: name.toUpperCase(), line: each.line });
      if (open.length > MOST_DEPTH) return fail(each.line, 'too-deep', each.text);
      if (isEvent) events.push({ lines: [each] });
      if (events.length > MOST_EVENTS) return fail(each.line, 'too-many', String(MOST_EVENTS));
    } else if (edge) {
      if (open.pop()?.name !== name.toUpperCase()) return fail(each.line, 'not-a-calendar', each.text);
      if (isEvent) events[events.length - 1].lines.push(each);
    } else if (open.length === 2 && open[1].name === 'VEVENT') events[events.length - 1].lines.push(each);
  }
  if (open.length) return fail(open[open.length - 1].line, 'not-a-calendar', `BEGIN:${open[open.length - 1].name}`);
  return events.length ? { events } : fail(lines[0].line, 'no-events');
}
