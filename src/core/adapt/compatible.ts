import type { Abilities } from './abilityOf.ts';
import type { BlockFacts, Candidate } from './candidate.ts';
import type { Thing } from './things.ts';

/** The object of the class if nobody says what it is: neither light nor soft. */
const USUAL_OBJECT = { massG: 250, diameterM: 0.2, firmness: 'medium' } as const;
/** What the open hand sends on, grams. */
const HAND_G = 200;

/** True if an implement may hit an object: its limits, a light face with a light object only, a narrow face with a large one. */
export function canHit(implement: Thing | 'hand', object: Thing | undefined, { figures }: Pick<BlockFacts, 'figures'>): boolean {
  const {
    massG = USUAL_OBJECT.massG,
    diameterM = USUAL_OBJECT.diameterM,
    firmness = USUAL_OBJECT.firmness,
    tether = 'none',
  } = object ?? {};
  if (tether === 'in the hand') return false;
  if (implement === 'hand') return massG <= HAND_G && firmness === 'soft';
  const { limits, massG: faceG = 400, faceWidthM } = implement;
  if (limits.hits && !(object && limits.hits.includes(object.family))) return false;
  if (faceG < figures.lightFaceG && massG > figures.lightObjectG) return false;
  return !(faceWidthM !== undefined && faceWidthM < figures.narrowFaceM && diameterM < faceWidthM * figures.objectPerFace);
}

/** Changes that cannot be made together, by code. */
const APART: readonly (readonly [string, string])[] = [
  ['seated', 'hold-on'],
  ['seated', 'adult-spots'],
  ['own-chair', 'hold-on'],
  ['home-spot', 'own-lane'],
  ['home-spot', 'shorter-way'],
  ['small-group', 'quieter-place'],
  ['rolled-instead', 'hung-object'],
  ['rolled-instead', 'object-on-a-stand'],
  ['rolled-instead', 'pushed-instead'],
];

/**
 * True if changes for one student work together: one object, one implement, one target; pieces that fit one another; nothing
 * that needs the hand where the hand is taken; and an object that floats is not rolled.
 */
export function areCompatible(chosen: readonly Candidate[], student: Abilities, block: BlockFacts): boolean {
  const codes = new Set(chosen.map((c) => c.dial.to));
  if (codes.size < chosen.length) return false;
  for (const dial of ['object', 'implement', 'target'] as const) if (chosen.filter((c) => c.dial.dial === dial).length > 1) return false;
  if (chosen.filter((c) => c.dial.adultId).length > 1 || chosen.filter((c) => c.classmate).length > 1) return false;
  if (APART.some(([a, b]) => codes.has(a) && codes.has(b))) return false;
  const object = chosen.find((c) => c.object)?.object;
  const implement = chosen.find((c) => c.implement)?.implement;
  if (codes.has('rolled-instead') && object && (object.flight === 'floats' || (object.uses.length > 0 && !object.uses.includes('roll'))))
    return false;
  if (!block.purpose.includes('strike')) return true;
  const held = implement ?? block.implement;
  if (held === undefined) return true;
  // What the class does with its own gear is not judged here: only what is changed has to fit.
  if (implement === undefined && object === undefined) return true;
  if (held !== 'hand' && student.of('grip') === 0 && !held.uses.includes('wear')) return implement === undefined;
  return canHit(held, object ?? block.object, block);
}
