import { mayBeLatex } from '../gear/kinds.ts';
import { type Demands, PURPOSE_ACTIONS, type PurposeAction } from '../model/demand.ts';
import type { GearUse } from '../model/gearKind.ts';
import type { BlockFacts } from './candidate.ts';
import type { PIECE_CODES } from './dialKinds.ts';
import { lightnessOf } from './figures.ts';
import type { Thing } from './things.ts';

export type PieceCode = (typeof PIECE_CODES)[number];

/** Uses by which an object serves an action. */
const USES: Partial<Record<PurposeAction, readonly GearUse[]>> = {
  send: ['throw', 'roll', 'slide', 'kick', 'be hit'],
  receive: ['catch', 'roll'],
  strike: ['be hit', 'kick', 'hit with'],
  aim: ['throw', 'roll', 'slide', 'be hit', 'kick'],
  'keep-time': ['wave', 'juggle'],
  'carry-or-dribble': ['carry', 'throw', 'catch', 'roll', 'kick'],
};
/** The actions that an object serves: those without objects, and those that one of its uses is for. */
export const servedBy = ({ uses, flight }: Thing): PurposeAction[] =>
  PURPOSE_ACTIONS.filter((action) => {
    const wanted = USES[action];
    if (!wanted || uses.length === 0) return !(flight === 'floats' && action === 'carry-or-dribble');
    return wanted.some((use) => uses.includes(use));
  });

/** True if the difference in lightness to the floor is seen. Unknown colors and floors promise nothing. */
export function stands(colour: string | undefined, { floorLightness, figures }: BlockFacts): boolean {
  const own = lightnessOf(colour);
  return own !== undefined && floorLightness !== undefined && Math.abs(own - floorLightness) >= figures.contrast;
}

const cap = (into: Demands, demand: keyof Demands, level: number) => {
  into[demand] = Math.min(into[demand] ?? 3, level);
};

/** What playing with an object does to the demands; the first code that names why it helps comes first. */
export function effectsOfObject(
  thing: Thing,
  block: BlockFacts,
): { eases: Demands; adds: Demands; spreads: Demands; codes: [PieceCode, (keyof Demands)[]][] } {
  const eases: Demands = {};
  const adds: Demands = {};
  const spreads: Demands = {};
  const codes: [PieceCode, (keyof Demands)[]][] = [];
  const { flight, diameterM = 0.2, massG = 250, firmness, sound = 'none', texture, tether = 'none', uses } = thing;
  const ease = (code: PieceCode, list: [keyof Demands, number][]) => {
    for (const [demand, level] of list) cap(eases, demand, level);
    codes.push([code, list.map(([demand]) => demand)]);
  };
  if (!mayBeLatex(thing)) ease('latex-free-object', [['touch-latex', 0]]);
  else adds['touch-latex'] = 1;
  if (sound !== 'none' && (uses.length === 0 || uses.includes('roll') || uses.includes('throw'))) {
    ease('sounding-object', [
      ['see-contrast', 0],
      ['track-slow', 0],
      ['track-fast', uses.length === 0 || uses.includes('roll') ? 0 : 1],
    ]);
    adds['hear-signal'] = 2;
    spreads['bear-noise'] = sound === 'rattle' ? 1 : 2;
  }
  if (flight === 'floats')
    ease('slower-object', [
      ['track-fast', 0],
      ['track-slow', 1],
    ]);
  else if (flight === 'slow') ease('slower-object', [['track-fast', 1]]);
  if (stands(thing.colour, block)) ease('brighter-object', [['see-contrast', 1]]);
  if (diameterM >= 0.25)
    ease('larger-object', [
      ['track-fast', 2],
      ['see-contrast', 2],
    ]);
  if (/knob|net|ribbed|grip|holes|tag/.test(texture ?? '') || (firmness === 'soft' && massG <= 120 && diameterM <= 0.13))
    ease('easy-grip-object', [['grip', 1]]);
  if (flight === 'floats') ease('easy-grip-object', [['grip', 0]]);
  if (massG <= 60)
    ease('lighter-object', [
      ['lift', 0],
      ['swing', 1],
      ['grip', 2],
    ]);
  else if (massG <= 120)
    ease('lighter-object', [
      ['lift', 1],
      ['swing', 2],
      ['grip', 2],
    ]);
  if (firmness === 'soft' && massG <= 150)
    ease('softer-object', [
      ['bear-touch', 1],
      ['head-contact', 1],
    ]);
  if (tether !== 'none')
    ease('tethered-object', [
      ['travel', 1],
      ['down-up', 0],
      ['track-fast', 1],
    ]);
  if (diameterM >= 0.3 && flight !== 'floats') adds['two-hands'] = 2;
  if (massG > 400) adds.lift = 2;
  return { eases, adds, spreads, codes };
}
