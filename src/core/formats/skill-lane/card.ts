import type { Card, CardLine, Draft } from '../format.ts';
import type { LaneContext } from './group.ts';
import type { SkillLaneValues } from './setup.ts';

/** The card at every lane: the step and those around it, the countdown, what to watch, the partner's task, seated and standing. */
export function laneCard(context: LaneContext, draft: Draft<SkillLaneValues>): Card[] {
  const { setup, values, stopSignal } = context;
  const line = (code: string, data: Record<string, unknown> = {}): CardLine => ({ code, data });
  const at = Math.min(values.step, setup.ladder.length) - 1;
  const stop = values.stopSignal || stopSignal;
  const [easier, harder] = [setup.ladder[at - 1], setup.ladder[at + 1]];
  const lines = [
    line('task', { text: setup.ladder[at].task }),
    line('countdown', { text: setup.countdown }),
    ...setup.cues.map((text) => line('cue', { text })),
    ...(setup.forms.length ? [line('forms', { list: setup.forms })] : []),
    ...(setup.counts ? [line('counts')] : []),
    ...(values.perLane > 1 ? [line('partner', { text: setup.partner })] : []),
    line('seated', { text: setup.seated }),
    ...(easier ? [line('easier', { text: easier.task })] : []),
    ...(harder ? [line('harder', { text: harder.task })] : []),
    ...(stop ? [line('stop', { text: stop })] : []),
  ];
  return draft.groups.map((_, i) => ({ pieceId: `lane-${i + 1}`, title: `${setup.lane} ${i + 1}`, lines }));
}
