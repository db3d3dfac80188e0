import { type Abilities, isInChair } from './abilityOf.ts';
import type { BlockFacts, Candidate } from './candidate.ts';
import type { Caution } from './cautions.ts';

const MOVING = ['travel', 'dodge-or-flee', 'chase', 'pace'] as const;

/** Cautions that go with a plan, by code; none where nothing is changed. Local rules, the student's own plan and licensed practice decide. */
export function cautionsOf(chosen: readonly Candidate[], student: Abilities, block: BlockFacts): Caution[] {
  if (chosen.length === 0) return [];
  const codes = new Set(chosen.map((c) => c.dial.to));
  const isMoving = MOVING.some((action) => block.purpose.includes(action)) && !codes.has('home-spot');
  const onWheels = isInChair(student);
  const looseUnder = chosen.some(({ object }) => {
    const [from, to] = block.figures.underWheelM;
    return object?.diameterM !== undefined && object.diameterM >= from && object.diameterM <= to && object.tether !== 'from above';
  });
  const all: [boolean, Caution][] = [
    [onWheels && !isMoving, 'brakes-and-belt'],
    [student.moves === 'power-chair' && isMoving, 'agreed-speed'],
    [onWheels && codes.has('hung-object'), 'frame-width'],
    [student.moves !== undefined || student.has('speaks-by-device'), 'device-in-reach'],
    [student.has('stands-with-support') && !codes.has('seated'), 'spotter-on-the-weaker-side'],
    [student.limits.has('touch-latex'), 'latex-out'],
    [student.limits.has('dim-light'), 'no-flashing'],
    [student.has('may-lose-awareness'), 'in-sight'],
    [student.has('care-plan'), 'care-plan'],
    [student.has('may-leave'), 'way-out-and-back'],
    [student.has('mouths-things'), 'nothing-small'],
    [looseUnder && block.onWheels.length > 0, 'loose-objects-from-wheels'],
    [student.has('blind') && isMoving, 'walk-the-area-first'],
  ];
  const own = chosen.flatMap((c) => c.cautions);
  return [...new Set([...all.flatMap(([holds, code]) => (holds ? [code] : [])), ...own])].sort();
}
