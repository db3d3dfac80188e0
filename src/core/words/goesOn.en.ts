import type { WentOn } from '../fit/goingOn.ts';
import { duration, type Speak } from '../formats/speak.ts';
import type { GoesOn } from '../model/lesson.ts';

/** What a game can take from the game before it. */
export const GOES_ON_WORDS: Record<keyof GoesOn, string> = {
  groups: 'the same groups',
  start: 'starting where it ended',
  floor: 'on its floor',
  gear: 'with its gear',
};

const instead = (now: string, usual: string) => (now === usual ? `${now}, as without it` : `${now} instead of ${usual}`);
/** A walk as it is said: to half a meter. */
const halves = (metres: number) => Math.round(metres * 2) / 2;
const timed = (seconds: number) => (seconds ? duration(seconds) : 'no time');

/** What going on comes to, as sentences; none if there is nothing to compare. */
export function wentOnWords({ walk, floor, gear }: WentOn, speak: Speak): string[] {
  return [
    ...(walk ? [`Students walk ${instead(speak.metres(halves(walk.now)), speak.metres(halves(walk.usual)))} to start.`] : []),
    ...(gear ? [gear.kind ? `The ${gear.kind} that is out already is used.` : 'Nothing it is played with is out already.'] : []),
    ...(floor ? [`Changing the floor takes ${instead(timed(floor.now), timed(floor.usual))}.`] : []),
  ];
}
