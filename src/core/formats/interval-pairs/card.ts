import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf, usualLines } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { exercisesOf, type IntervalContext } from './group.ts';
import type { IntervalPairsValues } from './setup.ts';

/** A card at every exercise, and one at the track. */
export function intervalCard(context: IntervalContext, draft: BlockDraft<IntervalPairsValues>): Card[] {
  const { setup, values } = context;
  const known = new Set(draft.pieces.map((p) => p.id));
  const cards = exercisesOf(context).map(
    ({ id, title, text, path }): Card => ({
      pieceId: id,
      title,
      lines: [
        said('exercise', { text }),
        ...(path && values.counted ? [said('path', { text: path })] : []),
        ...lines('easier', [setup.easier]),
        ...lines('harder', [setup.harder]),
        ...stopLine(context),
      ],
    }),
  );
  const track: Card = { pieceId: 'track', title: 'Track', lines: usualLines(context, lines('run', [setup.run])) };
  return [...cards, track].filter((c) => known.has(c.pieceId));
}

/** Who runs, who exercises, when they swap and when both move on, which repetitions count. */
export function intervalRuleCard(context: IntervalContext, draft: BlockDraft<IntervalPairsValues>): Rule[] {
  const { setup, values } = context;
  const paths = exercisesOf(context).filter((e) => e.path);
  const hasTrio = draft.groups.some((g) => g.length > 2);
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    rule('in-play', said('run', { text: setup.run })),
    rule('in-play', said('exercises', { list: exercisesOf(context).map((e) => e.title) }), ['exerciseCount']),
    rule('in-play', said('swap'), ['workSeconds', 'breakSeconds', 'moveSeconds']),
    ...(hasTrio ? [rule('in-play', said('trio'), ['groups'])] : []),
    ...(values.counted && paths.length ? [rule('in-play', said('last-spot'), ['counted'])] : []),
    faultRule('short-cut', { does: said('short-cut'), next: said('short-cut-then'), back: said('short-cut-back') }),
    scoringRule('own', said(values.counted ? 'score-reps' : 'score-none'), ['counted']),
    endRule('rounds', said('end-exercises', { count: exercisesOf(context).length }), ['exerciseCount']),
    ...signalRules(stopOf(context), { moves: true, reset: values.resetSeconds > 0 }),
  ];
}
