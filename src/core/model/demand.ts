import { z } from 'zod';

/** What a game may ask of a student. */
export const DEMANDS = [
  'stand',
  'balance',
  'travel',
  'turn',
  'jump',
  'down-up',
  'kneel',
  'roll',
  'climb',
  'lift',
  'grip',
  'two-hands',
  'swing',
  'reach',
  'load-hand',
  'track-slow',
  'track-fast',
  'see-contrast',
  'see-side',
  'tell-colours',
  'read-card',
  'hear-signal',
  'understand-words',
  'speak',
  'judge',
  'remember-steps',
  'stop-on-signal',
  'wait',
  'lose',
  'be-among-many',
  'bear-noise',
  'bear-touch',
  'pressed-or-pulled',
  'breath',
  'heat',
  'head-down',
  'head-contact',
  'jolt',
  'lie-prone',
  'dim-light',
  'touch-latex',
] as const;
export const Demand = z.enum(DEMANDS, { message: 'choice' });
export type Demand = z.infer<typeof Demand>;

/** What a student can meet now, 0 to 3; what is not named is 3. */
export const Ability = z.partialRecord(Demand, z.number().int().min(0).max(3));
export type Ability = z.infer<typeof Ability>;

/** What a game is for. */
export const PURPOSE_ACTIONS = [
  'send',
  'receive',
  'strike',
  'aim',
  'carry-or-dribble',
  'travel',
  'dodge-or-flee',
  'chase',
  'balance',
  'keep-time',
  'jump-or-land',
  'pace',
  'decide',
  'work-together',
] as const;
export const PurposeAction = z.enum(PURPOSE_ACTIONS, { message: 'choice' });
export type PurposeAction = z.infer<typeof PurposeAction>;

/** A demand that a game makes of a role in a band, 1 to 3. An absent role means everyone, an absent band every band. */
export const GameDemand = z.object({
  role: z.string().max(40).optional(),
  band: z.string().max(20).optional(),
  demand: Demand,
  level: z.number().int().min(1, { message: 'too-small' }).max(3, { message: 'too-large' }),
});
export type GameDemand = z.infer<typeof GameDemand>;

/** How much of each demand, 1 to 3. */
export type Demands = Partial<Record<Demand, number>>;

/** The greater of both levels, demand by demand. */
export function raised(a: Demands, b: Demands): Demands {
  const both: Demands = { ...a };
  for (const [demand, level] of Object.entries(b) as [Demand, number][]) both[demand] = Math.max(both[demand] ?? 0, level);
  return both;
}
