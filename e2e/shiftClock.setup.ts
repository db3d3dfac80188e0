import { shiftClock, testAhead } from './testDate.ts';

// Files of tests share a worker: its clock is set once.
const world = globalThis as { sideCourtClockSet?: boolean };
if (!world.sideCourtClockSet) shiftClock(testAhead());
world.sideCourtClockSet = true;
