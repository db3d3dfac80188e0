import { z } from 'zod';
import { Band } from './band.ts';
import { Ability, Demand } from './demand.ts';

/** Supports by function, never by diagnosis, in the order in which a teacher looks for them. */
export const SUPPORT_FAMILIES = {
  moving: [
    'plays-seated',
    'wheelchair',
    'power-chair',
    'walker',
    'crutches',
    'cane',
    'artificial-limb',
    'brace',
    'stands-with-support',
    'balance',
    'one-handed',
    'weak-grip',
    'weak-swing',
    'short-reach',
    'no-load-on-hand',
  ],
  sensing: [
    'low-vision',
    'sees-one-side',
    'tells-colours-poorly',
    'blind',
    'hard-of-hearing',
    'deaf',
    'speaks-by-device',
    'signs',
    'slow-tracking',
  ],
  following: ['one-step', 'cards', 'partner-keeps-track', 'stops-late', 'may-leave', 'mouths-things'],
  lasting: ['stamina', 'breath', 'heat', 'noise', 'touch', 'crowd', 'waiting', 'losing', 'change', 'breaks'],
  limits: [
    'no-dim-light',
    'latex',
    'no-roll',
    'no-head-down',
    'no-neck-load',
    'no-head-contact',
    'no-jolt',
    'no-jump',
    'no-belly-lying',
    'worn-device',
    'may-lose-awareness',
    'care-plan',
  ],
  today: ['light-activity', 'no-shoes'],
} as const;
export type SupportFamily = keyof typeof SUPPORT_FAMILIES;
export type SupportKind = (typeof SUPPORT_FAMILIES)[SupportFamily][number];

/** Every kind of support, as published in docs/adaptation.md. */
export const SUPPORT_KINDS = Object.values(SUPPORT_FAMILIES).flat() as readonly SupportKind[];
export const SupportKind = z.enum(SUPPORT_KINDS as [SupportKind, ...SupportKind[]], { message: 'choice' });

/** The ten that are asked for most, offered first. */
export const COMMON_SUPPORTS: readonly SupportKind[] = [
  'one-step',
  'noise',
  'stamina',
  'weak-grip',
  'balance',
  'wheelchair',
  'low-vision',
  'hard-of-hearing',
  'latex',
  'waiting',
];

const day = z.string().regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, { message: 'date' });

/**
 * One support. `degree`: a little, much, fully. `seconds`: work before `restSeconds` of rest. `widthM`: of what the student moves with.
 * `until`: a day after which it is asked again; it never falls away by itself.
 */
export const Support = z.object({
  kind: SupportKind,
  degree: z.union([z.literal(1), z.literal(2), z.literal(3)], { message: 'choice' }).optional(),
  side: z.enum(['left', 'right'], { message: 'choice' }).optional(),
  seconds: z.number({ message: 'number' }).int().min(1, { message: 'too-small' }).max(3600, { message: 'too-large' }).optional(),
  restSeconds: z.number({ message: 'number' }).int().min(0, { message: 'too-small' }).max(3600, { message: 'too-large' }).optional(),
  widthM: z.number({ message: 'number' }).min(0.3, { message: 'too-small' }).max(1.5, { message: 'too-large' }).optional(),
  until: day.optional(),
});
export type Support = z.infer<typeof Support>;

/** What a student asked for, likes, refuses: codes of dials. It ranks before cost. */
export const StudentWishes = z.object({
  likes: z.array(z.string().min(1).max(40)).max(20, { message: 'too-many' }).optional(),
  refuses: z.array(z.string().min(1).max(40)).max(20, { message: 'too-many' }).optional(),
});
export type StudentWishes = z.infer<typeof StudentWishes>;

/** What fit-for-all looks at of a student. Private. */
export const AdaptStudent = z.object({
  id: z.string().min(1),
  supports: z.array(Support),
  /** The teacher's refinement: it wins over what the supports say, except over limits. */
  refined: Ability.optional(),
  /** Never lifted by a cost, a spotter or a refinement. */
  limits: z.array(Demand).optional(),
  wishes: StudentWishes.optional(),
  /** The band that a game's own demands are read for, if not the block's. */
  band: Band.optional(),
});
export type AdaptStudent = z.infer<typeof AdaptStudent>;
