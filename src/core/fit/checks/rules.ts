import { type Hole, holesIn, usualRule } from '../../formats/holes.ts';
import { formatOf } from '../../formats/registry.ts';
import type { Edit } from '../../model/edit.ts';
import type { Weight } from '../../model/finding.ts';
import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId } from '../../model/ids.ts';
import { USUAL_STOP_SIGNAL } from '../../model/newSchool.ts';
import { type OwnRule, ruleKey } from '../../model/rule.ts';
import { type BlockInput, laidIn, type StandingBlock } from '../fitted.ts';

/** The stop signal that is suggested for a game without one. */

const WEIGHTS: Record<Hole['code'], Weight> = {
  'rule-missing': 'caution',
  'no-stop-signal': 'stop',
  'fault-missing': 'caution',
  'no-way-back': 'caution',
  'signal-one-sense': 'caution',
  'rule-not-on-floor': 'caution',
  'rule-no-gear': 'note',
  'end-unscored': 'caution',
};

/** The lesson's own rules with one more, in place of its rule with the same key. */
function withRule(input: BlockInput, blockId: string, rule: OwnRule): Edit {
  const known = input.lesson.blocks.find((b) => b.id === blockId)?.game?.rules ?? [];
  const others = known.filter((r, i) => ruleKey(r, i) !== ruleKey(rule, -1));
  return { kind: 'set-rules', blockId: blockId as BlockId, rules: [...others, rule] };
}

function ideasFor(input: BlockInput, block: StandingBlock, hole: Hole): Idea[] {
  const stop = block.game!.roles['stop-signal'];
  if (hole.code === 'no-stop-signal' && stop) {
    const edit: Edit = { kind: 'set-setting', blockId: block.id as BlockId, key: stop.key, value: USUAL_STOP_SIGNAL };
    return [{ code: 'set-stop-signal', data: { signal: USUAL_STOP_SIGNAL }, edits: [edit] }];
  }
  const rule = usualRule(hole);
  return rule ? [{ code: 'use-usual-rule', data: { about: hole.about, hole: hole.code }, edits: [withRule(input, block.id, rule)] }] : [];
}

/** Finds what the rules do not settle, and what they name that is not there. Gear that runs short has a check of its own. */
export function ruleChecks(input: BlockInput, _: unknown, block: StandingBlock): Noticed[] {
  const { game } = block;
  if (!game) return [];
  const offences = input.games.find((g) => g.id === game.gameId)?.offences ?? [];
  const holes = holesIn(game.rules, {
    named: [...offences.map((o) => o.what), ...Object.values(formatOf(game.format).faults)],
    things: laidIn(block).map((t) => t.laid),
    gearKinds: [...input.cupboard.filter((g) => g.count > 0), ...game.needs].map((g) => g.gearKind),
  });
  return holes.map((hole) => ({
    code: hole.code,
    weight: WEIGHTS[hole.code],
    at: { block: block.id, ...(hole.code === 'no-stop-signal' ? {} : { rule: hole.about }) },
    data: { ...hole.data, about: hole.about, game: game.format },
    ideas: ideasFor(input, block, hole),
  }));
}
