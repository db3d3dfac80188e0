import { ALL_CHECKS } from '../fit/draftFit.ts';
import { HOLE_CODES, type Hole } from '../formats/holes.ts';
import type { SettingMeta } from '../formats/setting.ts';
import type { FindingDraft } from '../model/finding.ts';
import type { Game } from '../model/game.ts';
import type { Rule } from '../model/rule.ts';
import { judgedGame, type ShelfInput, type ShelfRow } from './judge.ts';

/** What a game's rules leave open. */
export type GameHole = Pick<FindingDraft, 'data' | 'at'> & Pick<Hole, 'code'>;

/** A game before it is kept: its floor in the period, its rules as they are read aloud, and what they leave open. */
export interface GamePreview {
  row: ShelfRow;
  rules: Rule[];
  settings: SettingMeta[];
  values: Record<string, unknown>;
  /** The band of the period's class: its values are these. */
  band: string;
  holes: GameHole[];
}

const isHole = (code: string): code is Hole['code'] => (HOLE_CODES as readonly string[]).includes(code);

/** A game as it would be for a period, whether the school has it or not. */
export function previewGame(input: ShelfInput, game: Game): GamePreview {
  const games = [...input.games.filter((g) => g.id !== game.id), game];
  const { row, draft, block } = judgedGame({ ...input, games }, game, ALL_CHECKS);
  const { rules, settings, values } = block.game!;
  const holes = draft.noticed.flatMap(({ code, data, at }) => (isHole(code) ? [{ code, data, at }] : []));
  return { row, rules, settings, values, band: draft.band, holes };
}
