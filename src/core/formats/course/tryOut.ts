import { lengthOf, type PathShape, pointAlong } from '../../model/shape.ts';
import type { PlayEvent } from '../../play/playRules.ts';
import { measurePlay } from '../../simulate/measurePlay.ts';
import type { Frame, PlayFloor, TriedPlay } from '../tryOut.ts';
import { courseRules } from './play.ts';
import type { CoursePlaySetup } from './setup.ts';
import { simulateCourse } from './simulate.ts';

/** Spread of the time at an element, as a share of it, if the setup has none: no two students take alike. */
const SPREAD = 0.25;
/** Metres from one in a line to the next. */
const LINE_M = 0.6;
const WALK_MS = 1.6;

/** One play with the usual spread of times. */
export function tryCourse(setup: CoursePlaySetup, { seconds, seed }: { seconds: number; seed: number }): TriedPlay {
  const elements = setup.elements.map((e) => ({ ...e, sd: e.sd ?? e.seconds * SPREAD }));
  const spread = { ...setup, elements, boutSeconds: undefined };
  const events = simulateCourse(spread, { seconds, seed });
  return { events, measured: measurePlay(courseRules, spread, events, seconds) };
}

/** Where each element begins and ends along the loop, by where its thing lies. */
function spansOn(path: PathShape, setup: CoursePlaySetup, floor: PlayFloor): { from: number; until: number }[] {
  const whole = lengthOf(path);
  const steps = Math.max(1, Math.round(whole / 0.25));
  const nearest = (x: number, y: number) => {
    let [best, least] = [0, Number.POSITIVE_INFINITY];
    for (let i = 0; i < steps; i++) {
      const p = pointAlong(path, (i * whole) / steps);
      const d = (p.x - x) ** 2 + (p.y - y) ** 2;
      if (d < least) [best, least] = [(i * whole) / steps, d];
    }
    return best;
  };
  return setup.elements.map((e) => {
    const thing = floor.things.find((t) => t.id === `course:${e.id}`);
    if (!thing) return { from: 0, until: 0 };
    const at = nearest(thing.x, thing.y);
    return { from: at - thing.lengthM / 2, until: at + thing.lengthM / 2 };
  });
}

/** Everyone on the loop: through an element in the time it takes, to the end of the line before the next one, and on. */
export function courseFrames(setup: CoursePlaySetup, events: readonly PlayEvent[], floor: PlayFloor): Record<string, Frame[]> {
  const shape = floor.pieces[0]?.shape;
  if (shape?.shape !== 'path') return {};
  const whole = lengthOf(shape);
  const spans = spansOn(shape, setup, floor);
  const frames: Record<string, Frame[]> = {};
  /** How many stand before each element. */
  const lines = setup.elements.map(() => 0);
  const index = new Map(setup.elements.map((e, i) => [e.id, i]));
  const along = new Map<string, number>();
  const go = (id: string, at: number, to: number, takes: number) => {
    frames[id] ??= [];
    const from = along.get(id) ?? to;
    const far = to - from;
    // In short straight stretches, so that corners are gone around and not cut.
    const parts = Math.max(1, Math.ceil(Math.abs(far) / 1));
    const start = Math.max(at, frames[id].at(-1)?.at ?? 0);
    for (let k = 1; k <= parts; k++) {
      const { x, y } = pointAlong(shape, from + (far * k) / parts);
      frames[id].push({ at: start + (takes * k) / parts, x, y });
    }
    along.set(id, to);
  };
  const ahead = (from: number, to: number) => from + ((((to - from) % whole) + whole) % whole);
  const lineUp = (id: string, at: number, element: number) => {
    const to = ahead(along.get(id) ?? spans[element].from - 0.5, spans[element].from) - 0.4 - lines[element] * LINE_M;
    lines[element] += 1;
    const from = along.get(id) ?? to;
    go(id, at, Math.max(from, to), Math.max(0.2, Math.abs(to - from) / WALK_MS));
  };
  for (const [i, id] of setup.players.entries()) lineUp(id, 0, setup.starts?.[i] ?? 0);
  events.forEach((event, k) => {
    const id = String(event.player ?? '');
    const at = index.get(String(event.element ?? ''));
    if (at === undefined) return;
    if (event.type === 'enter') {
      lines[at] = Math.max(0, lines[at] - 1);
      const out = events.slice(k + 1).find((e) => e.type === 'leaveElement' && e.player === id);
      const from = ahead((along.get(id) ?? 0) - 1e-6, spans[at].from);
      along.set(id, Math.min(from, along.get(id) ?? from));
      go(
        id,
        event.at,
        from + spans[at].until - spans[at].from,
        Math.max(0.5, (out?.at ?? event.at + setup.elements[at].seconds) - event.at),
      );
    } else if (event.type === 'leaveElement') lineUp(id, event.at, (at + 1) % setup.elements.length);
  });
  return frames;
}
