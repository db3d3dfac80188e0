import { duration } from '../formats/speak.ts';

type Data = Record<string, unknown>;
type Sentence = { what: string; why: string };
const t = (d: Data, key: string) => String(d[key] ?? '');
/** Where the other lesson is, after its class. */
const there = (d: Data) => (d.where === 'next' ? 'behind the curtain' : 'in the same room');

/** What checks of two lessons in one room say. */
export const BESIDE_FINDINGS = {
  'noise-beside': (d) => ({
    what: `${t(d, 'title')} is ${d.isQuiet ? 'quiet' : 'loud'} while ${t(d, 'to')} has a ${d.isQuiet ? 'loud' : 'quiet'} game`,
    why: `${t(d, 'to')} plays ${t(d, 'name')} ${there(d)} for ${duration(Number(d.seconds))} of it. Whoever listens there hears the other game.`,
  }),
  'same-signal': (d) => ({
    what: `${t(d, 'to')} stops on the same signal`,
    why: `Both classes freeze when either teacher gives it: “${t(d, 'signal')}”. ${t(d, 'to')} is ${there(d)}.`,
  }),
  'exit-through-other': (d) => ({
    what: `The way out of ${t(d, 'name')} leads past ${t(d, 'to')}`,
    why: `${t(d, 'name')} has no way out of its own: agree on a lane through the other part that stays free. Local rules decide.`,
  }),
} satisfies Record<string, (d: Data) => Sentence>;

export const BESIDE_FIXES = {
  'trade-times': (d) => `Play it at the time of ${t(d, 'title')}`,
  'other-signal': (d) => `Stop on another signal: ${t(d, 'signal')}`,
} satisfies Record<string, (d: Data) => string>;
