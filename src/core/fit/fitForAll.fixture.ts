import { GEAR_CATALOGUE } from '../../content/gearKinds.ts';
import type { GameDemand, PurposeAction } from '../model/demand.ts';
import type { AdaptStudent, SupportKind } from '../model/support.ts';
import { type AdaptBlock, type FitForAllRequest, fitForAll } from './fitForAll.ts';

export type Say = Partial<AdaptStudent> & { id?: string };
export const student = (id: string, kinds: readonly (SupportKind | AdaptStudent['supports'][number])[], more: Say = {}): AdaptStudent => ({
  id,
  supports: kinds.map((k) => (typeof k === 'string' ? { kind: k } : k)),
  ...more,
});

export const gear = (id: string, gearKind: string, count = 1, more: Record<string, unknown> = {}) => ({
  ...{ id, name: gearKind, gearKind, count },
  ...more,
});

/** A game that asks everyone for these, at these levels, and is for that. */
export function game(demands: Record<string, number>, purpose: PurposeAction[], more: Record<string, unknown> = {}) {
  const list = Object.entries(demands).map(([demand, level]) => ({ demand, level }) as GameDemand);
  return { demands: list, purpose, ...more };
}

export const block = (
  of: ReturnType<typeof game>,
  players: readonly (string | AdaptBlock['players'][number])[],
  more: Partial<AdaptBlock> = {},
): AdaptBlock => ({
  ...{ id: 'block', game: of, band: '4-5', from: 0, until: 60 },
  players: players.map((p) => (typeof p === 'string' ? { id: p } : p)),
  ...more,
});

export const ROOM = {
  outline: [
    { x: 0, y: 0 },
    { x: 26, y: 0 },
    { x: 26, y: 15 },
    { x: 0, y: 15 },
  ],
  floorKind: 'wood',
};

/** A class of twelve with nobody's supports but those that are asked for. */
export const CLASS = Array.from({ length: 12 }, (_, i) => `c${String(i).padStart(2, '0')}`);

/** The answer for some students in one block with the catalogue's kinds. */
export function solved(request: Partial<FitForAllRequest>) {
  return fitForAll({ students: [], blocks: [], gear: [], adults: [], room: ROOM, kinds: GEAR_CATALOGUE, ...request });
}

/** Codes of a plan's changes, in order. */
export const codes = (plan: { dials: readonly { to: string }[] } | undefined): string[] => (plan?.dials ?? []).map((d) => d.to).sort();
