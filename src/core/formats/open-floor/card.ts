import type { Rule } from '../../model/rule.ts';
import { lines, stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card } from '../format.ts';
import { endRule, faultRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import { type OpenFloorContext, thiefCount, units } from './group.ts';
import type { OpenFloorValues } from './setup.ts';
import { stagePlan } from './stagesOf.ts';

/** A student's step, for rules that are read aloud, m. House figure. */
const STEP_M = 0.7;
/** Most who share one object. */
const shares = (context: OpenFloorContext, { groups }: Pick<BlockDraft<OpenFloorValues>, 'groups'>) =>
  Math.max(1, ...units(context, groups).map((g) => g.length));

/** The card at the field: the task, the stages of this lesson, what to look for. */
export function openFloorCard(context: OpenFloorContext): Card[] {
  const { setup } = context;
  const own = [
    ...lines('task', [setup.task]),
    ...stagePlan(context).stages.map(({ title, text }, i) => said('stage', { number: i + 1, title, text })),
    ...lines('cue', setup.cues),
    ...lines('easier', [setup.easier]),
    ...lines('harder', [setup.harder]),
  ];
  return [{ pieceId: 'field', title: 'Field', lines: [...own, ...stopLine(context)] }];
}

/** How the object changes hands, what comes stage by stage, what nobody touches, what is withdrawn when it gets wild. */
export function openFloorRuleCard(context: OpenFloorContext, draft: BlockDraft<OpenFloorValues>): Rule[] {
  const { setup, values } = context;
  const { stages } = stagePlan(context);
  const isShared = setup.mode === 'share' && shares(context, draft) > 1;
  const mode =
    setup.mode === 'steal'
      ? [
          rule('in-play', said('steal', { count: thiefCount(context), gearKind: values.object }), ['without']),
          rule('hands', said('not-back')),
        ]
      : setup.mode === 'defend'
        ? [roleRule('defender', said('defender')), rule('in-play', said('retrieve'))]
        : [];
  return [
    rule('aim', said('task', { text: setup.task })),
    rule('start', said('start', { text: setup.start })),
    {
      ...rule('in-play', said('object', { gearKind: values.object, count: shares(context, draft) }), ['object', 'perObject']),
      gearKind: values.object,
    },
    rule('in-play', said('move', { text: setup.move })),
    ...stages.map(({ title, text, isShort }, i) =>
      rule('in-play', said('stage', { number: i + 1, title, text, isShort }), ['stageCount', 'met', 'metPercent']),
    ),
    ...(isShared
      ? [rule('in-play', said(setup.implement ? 'hand-over' : 'hand-on', { implement: setup.implement }), ['turnsEach', 'breakSeconds'])]
      : []),
    ...(isShared && values.waitingTask ? [rule('in-play', said('waiting', { text: values.waitingTask }), ['waitingTask'])] : []),
    ...mode,
    ...(values.keepM > 0 ? [rule('hands', said('keep', { steps: Math.max(1, Math.round(values.keepM / STEP_M)) }), ['keepM'])] : []),
    ...(values.noTouch
      ? [
          faultRule('touch', { does: said(setup.obstacles ? 'touch-all' : 'touch'), next: said('touch-next'), back: said('touch-back') }, [
            'noTouch',
          ]),
        ]
      : []),
    scoringRule('own', said('score')),
    endRule('rounds', said('end', { stages: stages.length, turns: values.turnsEach }), ['stageCount', 'turnsEach']),
    rule('calm-down', said(stages.some((s) => s.kind === 'pass') ? 'calm-pass' : 'calm'), ['passing']),
    ...signalRules(stopOf(context), { moves: isShared || setup.mode === 'defend', reset: values.resetSeconds > 0 }),
  ];
}
