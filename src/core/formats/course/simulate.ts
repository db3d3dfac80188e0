import type { PlayEvent } from '../../play/playRules.ts';
import { type Rng, seededRng } from '../../rng.ts';
import { eventQueue } from '../../simulate/eventQueue.ts';
import { firstFor } from './play.ts';
import type { CoursePlaySetup } from './setup.ts';

/** An element takes at least this share of its mean seconds, whatever its spread. */
const LEAST_SHARE = 0.3;

/** Seconds that somebody takes, normally distributed (G. E. P. Box, M. E. Muller 1958). */
function secondsIn({ seconds, sd = 0 }: CoursePlaySetup['elements'][number], random: Rng): number {
  if (sd === 0) return seconds;
  const normal = Math.sqrt(-2 * Math.log(1 - random.float())) * Math.cos(2 * Math.PI * random.float());
  return Math.max(LEAST_SHARE * seconds, seconds + sd * normal);
}

type Happening = { kind: 'look'; element: number } | { kind: 'out'; element: number; player: string } | { kind: 'bout' };

/** Rests that begin before the end, in turn with bouts: seconds at which one changes to the other. */
function changesOf({ boutSeconds, restSeconds = 0 }: CoursePlaySetup, seconds: number): number[] {
  if (boutSeconds === undefined || restSeconds === 0) return [];
  const changes: number[] = [];
  for (let at = boutSeconds; at < seconds; at += changes.length % 2 ? restSeconds : boutSeconds) changes.push(at);
  return changes;
}

/**
 * One play: everyone goes round as soon as they may. First come, first served at each element; a headway between two who begin
 * a lap at one place; in a rest those inside finish and nobody enters. Play's own events, in order.
 */
export function simulateCourse(setup: CoursePlaySetup, { seconds, seed }: { seconds: number; seed: number }): PlayEvent[] {
  const { elements, players, headwaySeconds } = setup;
  const random = seededRng(seed);
  const queue = eventQueue<Happening>();
  const starts = new Map(players.map((player, i) => [player, firstFor(setup, player, setup.starts?.[i] ?? 0)]));
  const waiting: string[][] = elements.map(() => []);
  const inside: { player: string; isReady: boolean }[][] = elements.map(() => []);
  const began: (number | undefined)[] = elements.map(() => undefined);
  const events: PlayEvent[] = [];
  let isRest = false;

  const letIn = (element: number, at: number) => {
    while (!isRest && waiting[element].length && inside[element].length < elements[element].capacity) {
      const [player] = waiting[element];
      const isStart = starts.get(player) === element;
      const earliest = isStart && began[element] !== undefined ? began[element] + headwaySeconds : at;
      if (earliest > at) return queue.put(earliest, { kind: 'look', element });
      waiting[element].shift();
      inside[element].push({ player, isReady: false });
      if (isStart) began[element] = at;
      events.push({ at, type: 'enter', player, element: elements[element].id });
      queue.put(at + secondsIn(elements[element], random), { kind: 'out', element, player });
    }
  };
  const letOut = (element: number, at: number) => {
    const { noOvertaking, id } = elements[element];
    for (;;) {
      const place = inside[element].findIndex((p) => p.isReady);
      if (place < 0 || (noOvertaking && place > 0)) break;
      const [{ player }] = inside[element].splice(place, 1);
      events.push({ at, type: 'leaveElement', player, element: id });
      const next = firstFor(setup, player, element + 1);
      waiting[next].push(player);
      queue.put(at, { kind: 'look', element: next });
    }
    letIn(element, at);
  };

  for (const player of players) waiting[starts.get(player)!].push(player);
  for (const at of changesOf(setup, seconds)) queue.put(at, { kind: 'bout' });
  for (const element of elements.keys()) queue.put(0, { kind: 'look', element });
  for (let next = queue.take(); next && next.at < seconds; next = queue.take()) {
    const { at, what } = next;
    if (what.kind === 'bout') {
      isRest = !isRest;
      events.push({ at, type: 'bout' });
      for (const element of elements.keys()) letIn(element, at);
    } else if (what.kind === 'look') letIn(what.element, at);
    else {
      inside[what.element].find((p) => p.player === what.player)!.isReady = true;
      letOut(what.element, at);
    }
  }
  return events;
}
