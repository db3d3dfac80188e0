import { orderFor } from '../core/adapt/ladder.ts';
import type { SkillLadder } from '../core/model/skillLadder.ts';

const ladder = (values: Omit<SkillLadder, 'order'>): SkillLadder => ({ ...values, order: orderFor(values) });

/**
 * A ladder for every family of skills, the easiest value of every axis first: slow, light, large, near. One step changes one axis. A
 * student's own position is nowhere among them: every step can be done from a chair, with a walker or on foot.
 */
export const SKILL_LADDERS: readonly SkillLadder[] = [
  ladder({
    skill: 'throw',
    object: ['beanbag', 'soft ball', 'small ball', 'flying disc'],
    implement: ['hand'],
    motion: ['underhand', 'overhand', 'overhand with a turn of the trunk', 'on the move'],
    distance: [1, 2, 3, 5, 8],
  }),
  ladder({
    skill: 'catch',
    object: ['scarf', 'light ball', 'soft ball', 'small ball'],
    implement: ['arms and body', 'two hands', 'one hand'],
    motion: ['rolled', 'bounced', 'tossed', 'tossed to the side'],
    distance: [1, 2, 3, 5],
  }),
  ladder({
    skill: 'strike-hand',
    object: ['balloon or light ball on a string', 'light ball', 'soft ball'],
    implement: ['two hands', 'one hand', 'other hand'],
    motion: ['still on a stand', 'dropped', 'tossed'],
    distance: [1, 2, 4],
  }),
  ladder({
    skill: 'strike-implement',
    object: ['light ball', 'soft ball', 'small ball'],
    implement: ['card paddle', 'short paddle, wide face', 'longer implement'],
    motion: ['still on a stand', 'hanging', 'dropped', 'tossed', 'tossed to the side'],
    distance: [1, 2, 4, 6],
  }),
  ladder({
    skill: 'kick',
    object: ['large soft ball', 'soft ball', 'small ball'],
    implement: ['foot or footrest', 'inside of the foot', 'other foot'],
    motion: ['still', 'after an approach', 'rolling toward', 'rolling across'],
    distance: [2, 3, 5, 8],
  }),
  ladder({
    skill: 'roll',
    object: ['large soft ball', 'soft ball', 'small ball', 'flat stone'],
    implement: ['ramp', 'two hands', 'one hand'],
    motion: ['let go', 'pushed', 'swung'],
    distance: [1, 2, 4, 6, 8],
  }),
  ladder({
    skill: 'release',
    object: ['beanbag on a tray', 'beanbag', 'soft ball'],
    implement: ['switch or cord that lets go', 'ramp', 'hand opens'],
    motion: ['let go when ready', 'let go on a count', 'let go at a moving target'],
    distance: [0, 0.5, 1, 2],
  }),
  ladder({
    skill: 'dribble',
    object: ['large soft ball', 'bouncy ball', 'small ball'],
    implement: ['two hands', 'one hand', 'stick with a wide end'],
    motion: ['on the spot', 'straight', 'around cones', 'with a follower'],
    distance: [1, 3, 6, 10],
  }),
  ladder({
    skill: 'volley',
    object: ['balloon or light ball', 'large soft ball', 'soft ball'],
    implement: ['two hands', 'one hand', 'card paddle'],
    motion: ['to yourself', 'to a partner', 'over a line', 'over a low barrier'],
    distance: [0.5, 1, 2, 3],
  }),
  ladder({
    skill: 'aim',
    object: ['beanbag', 'soft ball', 'flat stone'],
    implement: ['hoop as the target', 'basket as the target', 'cone as the target'],
    motion: ['target on the floor', 'target raised', 'target that moves'],
    distance: [1, 2, 4, 6],
  }),
  ladder({
    skill: 'jump',
    object: ['line', 'flat spot', 'rope on the floor', 'low bar that falls'],
    implement: ['with a hand on a rail', 'free'],
    motion: ['two feet or lifted off', 'two feet and hold', 'one to two feet', 'in a row'],
    distance: [0, 0.2, 0.4, 0.7],
  }),
  ladder({
    skill: 'travel',
    object: ['empty-handed', 'carrying a scarf', 'carrying a ball'],
    implement: ['wide path', 'narrow path', 'path with turns'],
    motion: ['slow', 'at an even pace', 'fast', 'starts and stops'],
    distance: [3, 6, 10, 15],
  }),
  ladder({
    skill: 'wheels',
    object: ['open floor', 'around cones', 'ramp or mat edge'],
    implement: ['gap of 2 m', 'gap of 1.5 m', 'gap of 1.2 m'],
    motion: ['start and stop', 'turn on the spot', 'forward and back', 'turn at speed'],
    distance: [3, 6, 10, 15],
  }),
  ladder({
    skill: 'guided-run',
    object: ['clear floor', 'along a rope', 'past markers'],
    implement: ['guide’s arm', 'band that both hold', 'voice beside', 'voice ahead'],
    motion: ['walk', 'brisk walk', 'jog', 'run'],
    distance: [5, 10, 20, 30],
  }),
  ladder({
    skill: 'balance',
    object: ['nothing to hold', 'holding a scarf', 'carrying a beanbag', 'catching a scarf'],
    implement: ['wide mat', 'line', 'low beam'],
    motion: ['hold still', 'reach to the side', 'move along', 'move along and turn'],
    distance: [0, 1, 2, 3],
  }),
  ladder({
    skill: 'rhythm',
    object: ['clap or tap', 'sticks', 'ribbon or scarf'],
    implement: ['slow beat', 'middle beat', 'quick beat'],
    motion: ['one move', 'two moves', 'four moves', 'own moves'],
    distance: [0, 1, 3],
  }),
  ladder({
    skill: 'tag',
    object: ['one chaser', 'two chasers', 'chasers and safe spots'],
    implement: ['pool noodle', 'scarf to pull', 'hand'],
    motion: ['walk', 'brisk walk', 'run'],
    distance: [4, 6, 8],
  }),
];
