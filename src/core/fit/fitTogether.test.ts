import { describe, expect, it } from 'vitest';
import { block, CLASS, codes, game, gear, solved, student } from './fitForAll.fixture.ts';

const RALLY = game({ stand: 1, travel: 2, grip: 2, swing: 2, 'track-fast': 3, reach: 2, 'see-contrast': 2 }, ['strike', 'send', 'aim']);
