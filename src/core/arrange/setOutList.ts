import { distance, type Point } from '../geometry/point.ts';
import type { Finding } from '../model/finding.ts';
import { fixedZone, standing } from '../model/fixedThing.ts';
import type { LaidPiece } from '../model/laidPiece.ts';
import type { Piece } from '../model/piece.ts';
import { type Room, softWalls } from '../model/room.ts';
import { type SetOutStep, setOutCorners } from './setOut.ts';
import { type SetOutUnit, setOutUnits, tapeNeeded } from './setOutUnit.ts';

/** How fast one person tapes, lays and walks; editable, house figures. */
export interface SetOutRates {
  secondsPerMark: number;
  secondsPerTapeM: number;
  secondsPerPiece: number;
  walkMs: number;
}
export const SET_OUT_RATES: SetOutRates = { secondsPerMark: 15, secondsPerTapeM: 4, secondsPerPiece: 3, walkMs: 1.2 };

/** Seconds to put so many marks, metres of tape and pieces of gear down, walking left out. */
export const layingSeconds = (marks: number, tapeM: number, gear: number, rates: SetOutRates) =>
  marks * rates.secondsPerMark + tapeM * rates.secondsPerTapeM + gear * rates.secondsPerPiece;

/** `exact`: every corner by its offsets. `quick`: the middles of two edges, one edge taped, the rest by eye. */
export type SetOutGrade = 'exact' | 'quick';

const between = (a: Point, b: Point): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });

/** The same with the middles of its near and far edge for four corners, one middle for two ends; only the near edge of tape. */
function quickUnit(unit: SetOutUnit): SetOutUnit {
  const points = unit.marks.map(([, p]) => p);
  if (points.length === 4) {
    const [a, b, c, d] = points;
    return {
      ...unit,
      marks: [
        ['A', between(a, b)],
        ['B', between(d, c)],
      ],
      tape: unit.tape.slice(0, 1),
    };
  }
  return points.length === 2 ? { ...unit, marks: [['A', between(points[0], points[1])]] } : unit;
}

/** One row of the list: a mark with its number in walking order. */
export interface SetOutMark extends SetOutStep {
  number: number;
  at: Point;
  /** Number of the earlier mark that proves it. */
  checkNumber?: number;
}
/** What one person does to set a layout out, and what it takes. */
export interface SetOutList {
  /** What `mark.unit` counts. */
  units: SetOutUnit[];
  marks: SetOutMark[];
  findings: Finding[];
  tapeM: number;
  /** Metres of lines that are painted there already. */
  paintedM: number;
  walkM: number;
  layOutSeconds: number;
  takeInSeconds: number;
}

/** The units with those that are called the same counted in the order in which they are walked to. */
function countedAsWalked(units: readonly SetOutUnit[], marks: readonly SetOutMark[]): SetOutUnit[] {
  const walked = [...new Set(marks.map((m) => m.mark.unit))];
  const alike = (name: string) => walked.filter((i) => units[i].name === name);
  return units.map((unit, i) => (unit.nth === undefined || !walked.includes(i) ? unit : { ...unit, nth: alike(unit.name).indexOf(i) + 1 }));
}

/**
 * The list that one person with one tape works off: marks in walking order with their two offsets, metres of tape (what is
 * painted there already needs none), metres walked, seconds to lay out and to take in at the given rates. `gear`: pieces of gear
 * put down; `laid`: what lies beside the places; `grade`: how exactly. Marks that no two walls reach are findings.
 */
export function setOutList(
  room: Room,
  pieces: readonly Piece[],
  gear: number,
  tapeM: number,
  rates: SetOutRates = SET_OUT_RATES,
  laid: readonly LaidPiece[] = [],
  grade: SetOutGrade = 'exact',
): SetOutList {
  const exact = setOutUnits(pieces, laid);
  const units = grade === 'quick' ? exact.map(quickUnit) : exact;
  const { steps, findings } = setOutCorners(
    { outline: room.outline, keepOut: standing(room).map(fixedZone), blockedWalls: softWalls(room) },
    units.map((u) => u.marks),
    tapeM,
  );
  const numbers = new Map(steps.map((s, i) => [`${s.mark.unit}${s.mark.corner}`, i + 1]));
  const marks = steps.map(
    (step, i): SetOutMark => ({
      ...step,
      number: i + 1,
      at: units[step.mark.unit].marks.find(([corner]) => corner === step.mark.corner)![1],
      ...(step.check && { checkNumber: numbers.get(`${step.check.to.unit}${step.check.to.corner}`) }),
    }),
  );
  const { tapeM: taped, paintedM } = tapeNeeded(
    units.flatMap((u) => u.tape),
    room,
  );
  const walkM = marks.slice(1).reduce((sum, m, i) => sum + distance(m.at, marks[i].at), 0);
  const walk = walkM / rates.walkMs;
  return {
    units: countedAsWalked(units, marks),
    marks,
    findings,
    tapeM: taped,
    paintedM,
    walkM,
    layOutSeconds: layingSeconds(marks.length, taped, gear, rates) + walk,
    takeInSeconds: (taped * rates.secondsPerTapeM) / 2 + gear * rates.secondsPerPiece + walk,
  };
}
