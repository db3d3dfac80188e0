import { mayBeLatex } from '../gear/kinds.ts';
import { type Demands, PURPOSE_ACTIONS, type PurposeAction } from '../model/demand.ts';
import { type Abilities, isInChair } from './abilityOf.ts';
import { type BlockFacts, type Candidate, ownWidthM } from './candidate.ts';
import type { Caution } from './cautions.ts';
import { OBJECT_ACTIONS } from './dialKinds.ts';
import { effectsOfObject, type PieceCode, servedBy, stands } from './objectEffects.ts';
import { isImplement, isObject, isTarget, likeness, type Thing } from './things.ts';

/** What making something costs more than taking it. */
const MAKING = 0.5;
/** From grade 6 on, balloons come after every change of a rule: nothing for small children unless it is chosen. */
const FOR_SMALL = 6;
const OLDER: readonly string[] = ['6-8', '9-12'];

const round = (cost: number) => Math.round(cost * 100) / 100;
const usesOf = ({ id, materials }: Thing, count = 1) => (materials ? materials.map((m) => ({ ...m })) : [{ gearId: id, count }]);

interface Parts {
  to: PieceCode;
  dial: 'object' | 'implement' | 'target';
  cost: number;
  eases: Demands;
  adds?: Demands;
  spreads?: Demands;
  keeps: PurposeAction[];
  cautions?: Caution[];
  uses: { gearId: string; count: number }[];
}

function candidate(
  { to, dial, cost, eases, adds = {}, spreads = {}, keeps, cautions = [], uses }: Parts,
  things: readonly Thing[],
): Candidate {
  const homeMade = things.find((t) => t.homeMade)?.homeMade;
  return {
    dial: { dial, to, data: {}, uses, ...(homeMade ? { homeMade } : {}), keeps, cost: round(cost + (homeMade ? MAKING : 0)) },
    ...{ eases, adds, spreads, cautions, classmate: false, lane: false },
    key: `${to}|${things.map(likeness).join('|')}`,
  };
}

/** True for a frame that an object hangs from. */
const isFrame = ({ tether, family }: Thing): boolean => tether === 'from above' && family === 'mat or support';

/** True for a frame that the student's chair does not fit into, leg rests included. */
function isNarrowFrame(thing: Thing, student: Abilities, { figures }: BlockFacts): boolean {
  if (!isFrame(thing) || thing.lengthM === undefined || !isInChair(student)) return false;
  return thing.lengthM < (ownWidthM(student, figures) ?? 0) + figures.frameM;
}

/** True if a thing may be played with in a block at all: for everyone who is there, and for this student. */
function isAllowed(thing: Thing, student: Abilities, block: BlockFacts): boolean {
  const { diameterM, family, sound = 'none', tether = 'none', limits } = thing;
  if (thing.count < 1) return false;
  if (block.latexFree && mayBeLatex(thing)) return false;
  const smallestMm = limits.smallestMm ?? (diameterM ?? 1) * 1000;
  if (block.mouthing && (smallestMm < block.figures.mouthMm || family === 'balloon' || sound === 'bell')) return false;
  const [from, to] = block.figures.underWheelM;
  if (isNarrowFrame(thing, student, block)) return false;
  const rollsUnder = diameterM !== undefined && diameterM >= from && diameterM <= to && family === 'ball' && tether === 'none';
  return !(student.moves && student.moves !== 'cane' && rollsUnder);
}

/** Objects, implements and targets of the closet that ease something for a student, each as one change. */
export function pieceCandidates(things: readonly Thing[], student: Abilities, block: BlockFacts): Candidate[] {
  const needsObject = OBJECT_ACTIONS.some((a) => block.purpose.includes(a));
  const own = things.filter((t) => isAllowed(t, student, block));
  return [
    ...(needsObject ? own.filter(isObject).flatMap((t) => objectCandidates(t, block)) : []),
    ...(needsObject ? stills(own, block) : []),
    ...(block.purpose.includes('send') && block.purpose.includes('aim') ? own.filter(isRamp).map((t) => rampCandidate(t, block)) : []),
    ...(block.purpose.includes('strike') ? [...own.filter(isImplement).map((t) => implementCandidate(t, block)), bareHand(block)] : []),
    ...(block.purpose.includes('aim') ? own.filter(isTarget).flatMap((t) => targetCandidates(t, block)) : []),
  ];
}

/** One change for every reason to take an object: each has all that the object does. */
function objectCandidates(thing: Thing, block: BlockFacts): Candidate[] {
  const { eases, adds, spreads, codes } = effectsOfObject(thing, block);
  const keeps = servedBy(thing);
  if (!OBJECT_ACTIONS.some((a) => block.purpose.includes(a) && keeps.includes(a))) return [];
  const cost = block.figures.costs.object + (thing.family === 'balloon' && OLDER.includes(block.band) ? FOR_SMALL : 0);
  const seen = new Set<string>();
  return codes
    .filter(([code]) => !seen.has(code) && seen.add(code))
    .map(([to, reasons], i) => ({
      ...candidate({ to, dial: 'object', cost: cost + i * 0.01, eases, adds, spreads, keeps, uses: usesOf(thing) }, [thing]),
      object: thing,
      ...(spreads['bear-noise'] ? { cautions: ['quiet-while-sounding'] } : {}),
      reasons,
    }));
}

const isRamp = ({ family, uses }: Thing): boolean => family === 'mat or support' && uses[0] === 'roll';

/** A ramp that the object is let go on: it aims, it does not swing. */
function rampCandidate(thing: Thing, { figures }: BlockFacts): Candidate {
  const eases: Demands = { swing: 0, grip: 0, lift: 0, 'down-up': 0, reach: 0 };
  const keeps = PURPOSE_ACTIONS.filter((a) => a !== 'strike');
  return candidate({ to: 'ramp', dial: 'object', cost: figures.costs.object + 0.8, eases, keeps, uses: usesOf(thing) }, [thing]);
}

/** An object at rest on a stand, or hung from a frame. */
function stills(things: readonly Thing[], block: BlockFacts): Candidate[] {
  if (!block.purpose.includes('strike')) return [];
  const light = things.filter((t) => isObject(t) && (t.massG ?? 250) <= 300 && t.family !== 'thrown object');
  const keepsAll = PURPOSE_ACTIONS.filter((a) => a !== 'receive');
  return things.flatMap((stand) => {
    const hangs = isFrame(stand);
    const holds = stand.family === 'mat or support' && stand.uses.includes('be hit') && !hangs;
    if (!hangs && !holds) return [];
    const object = bestOf(light);
    if (!object) return [];
    const { eases, adds, spreads } = effectsOfObject(object, block);
    const still: Demands = { ...eases, 'track-fast': 0, 'track-slow': 0, 'down-up': 0, ...(hangs ? { travel: 1 } : {}) };
    const uses = [...usesOf(stand), ...usesOf(object)];
    const parts = {
      to: (hangs ? 'hung-object' : 'object-on-a-stand') as PieceCode,
      dial: 'object' as const,
      cost: block.figures.costs.object + 0.6,
      eases: still,
      adds,
      spreads,
    };
    return [{ ...candidate({ ...parts, keeps: keepsAll, cautions: hangs ? ['frame-width'] : [], uses }, [stand, object]), object }];
  });
}

/** The lightest, widest of several; of likes the first by what they are. */
const bestOf = (things: readonly Thing[]): Thing | undefined =>
  [...things].sort(
    (a, b) => (a.massG ?? 250) - (b.massG ?? 250) || (b.diameterM ?? 0) - (a.diameterM ?? 0) || (likeness(a) < likeness(b) ? -1 : 1),
  )[0];

/** Another implement in the hand: grip and swing are what it asks for. */
function implementCandidate(thing: Thing, { figures }: BlockFacts): Candidate {
  const { massG = 400, lengthM = 0.6, faceWidthM = 0.1, gripMm, uses } = thing;
  const [light, middle] = figures.implementG;
  const strength = massG <= light ? 1 : massG <= middle ? 2 : 3;
  const worn = uses.includes('wear');
  const isThick = gripMm !== undefined && gripMm >= 40 && gripMm <= figures.gripMm[1];
  const isOff = gripMm !== undefined && (gripMm < figures.gripMm[0] || gripMm > figures.gripMm[1]);
  const grip = worn ? 0 : isOff ? Math.max(2, strength) : isThick && strength === 2 ? 1 : strength;
  const eases: Demands = {
    ...(strength < 3 ? { swing: strength } : {}),
    ...(grip < 3 ? { grip } : {}),
    ...(faceWidthM >= 0.2 ? { 'track-fast': 2 } : {}),
    ...(lengthM >= 0.6 ? { reach: 1 } : {}),
    ...(lengthM <= 0.7 && massG <= 300 ? { 'two-hands': 0 } : {}),
    ...(mayBeLatex(thing) ? {} : { 'touch-latex': 0 }),
  };
  const adds: Demands = {
    ...(grip > 0 ? { grip } : {}),
    swing: strength,
    ...(mayBeLatex(thing) && thing.latex === 'yes' ? { 'touch-latex': 1 } : {}),
  };
  const to: PieceCode = worn
    ? 'hand-with-a-face'
    : isThick && strength > 1
      ? 'thicker-grip'
      : faceWidthM >= 0.25
        ? 'wider-face'
        : strength < 3
          ? 'lighter-implement'
          : 'longer-implement';
  const parts = {
    to,
    dial: 'implement' as const,
    cost: figures.costs.implement + strength * 0.05,
    eases,
    adds,
    keeps: [...PURPOSE_ACTIONS],
    uses: usesOf(thing),
  };
  return { ...candidate(parts, [thing]), implement: thing };
}

/** No implement at all: the open hand, for what is light and soft. */
function bareHand({ figures }: BlockFacts): Candidate {
  const eases: Demands = { grip: 0, 'two-hands': 0, swing: 1, lift: 0 };
  return {
    ...candidate(
      {
        to: 'open-hand',
        dial: 'implement',
        cost: figures.costs.implement + 0.3,
        eases,
        adds: { swing: 1 },
        keeps: [...PURPOSE_ACTIONS],
        uses: [],
      },
      [],
    ),
    implement: 'hand',
  };
}

function targetCandidates(thing: Thing, block: BlockFacts): Candidate[] {
  const { sound = 'none', diameterM = 0.3, lengthM = 0, uses } = thing;
  const found: Candidate[] = [];
  const add = (to: PieceCode, more: number, eases: Demands, adds: Demands = {}, spreads: Demands = {}) =>
    found.push(
      candidate(
        {
          to,
          dial: 'target',
          cost: block.figures.costs.target + more,
          eases,
          adds,
          spreads,
          keeps: [...PURPOSE_ACTIONS],
          uses: usesOf(thing),
        },
        [thing],
      ),
    );
  if (sound !== 'none')
    add('sounding-target', 0.2, { 'see-contrast': 0, 'see-side': 0 }, { 'hear-signal': 2 }, { 'bear-noise': sound === 'rattle' ? 1 : 2 });
  if (stands(thing.colour, block)) add('brighter-target', 0.1, { 'see-contrast': 1 });
  if (Math.max(diameterM, lengthM) >= 0.8 && uses.includes('aim at')) add('larger-target', 0, { 'see-contrast': 2, judge: 2 });
  if (thing.family === 'goal' && lengthM + diameterM <= 0.8) add('lower-target', 0.1, { reach: 1, lift: 1, swing: 2 });
  return found;
}
