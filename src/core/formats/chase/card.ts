import type { Card, CardLine } from '../format.ts';
import { type ChaseContext, hunterCount } from './hunters.ts';

/** The card of the field: who hunts how, what a catch means, how one comes back, what is safe, what stops everyone. */
export function chaseCard(context: ChaseContext): Card[] {
  const { setup, values, stopSignal } = context;
  const line = (code: string, data: Record<string, unknown> = {}): CardLine => ({ code, data });
  const stop = values.stopSignal || stopSignal;
  const { hunters, runners } = setup;
  const lines = [
    line('task', { text: setup.task }),
    line(`how-${setup.how}`, { count: hunterCount(context), hunters, runners }),
    line('move', { text: setup.move }),
    line(`caught-${setup.caught}`, { seconds: values.taskSeconds, hunters }),
    ...(setup.caught === 'task' || setup.caught === 'converts' || setup.caught === 'back'
      ? []
      : [line(`release-${setup.release}`, { runners, seconds: values.taskSeconds })]),
    ...(setup.crossing ? [line('crossing', { seconds: values.callSeconds })] : []),
    ...(values.safeSpots ? [line('safe', { count: values.safeSpots, seconds: values.spotSeconds })] : []),
    ...(setup.objective ? [line('objective', { hunters })] : []),
    ...(values.waitingTask && setup.caught !== 'back' && setup.caught !== 'converts'
      ? [line('waiting', { text: values.waitingTask })]
      : []),
    ...setup.cues.map((text) => line('cue', { text })),
    line('easier', { text: setup.easier }),
    line('harder', { text: setup.harder }),
    ...(values.dim ? [line('dim')] : []),
    ...(stop ? [line('stop', { text: stop })] : []),
  ];
  return [{ pieceId: 'field', title: 'Field', lines }];
}
