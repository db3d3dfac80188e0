import { draftFit } from '../fit/draftFit.ts';
import type { SettingMeta } from '../formats/setting.ts';
import type { FindingDraft } from '../model/finding.ts';
import type { Game } from '../model/game.ts';
import type { Rule } from '../model/rule.ts';
import { judgedGame, type ShelfInput, type ShelfRow } from './judge.ts';

/** A game before it is kept: its floor in the period, its rules as they are read aloud, and what they leave open. */
export interface GamePreview {
  row: ShelfRow;
  rules: Rule[];
  settings: SettingMeta[];
  values: Record<string, unknown>;
  /** What settings would be if the game said nothing. */
  band: string;
  holes: Pick<FindingDraft, 'code' | 'data' | 'at'>[];
}

/** Codes of what rules leave open. */
const HOLES = [
  'rule-missing',
  'no-stop-signal',
  'fault-missing',
  'no-way-back',
  'signal-one-sense',
  'rule-not-on-floor',
  'rule-no-gear',
  'end-unscored',
];

/** A game as it would be for a period, whether the school has it or not. */
export function previewGame(input: ShelfInput, game: Game): GamePreview {
  const games = [...input.games.filter((g) => g.id !== game.id), game];
  const { row, lesson, block } = judgedGame({ ...input, games }, game);
  const draft = draftFit({ ...input, games, lesson });
  const { rules, settings, values } = draft.blocks.find((b) => b.id === block)!.game!;
  const holes = draft.noticed.filter((n) => HOLES.includes(n.code)).map(({ code, data, at }) => ({ code, data, at }));
  return { row, rules, settings, values, band: draft.band, holes };
}
