import type { Difference } from '../fit/fitDiff.ts';
import type { Supposed } from '../fit/whatIf.ts';
import { counted, duration } from '../formats/speak.ts';

const range = (least: number, most: number) => (least === most ? String(least) : `${least}–${most}`);
const LABELS: Record<Difference['code'], string> = {
  playing: 'playing',
  bell: 'bell to bell',
  groups: 'groups',
  'group-size': 'in a group',
  'change-group': 'students change group',
  places: 'places on the floor',
  'places-moved': 'places stand elsewhere',
  rounds: 'rounds',
  bout: 'a round',
  'block-seconds': 'length',
  'on-task': 'game time on task',
  turns: 'turns each',
  wait: 'longest wait',
  'gear-short': 'gear short',
};
const SECONDS = new Set<Difference['code']>(['bell', 'bout', 'block-seconds', 'wait']);
const COUNTS = new Set<Difference['code']>(['change-group', 'places-moved']);

/** What a difference is called, and its numbers: "31 → 28", or one number where there was nothing before. */
export function differenceWords({ code, from, to, most }: Difference): { label: string; numbers: string } {
  const value = (n: number) => (SECONDS.has(code) ? duration(n) : code === 'on-task' ? `${n}%` : String(n));
  const numbers = most
    ? `${range(from, most.from)} → ${range(to, most.to)}`
    : COUNTS.has(code)
      ? value(to)
      : `${value(from)} → ${value(to)}`;
  return { label: LABELS[code], numbers };
}

/** What is supposed, in few words. `nameOf` says a student's short name. */
export function supposedWords(what: Supposed, nameOf: (id: string) => string): string {
  switch (what.kind) {
    case 'absent':
      return what.students.length <= 2
        ? `${what.students.map(nameOf).join(' and ')} absent`
        : `${what.students.length} absent: ${what.students.map(nameOf).join(', ')}`;
    case 'less-time':
      return `${what.minutes} minutes less, ${what.at === 'start' ? 'begins later' : 'ends earlier'}`;
    case 'half-room':
      return `${what.side === 0 ? 'the first' : 'the second'} half of the room`;
    case 'room':
      return `in ${what.room.name}`;
    case 'gear-gone':
      return `${counted(what.count, what.gearKind)} gone`;
    case 'class':
      return `with ${what.facts.schoolClass.name}`;
    case 'joins':
      return `${what.facts.schoolClass.name} joins`;
    case 'leaves':
      return `without ${what.schoolClass.name}`;
    case 'period':
      return `in period ${what.desk.period.start}, ${what.desk.schoolClass.name}, ${what.desk.room.name}`;
  }
}
