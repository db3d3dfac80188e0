import { capital, counted, many, type Speak } from '../formats/speak.ts';
import { laidWords, USE_WORDS } from './floor.en.ts';

type Data = Record<string, unknown>;
type Sentence = { what: string; why: string };
const n = (d: Data, key: string) => Number(d[key]);
const the = (d: Data, key: string) => laidWords(String(d[key] ?? ''));
const use = (d: Data) => USE_WORDS[d.use as keyof typeof USE_WORDS] ?? 'throwing';
const LOCAL = 'Side Court default. Local rules decide.';
const pair = (d: Data) => (the(d, 'a') === the(d, 'b') ? `Two ${many(the(d, 'a'))}` : `${capital(the(d, 'a'))} and ${the(d, 'b')}`);

/** What the checks of the floor say. */
export const SAFETY_FINDINGS = {
  'laid-outside': (d) => ({
    what: `The ${the(d, 'name')} isn’t on open floor`,
    why: 'It reaches through a wall or is on something that is there.',
  }),
  'laid-at-door': (d) => ({
    what: `The ${the(d, 'name')} is in front of the ${String(d.door)}`,
    why: `${d.exit ? 'A way out stays free' : 'People come in there'}: nothing lies on the floor that is kept clear. Local rules decide.`,
  }),
  'lanes-oppose': (d) => ({
    what: `${pair(d)} face each other`,
    why: `A missed ${use(d) === 'striking' ? 'hit' : 'throw'} lands among the other group. Only soft objects may ever be sent towards people; local rules decide.`,
  }),
  'lanes-cross': (d) => ({ what: `${pair(d)} cross`, why: 'Throws and runners in one come through the other.' }),
  'lanes-overlap': (d) => ({ what: `${pair(d)} overlap`, why: 'Two groups would use the same floor.' }),
  'stands-in-lane': (d) => ({
    what: `The ${the(d, 'a')} is in a ${use(d)} lane`,
    why: 'Anyone there can be hit by a long throw or run into.',
  }),
  'run-out-short': (d, speak) => ({
    what: `${speak.metres(n(d, 'found'))} to the ${String(d.what)} after a run`,
    why: `A run of ${speak.metres(n(d, 'runM'))} needs ${speak.metres(n(d, 'wanted'))} to stop${d.wall === 'padded' ? '; pads soften, they do not stop' : ''}. ${LOCAL}`,
  }),
  'overhead-lofted': (d, speak) => ({
    what: `The ${String(d.what)} hangs over a lofted lane`,
    why: `Its underside is ${speak.metres(n(d, 'undersideM'))} up: high throws will hit it. ${LOCAL}`,
  }),
  'aimed-at-glass': (d) => ({
    what: `The ${the(d, 'name')} is aimed at glass`,
    why: 'A hard throw or hit reaches it. Turn it to another wall.',
  }),
  'swings-touch': (d, speak) => ({
    what: `Swings at two ${many(the(d, 'a'))} touch`,
    why: `${speak.metres(n(d, 'found'))} between them; reach, implement and a step of both need ${speak.metres(n(d, 'wanted'))}. ${LOCAL}`,
  }),
  'swing-at-wall': (d, speak) => ({
    what: 'A swing reaches the wall',
    why: `${speak.metres(n(d, 'found'))} to the wall; reach, implement and a step need ${speak.metres(n(d, 'wanted'))}.`,
  }),
  'line-behind-swing': (d, speak) => ({
    what: `The ${the(d, 'a')} is too near a swing`,
    why: `${speak.metres(n(d, 'found'))} from where an implement is swung; ${speak.metres(n(d, 'wanted'))} wanted. ${LOCAL}`,
  }),
  'start-too-far': (d, speak) => ({
    what: `${counted(n(d, 'count'), 'start')} too far from what is grabbed`,
    why: `From ${speak.metres(n(d, 'found'))} two students meet head down at ${speak.measure('speed', n(d, 'speed'))}; at most ${speak.metres(n(d, 'wanted'))}. ${LOCAL}`,
  }),
  'start-too-near': (d, speak) => ({
    what: `${counted(n(d, 'count'), 'start')} too near to what is grabbed`,
    why: `${speak.metres(n(d, 'found'))} away: heads meet over the object before anyone has moved; at least ${speak.metres(n(d, 'wanted'))}. ${LOCAL}`,
  }),
  'too-many-dash': (d) => ({
    what: `${n(d, 'count')} dash for one object`,
    why: `At most ${n(d, 'most')} to one: more collide head-down. ${LOCAL}`,
  }),
  'no-water-outside': () => ({
    what: 'Outside, and no water in this lesson',
    why: 'Heat and thirst come before they are felt. Local rules decide when play outside stops.',
  }),
  crowded: (d, speak) => ({
    what: `${speak.measure('area', n(d, 'found'))} of floor for each of ${n(d, 'playing')}`,
    why: `${capital(String(d.vigour))} play at this grade needs ${speak.measure('area', n(d, 'wanted'))} per student. ${LOCAL}`,
  }),
  unseen: (d) => ({
    what: `You can’t see all of ${(d.names as string[]).map(laidWords).slice(0, 3).join(', ')} from your spot`,
    why: `Something higher than a child is in between: ${n(d, 'hidden')} of ${counted(n(d, 'points'), 'sight line')} ${n(d, 'hidden') === 1 ? 'is' : 'are'} blocked.`,
  }),
  'route-narrow': (d, speak) => ({
    what: `The way to ${n(d, 'number')} ${String(d.title)} is ${speak.metres(n(d, 'found'))} wide`,
    why: `${counted((d.wheels as string[]).length, 'student')} ${(d.wheels as string[]).length === 1 ? 'needs' : 'need'} wide paths today: ${speak.metres(n(d, 'wanted'))} in play, never less than ${speak.metres(n(d, 'routeM'))} (older published building-access minimum; newer ones are larger, local code decides).`,
  }),
  'exit-route-narrow': (d, speak) => ({
    what: `The way out from ${n(d, 'number')} ${String(d.title)} is ${speak.metres(n(d, 'found'))} wide`,
    why: `Something there narrows it; ${speak.metres(n(d, 'wanted'))} wanted (older published building-access minimum; newer ones are larger, local code decides).`,
  }),
  'walk-crosses-lane': (d) => ({
    what: `The walk from ${String(d.from)} to ${String(d.to)} crosses the ${the(d, 'lane')}`,
    why: 'A group on the move comes through what flies or runs there. Hold the lane at every move, or lay it aside.',
  }),
  'walk-through-place': (d) => ({
    what: `The walk from ${String(d.from)} to ${String(d.to)} goes through ${String(d.through)}`,
    why: "Groups walk through each other's gear and people at every move.",
  }),
} satisfies Record<string, (d: Data, speak: Speak) => Sentence>;

/** What the fixes of the floor say. */
export const SAFETY_FIXES = {
  'turn-piece': (d) => `Turn the ${laidWords(String(d.title))}`,
  'shorten-piece': (d, speak) => `Shorten it to ${speak.metres(n(d, 'lengthM'))}`,
  'keep-low': () => 'Keep it low: no lofted throws',
  'start-at': (d, speak) => `Start ${speak.metres(n(d, 'metres'))} away`,
  'another-object': () => 'Add a second object',
  'add-water': () => 'Add a water block after the last game',
  calmer: (d) => `Play it ${d.vigour === 'calm' ? 'calmly' : 'at a moderate pace'}`,
  'stand-there': (d, speak) => `Move your spot ${speak.metres(n(d, 'metres'))} to see everyone`,
  'wider-gap': (d, speak) => `${speak.metres(n(d, 'metres'))} between places`,
  'take-up': (d) => `Remove the ${laidWords(String(d.name))}`,
  'peel-all': () => 'Unpin all and place them automatically',
} satisfies Record<string, (d: Data, speak: Speak) => string>;
