import type { RankedWay } from '../fit/rankWays.ts';
import type { Measure } from '../fit/waysMeasured.ts';
import { duration } from '../formats/speak.ts';

/** What each measure is called under a number, in a sentence and as a priority. */
export const MEASURE_WORDS: Record<Measure, { label: string; said: string; priority: string }> = {
  activeShare: { label: 'on task', said: 'game time on task', priority: 'Game time on task' },
  turns: { label: 'turns each', said: 'turns', priority: 'Many turns' },
  waitSeconds: { label: 'longest wait', said: 'waiting', priority: 'Short waits' },
  idleSeconds: { label: 'idle', said: 'idle waiting', priority: 'Nobody idle' },
  evenness: { label: 'evenness', said: 'evenness', priority: 'The same for everyone' },
  floorShare: { label: 'floor used', said: 'floor left free', priority: 'Little floor' },
  gearShort: { label: 'gear short', said: 'gear', priority: 'Gear that is there' },
  adults: { label: 'adults', said: 'adults needed', priority: 'One adult is enough' },
  setUpMinutes: { label: 'set-up', said: 'set-up time', priority: 'Quick to set up' },
};

/** A measure's number with its unit. */
export function measureWords(measure: Measure, value: number): string {
  if (measure === 'activeShare' || measure === 'evenness' || measure === 'floorShare') return `${Math.round(value * 100)}%`;
  if (measure === 'waitSeconds' || measure === 'idleSeconds') return value ? duration(value) : 'none';
  if (measure === 'setUpMinutes') return `${Math.round(value)} min`;
  if (measure === 'turns') return value < 20 ? String(Math.round(value * 10) / 10) : String(Math.round(value));
  return String(value);
}

/** Why a way is behind others that are no better in what the teacher puts first; '' where that alone decides. */
export function heldBackWords({ heldBack, stops, measures }: Pick<RankedWay, 'heldBack' | 'stops' | 'measures'>): string {
  if (heldBack === 'stops') return `Would be higher, but ${stops.length === 1 ? '1 check stops' : `${stops.length} checks stop`} it`;
  if (heldBack === 'gear') return `Would be higher, but ${measures.gearShort} of its gear ${measures.gearShort === 1 ? 'is' : 'are'} short`;
  return '';
}

/** Why today's way has its rank, in one sentence. */
export function rankWords(way: RankedWay, count: number, priorities: readonly Measure[], first: Pick<RankedWay, 'measures'> = way): string {
  if (way.stops.length)
    return `Today's way does not fit: ${way.stops.length === 1 ? 'one check stops' : `${way.stops.length} checks stop`} it.`;
  if (count === 1) return 'No other way tried is better at anything.';
  if (way.rank === 1) return "Today's way comes first by what you put first.";
  const order = (m: Measure) => (priorities.includes(m) ? priorities.indexOf(m) : priorities.length);
  const by = [...way.worse]
    .sort((a, b) => order(a.measure) - order(b.measure))
    .slice(0, 2)
    .map(
      ({ measure }) =>
        `${MEASURE_WORDS[measure].said}: ${measureWords(measure, first.measures[measure])}, yours ${measureWords(measure, way.measures[measure])}`,
    );
  const better = [...way.better]
    .sort((a, b) => order(a) - order(b))
    .slice(0, 2)
    .map((m) => MEASURE_WORDS[m].said);
  const against = by.length ? `The first is better in ${by.join('; in ')}` : 'The first is as good in everything you put first';
  return `Today's way is number ${way.rank} of ${count}. ${against}.${better.length ? ` Today's is better in ${better.join(' and ')}.` : ''}`;
}
