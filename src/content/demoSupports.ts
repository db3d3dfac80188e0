import type { StudentPrivate } from '../core/model/student.ts';

type Needs = Pick<StudentPrivate, 'supports' | 'wish' | 'wishes' | 'limits' | 'refined' | 'band'>;

/** Supports of invented students, by class and by index in its roster. */
export const DEMO_SUPPORTS: Record<string, Record<number, Needs>> = {
  'grade-1m': {
    2: { supports: [{ kind: 'noise', degree: 2 }] },
    4: {
      supports: [
        { kind: 'walker', widthM: 0.62 },
        { kind: 'stands-with-support', degree: 1, side: 'left' },
      ],
    },
    7: { supports: [{ kind: 'one-step', degree: 2 }] },
    11: { supports: [{ kind: 'mouths-things' }] },
  },
  'grade-2c': {
    3: { supports: [{ kind: 'low-vision', degree: 2 }] },
    9: { supports: [{ kind: 'stamina', degree: 2, seconds: 45, restSeconds: 30 }] },
    15: { supports: [{ kind: 'latex' }] },
  },
  'grade-3b': {
    5: { supports: [{ kind: 'blind' }], wish: 'Runs with Juna rather than with a classmate', wishes: { likes: ['adult-guides'] } },
    20: { supports: [{ kind: 'stands-with-support', degree: 3, side: 'left' }] },
    22: { supports: [{ kind: 'latex' }] },
    12: { supports: [{ kind: 'weak-grip', degree: 2 }] },
    18: { supports: [{ kind: 'waiting', degree: 2 }] },
  },
  'grade-5a': {
    3: { supports: [{ kind: 'one-handed', side: 'right' }] },
    9: { supports: [{ kind: 'breath', degree: 1 }, { kind: 'care-plan' }] },
    12: { supports: [{ kind: 'hard-of-hearing', degree: 2 }] },
    16: { supports: [{ kind: 'low-vision', degree: 3 }] },
    20: { supports: [{ kind: 'weak-grip', degree: 3 }], band: '2-3' },
    25: { supports: [{ kind: 'blind' }] },
  },
  'grade-6d': {
    5: {
      supports: [
        { kind: 'power-chair', widthM: 0.68 },
        { kind: 'weak-swing', degree: 2 },
      ],
    },
    11: { supports: [{ kind: 'tells-colours-poorly', degree: 2 }] },
    19: { supports: [{ kind: 'losing', degree: 2 }] },
    27: {
      supports: [
        { kind: 'crowd', degree: 2 },
        { kind: 'noise', degree: 1 },
      ],
    },
    30: { supports: [{ kind: 'no-jump', until: '2027-01-15' }] },
  },
  'grade-8a': {
    2: { supports: [{ kind: 'deaf' }, { kind: 'signs' }] },
    8: { supports: [{ kind: 'artificial-limb', degree: 2, side: 'left' }] },
    14: { supports: [{ kind: 'no-dim-light' }] },
    16: {
      supports: [
        { kind: 'wheelchair', widthM: 0.64 },
        { kind: 'weak-grip', degree: 2 },
      ],
    },
    20: { supports: [{ kind: 'cards', degree: 2 }] },
  },
};
