import { benchAdapt } from './adapt.ts';
import { benchBundle } from './bundle.ts';
import { benchChase } from './chase.ts';
import { benchDrag } from './drag.ts';
import { benchFit } from './fit.ts';
import { benchPacking } from './packing.ts';
import { benchPage } from './page.ts';
import { benchPlays } from './plays.ts';
import { benchRun } from './run.ts';
import { benchServer } from './server.ts';
import { benchShelf } from './shelf.ts';
import { benchSpots } from './spots.ts';
import { benchStart } from './start.ts';
import { benchTeams } from './teams.ts';
import { benchWays } from './ways.ts';

/** Every benchmark with its name on the command line; all without one. Times are of this machine: ratios are what counts. */
const BENCHES: Record<string, () => Promise<void> | void> = {
  fit: benchFit,
  teams: benchTeams,
  shelf: benchShelf,
  ways: benchWays,
  packing: benchPacking,
  spots: benchSpots,
  drag: benchDrag,
  adapt: benchAdapt,
  chase: benchChase,
  plays: benchPlays,
  run: benchRun,
  server: benchServer,
  bundle: benchBundle,
  page: benchPage,
  start: benchStart,
};

const wanted = process.argv.slice(2);
const unknown = wanted.filter((name) => !(name in BENCHES));
if (unknown.length) {
  console.error(`unknown benchmark: ${unknown.join(', ')}; there are ${Object.keys(BENCHES).join(', ')}`);
  process.exit(2);
}
for (const [name, bench] of Object.entries(BENCHES)) {
  if (wanted.length && !wanted.includes(name)) continue;
  console.log(`\n${name}`);
  await bench();
}
