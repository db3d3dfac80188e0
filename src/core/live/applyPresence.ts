import type { Format } from '../formats/format.ts';
import { isPlaying, type Presence } from '../model/period.ts';
import type { PlayFold } from '../play/foldPlay.ts';
import { everyoneIn } from '../play/playRules.ts';

/** Takes a student out of plays that go on at once, or puts a latecomer into the one with the fewest students; into one of their own if the format's plays take nobody in. */
export function applyPresence(format: Format, plays: PlayFold[], player: string, presence: Presence, at: number): PlayFold[] {
  const there = plays.map((play) => everyoneIn(play.view()));
  const holds = there.findIndex((ids) => ids.includes(player));
  if (!plays.length || isPlaying(presence) === holds >= 0) return plays;
  if (holds >= 0) return plays.with(holds, plays[holds].step({ at, type: 'leave', player }));
  const fewest = there.reduce((best, ids, i) => (ids.length < there[best].length ? i : best), 0);
  const joined = plays[fewest].step({ at, type: 'join', player });
  if (joined.refused.length === plays[fewest].refused.length) return plays.with(fewest, joined);
  const own = format.latePlay(
    plays.map((p) => p.setup),
    player,
  );
  return own === undefined ? plays.with(fewest, joined) : [...plays, format.open(own)];
}
