import type { Game } from '../core/model/game.ts';
import { bellFair } from './bellFair.ts';
import { bellKeeper } from './bellKeeper.ts';
import { bellMessengers } from './bellMessengers.ts';
import { bellRows } from './bellRows.ts';
import { bellStairs } from './bellStairs.ts';
import { bellsQuiet } from './bellsQuiet.ts';
import { bellTower } from './bellTower.ts';
import { bridgeKeepers } from './bridgeKeepers.ts';
import { bridgeMeeting } from './bridgeMeeting.ts';
import { bridgeRollers } from './bridgeRollers.ts';
import { bridgeRun } from './bridgeRun.ts';
import { keepTheLantern, millRope, overTheRope, underTheHaystack, weathercockCircle } from './circleGames.ts';
import { harvestHome, roundTheTree, toTheMillAndBack } from './inningsGames.ts';
import { millAndMessenger, windAroundHouses } from './intervalGames.ts';
import { lanternRing } from './lanternRing.ts';
import { lanternRoll } from './lanternRoll.ts';
import { millCarts } from './millCarts.ts';
import { millMusic } from './millMusic.ts';
import { millRace } from './millRace.ts';
import { millSacks } from './millSacks.ts';
import { millSteps } from './millSteps.ts';
import { millWheels } from './millWheels.ts';
import { nineMills } from './nineMills.ts';
import { orchardCarry } from './orchardCarry.ts';
import { orchardCrowns } from './orchardCrowns.ts';
import { orchardRows } from './orchardRows.ts';
import { evenWheel, nightWatch } from './paceGames.ts';
import { aroundTheOrchard, twoMillWheels, weatherRoad } from './perimeterGames.ts';
import { bothGates, freeStones, overTheOrchard, secretLetter } from './possessionGames.ts';
import { lampWindows, overTheWall, ringTheBell, twoBridges, waterCarriers } from './relayGames.ts';
import { ripeFruit } from './ripeFruit.ts';
import { lampsAroundTower, ringAndRun, steppingStones } from './spotGames.ts';
import { tollBridge } from './tollBridge.ts';
import { weatherCourse } from './weatherCourse.ts';
import { weatherRound } from './weatherRound.ts';
import { windAndLeaves } from './windAndLeaves.ts';
import { windfalls } from './windfalls.ts';

/** The games that come with Side Court, in the order of the shelf. */
export const GAMES: readonly Game[] = [
  nineMills,
  weatherRound,
  orchardCarry,
  bridgeKeepers,
  bellTower,
  lanternRoll,
  orchardRows,
  bridgeRun,
  weatherCourse,
  windAndLeaves,
  tollBridge,
  ripeFruit,
  millSacks,
  bellRows,
  millSteps,
  bellStairs,
  millRace,
  bellMessengers,
  orchardCrowns,
  bridgeRollers,
  bridgeMeeting,
  bellFair,
  millWheels,
  lanternRing,
  millMusic,
  bellsQuiet,
  windfalls,
  millCarts,
  bellKeeper,
  waterCarriers,
  twoBridges,
  ringTheBell,
  overTheWall,
  lampWindows,
  aroundTheOrchard,
  twoMillWheels,
  weatherRoad,
  millAndMessenger,
  windAroundHouses,
  nightWatch,
  evenWheel,
  toTheMillAndBack,
  roundTheTree,
  harvestHome,
  secretLetter,
  bothGates,
  overTheOrchard,
  freeStones,
  steppingStones,
  lampsAroundTower,
  ringAndRun,
  millRope,
  keepTheLantern,
  overTheRope,
  underTheHaystack,
  weathercockCircle,
];
