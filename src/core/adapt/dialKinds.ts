import type { DialName } from '../model/adaptation.ts';
import type { CostTier } from '../model/adaptFigures.ts';
import { type Demands, PURPOSE_ACTIONS, type PurposeAction } from '../model/demand.ts';
import type { Adult } from '../model/school.ts';
import type { SupportKind } from '../model/support.ts';
import type { Caution } from './cautions.ts';

/** A change that needs no special thing: what it does to the demands, what of the game it loses, whom it takes. */
export interface DialKind {
  dial: DialName;
  /** Its place in the order of cost, and how much more than the first of that place. */
  tier: CostTier;
  more?: number;
  /** The level of a demand with it, at most. */
  eases: Demands;
  /** Demands that it brings for the student, and for everyone near. */
  adds?: Demands;
  spreads?: Demands;
  loses?: readonly PurposeAction[];
  open?: true;
  adult?: Adult['can'][number];
  classmate?: true;
  lane?: true;
  /** Offered only to students with one of these supports; and never to students with one of those. */
  only?: readonly SupportKind[];
  never?: readonly SupportKind[];
  /** Offered only in games that are for one of these actions. */
  purposes?: readonly PurposeAction[];
  /** The way in which students with one of these supports play anyway: it costs next to nothing. */
  usual?: readonly SupportKind[];
  cautions?: readonly Caution[];
}

const WHEELED = ['wheelchair', 'power-chair'] as const;
const ON_AIDS = [...WHEELED, 'walker', 'crutches', 'cane'] as const;
const MOVING = ['travel', 'dodge-or-flee', 'chase'] as const;
const OBJECTS = ['send', 'receive', 'strike', 'aim', 'carry-or-dribble', 'keep-time'] as const;

const KINDS = {
  // open to all: everyone chooses
  'nearer-target': {
    ...{ dial: 'target', tier: 'open', open: true, purposes: ['aim', 'send', 'strike'] },
    eases: { swing: 2, reach: 1, lift: 1 },
  },
  'countdown-signal': { dial: 'signal', tier: 'open', more: 0.1, open: true, eases: { 'stop-on-signal': 1 } },
  'signs-beside-colours': { dial: 'signal', tier: 'open', more: 0.1, open: true, eases: { 'tell-colours': 0 } },
  'seen-signal': {
    ...{ dial: 'signal', tier: 'open', more: 0.1, open: true },
    eases: { 'hear-signal': 0 },
    adds: { 'see-contrast': 1 },
    cautions: ['no-flashing'],
  },
  'shown-first': { dial: 'signal', tier: 'open', more: 0.2, open: true, eases: { 'understand-words': 1 }, adds: { 'see-contrast': 1 } },
  'more-bounces': { dial: 'time', tier: 'open', more: 0.3, open: true, eases: { 'track-fast': 2 }, purposes: ['receive', 'strike'] },
  'lights-on': { dial: 'space', tier: 'open', more: 0.3, open: true, eases: { 'dim-light': 0 } },
  // signal
  'quiet-signal': {
    ...{ dial: 'signal', tier: 'signal', open: true, eases: { 'bear-noise': 1 } },
    adds: { 'see-contrast': 1 },
    spreads: { 'see-contrast': 1 },
  },
  'one-step-at-a-time': { dial: 'signal', tier: 'signal', usual: ['one-step'], eases: { 'remember-steps': 1, 'understand-words': 2 } },
  'picture-card': {
    ...{ dial: 'signal', tier: 'signal', more: 0.2, usual: ['cards'] },
    eases: { 'remember-steps': 0, 'understand-words': 0, 'read-card': 1 },
    adds: { 'see-contrast': 1 },
  },
  'read-aloud': { dial: 'signal', tier: 'signal', more: 0.1, eases: { 'read-card': 0 }, adds: { 'hear-signal': 1 } },
  'answer-by-card': { dial: 'signal', tier: 'signal', usual: ['speaks-by-device'], eases: { speak: 0 }, cautions: ['device-in-reach'] },
  // position
  'own-chair': { dial: 'position', tier: 'open', more: -1, eases: { stand: 0, balance: 0 }, only: WHEELED },
  'gear-at-hand-height': { dial: 'position', tier: 'position', eases: { 'down-up': 0, kneel: 0, reach: 2 } },
  'hold-on': { dial: 'position', tier: 'position', more: 0.1, eases: { balance: 1, stand: 2 }, adds: { 'two-hands': 0 } },
  'flat-line': { dial: 'position', tier: 'position', more: 0.2, eases: { balance: 1, climb: 1 } },
  seated: {
    ...{ dial: 'position', tier: 'position', more: 0.4, never: WHEELED },
    eases: { stand: 0, balance: 0, 'down-up': 0 },
    loses: ['travel', 'dodge-or-flee', 'chase', 'jump-or-land', 'pace', 'balance'],
    cautions: ['device-in-reach'],
  },
  'side-that-is-seen': { dial: 'position', tier: 'position', eases: { 'see-side': 0 } },
  'other-hand': { dial: 'position', tier: 'position', eases: { 'load-hand': 0 }, loses: [] },
  'level-opponent': { dial: 'position', tier: 'position', more: 0.3, eases: { reach: 1 }, purposes: ['receive', 'strike', 'aim'] },
  'end-place': { dial: 'position', tier: 'position', more: 0.2, eases: { 'be-among-many': 1, 'bear-noise': 2 } },
  'own-object-while-waiting': { dial: 'position', tier: 'position', more: 0.5, eases: { wait: 0 } },
  // space
  'wider-gaps': { dial: 'space', tier: 'space', eases: { turn: 1 }, only: ON_AIDS },
  'smooth-path': { dial: 'space', tier: 'space', more: 0.1, eases: { turn: 1, climb: 1, balance: 2 }, never: ON_AIDS },
  'shorter-way': { dial: 'space', tier: 'space', more: 0.2, eases: { travel: 1 } },
  'own-lane': {
    ...{ dial: 'space', tier: 'space', more: 0.3, lane: true },
    eases: { 'be-among-many': 1, 'bear-touch': 1, 'stop-on-signal': 1, turn: 1 },
    loses: ['dodge-or-flee', 'chase'],
  },
  'room-around': { dial: 'space', tier: 'space', more: 0.3, eases: { judge: 2, 'be-among-many': 2, 'bear-touch': 2 } },
  'small-group': { dial: 'space', tier: 'space', more: 0.6, eases: { 'be-among-many': 0, wait: 1, 'bear-noise': 2 } },
  'home-spot': {
    ...{ dial: 'space', tier: 'space', more: 0.8, eases: { travel: 0, turn: 0 } },
    loses: MOVING,
  },
  // time
  'more-time': { dial: 'time', tier: 'time', eases: { travel: 2, judge: 2, 'track-fast': 2 } },
  'head-start': { dial: 'time', tier: 'time', more: 0.2, eases: { travel: 1, judge: 2 }, purposes: MOVING },
  'shorter-bouts': { dial: 'time', tier: 'time', eases: { breath: 1 } },
  'resting-role': { dial: 'time', tier: 'time', more: 0.8, eases: { breath: 0 }, loses: ['pace'] },
  'first-in-line': { dial: 'time', tier: 'time', more: 0.1, eases: { wait: 1 } },
  'shade-and-water': { dial: 'time', tier: 'time', eases: { heat: 0 } },
  // rule
  'rolled-instead': {
    ...{ dial: 'rule', tier: 'rule', purposes: ['send', 'receive', 'aim'] },
    eases: { 'track-fast': 1, swing: 1, lift: 0, 'head-contact': 0 },
    loses: ['strike'],
  },
  'pushed-instead': {
    ...{ dial: 'rule', tier: 'rule', more: 0.2, purposes: ['send', 'strike', 'aim'] },
    eases: { swing: 0, grip: 0, lift: 0, reach: 1 },
    loses: ['strike'],
  },
  'handed-over': {
    ...{ dial: 'rule', tier: 'rule', more: 0.6, purposes: ['receive', 'carry-or-dribble'] },
    eases: { 'track-fast': 0, 'track-slow': 0, reach: 1 },
    loses: ['receive'],
  },
  'played-from-still': {
    ...{ dial: 'rule', tier: 'rule', more: 0.5, purposes: ['strike', 'send', 'aim'] },
    eases: { 'track-fast': 0, 'track-slow': 0 },
    loses: ['receive'],
  },
  'one-hand-way': { dial: 'rule', tier: 'rule', eases: { 'two-hands': 0 } },
  'carried-in-a-bag': { dial: 'rule', tier: 'rule', more: 0.1, eases: { grip: 0, 'two-hands': 0 }, purposes: ['carry-or-dribble'] },
  'stepped-over': { dial: 'rule', tier: 'rule', eases: { jump: 0, jolt: 0 }, loses: ['jump-or-land'] },
  'another-way-through': {
    ...{ dial: 'rule', tier: 'rule', more: 0.1 },
    eases: { roll: 0, 'head-down': 0, 'lie-prone': 0, kneel: 0, 'down-up': 0, climb: 0 },
  },
  'nothing-to-the-head': { dial: 'rule', tier: 'rule', eases: { 'head-contact': 0 } },
  'soft-stops': { dial: 'rule', tier: 'rule', more: 0.1, eases: { jolt: 0 }, loses: ['jump-or-land'] },
  'caught-by-name': { dial: 'rule', tier: 'rule', eases: { 'bear-touch': 0, 'pressed-or-pulled': 0, reach: 1 } },
  'time-to-get-away': {
    ...{ dial: 'rule', tier: 'rule', more: 0.2, purposes: MOVING },
    eases: { travel: 1, judge: 1 },
  },
  'joint-score': { dial: 'rule', tier: 'rule', open: true, eases: { lose: 1 } },
  'own-record': { dial: 'rule', tier: 'rule', more: 0.2, eases: { lose: 0 } },
  'a-job-while-waiting': { dial: 'rule', tier: 'rule', eases: { wait: 1 } },
  'fixed-order': { dial: 'rule', tier: 'rule', more: 0.4, eases: { judge: 1, 'remember-steps': 1 }, loses: ['decide'] },
  'a-classmate-runs': {
    ...{ dial: 'rule', tier: 'classmate', more: 0.5, classmate: true },
    eases: { travel: 0, breath: 1 },
    loses: MOVING,
  },
  // people
  'partner-keeps-track': {
    ...{ dial: 'people', tier: 'classmate', classmate: true, usual: ['partner-keeps-track'] },
    eases: { 'remember-steps': 0, judge: 1, 'stop-on-signal': 1 },
  },
  'partner-calls': {
    ...{ dial: 'people', tier: 'classmate', more: 0.2, classmate: true, purposes: ['aim', 'send'] },
    eases: { 'see-contrast': 0, 'see-side': 0 },
    adds: { 'hear-signal': 2 },
  },
  'partner-feels-signal': {
    ...{ dial: 'people', tier: 'classmate', more: 0.1, classmate: true },
    eases: { 'hear-signal': 0 },
    cautions: ['touch-with-yes'],
  },
  'partner-guides': {
    ...{ dial: 'people', tier: 'classmate', more: 0.4, classmate: true, purposes: ['travel', 'dodge-or-flee', 'chase', 'pace'] },
    eases: { 'see-contrast': 0, 'see-side': 0, 'track-fast': 0, 'track-slow': 0, judge: 1 },
    cautions: ['guide-by-the-arm', 'walk-the-area-first', 'clear-floor'],
  },
  'adult-guides': {
    ...{ dial: 'people', tier: 'adult', more: 0.3, adult: 'guide', purposes: ['travel', 'dodge-or-flee', 'chase', 'pace'] },
    eases: { 'see-contrast': 0, 'see-side': 0, 'track-fast': 0, 'track-slow': 0, judge: 0 },
    cautions: ['guide-by-the-arm', 'walk-the-area-first', 'clear-floor'],
  },
  'adult-spots': {
    ...{ dial: 'people', tier: 'adult', adult: 'spot', usual: ['stands-with-support'] },
    eases: { stand: 0, balance: 0, climb: 1 },
    cautions: ['spotter-does-nothing-else', 'spotter-on-the-weaker-side'],
    never: WHEELED,
  },
  'adult-prompts': {
    ...{ dial: 'people', tier: 'adult', adult: 'prompt' },
    eases: { 'remember-steps': 0, 'understand-words': 0, 'stop-on-signal': 0, judge: 1, wait: 0, 'be-among-many': 1 },
  },
  'adult-signs': {
    ...{ dial: 'people', tier: 'adult', adult: 'sign', usual: ['signs'] },
    eases: { 'understand-words': 0, speak: 0, 'hear-signal': 0 },
    adds: { 'see-contrast': 1 },
    cautions: ['interpreter-in-sight'],
    only: ['signs', 'deaf', 'hard-of-hearing'],
  },
  'adult-pushes': {
    ...{ dial: 'people', tier: 'adult', more: 0.5, adult: 'push', only: ['wheelchair'] },
    eases: { travel: 0, turn: 0 },
    loses: ['pace'],
    cautions: ['touch-with-yes'],
  },
  // apart from the group, and out of the game
  'another-task': { dial: 'people', tier: 'leave', eases: {}, loses: PURPOSE_ACTIONS },
  'quieter-place': {
    ...{ dial: 'space', tier: 'apart', eases: { 'bear-noise': 0, 'be-among-many': 0 } },
    loses: ['work-together'],
  },
} satisfies Record<string, DialKind>;

/** Changes by code, in the order of cost. What each eases is a Side Court default; teachers and licensed practice decide. */
export const DIAL_KINDS: Readonly<Record<string, DialKind>> = KINDS;

/** Changes that take a thing of the closet, by code. */
export const PIECE_CODES = [
  'latex-free-object',
  'sounding-object',
  'slower-object',
  'brighter-object',
  'larger-object',
  'easy-grip-object',
  'lighter-object',
  'softer-object',
  'tethered-object',
  'hung-object',
  'object-on-a-stand',
  'ramp',
  'hand-with-a-face',
  'thicker-grip',
  'wider-face',
  'lighter-implement',
  'longer-implement',
  'open-hand',
  'sounding-target',
  'brighter-target',
  'larger-target',
  'lower-target',
] as const;
export type DialCode = keyof typeof KINDS | (typeof PIECE_CODES)[number];

/** Actions in which a thing is sent, taken or carried. */
export const OBJECT_ACTIONS: readonly PurposeAction[] = OBJECTS;
