import { Dialog } from 'radix-ui';
import type { RunPlan } from '../../../core/live/runPlan.ts';
import type { RunState } from '../../../core/live/runState.ts';
import { CountBack, gearToCount } from './SidePanels.tsx';
import type { LiveRun } from './useRun.ts';

/** Before the lesson ends: is the gear back? Ending can be done all the same; what is missing is written down. */
export function EndLesson({
  plan,
  state,
  send,
  onClose,
  onEnded,
}: {
  plan: RunPlan;
  state: RunState;
  send: LiveRun['send'];
  onClose: () => void;
  onEnded: () => void;
}) {
  const uncounted = gearToCount(plan).filter((g) => state.counts[g.gearKind] === undefined).length;
  return (
    <Dialog.Root open onOpenChange={(open) => !open && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/60" />
        <Dialog.Content
          aria-describedby={undefined}
          className="inked fixed top-1/2 left-1/2 z-50 max-h-[90vh] w-[640px] max-w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-auto border-[1.5px] border-paper bg-ink p-6 text-paper"
        >
          <Dialog.Title className="text-xl">End the lesson?</Dialog.Title>
          <p className="mt-1 mb-3 text-[#c3ccd6]">
            {uncounted
              ? uncounted === 1
                ? '1 kind of gear isn’t counted yet.'
                : `${uncounted} kinds of gear aren’t counted yet.`
              : 'All gear is counted.'}{' '}
            It goes into the logbook either way.
          </p>
          <CountBack plan={plan} state={state} send={send} />
          <div className="mt-5 flex gap-3">
            <button
              type="button"
              className="wide min-h-[52px] flex-1 bg-paper px-4 text-center text-ink hover:bg-tint"
              onClick={() => {
                send({ type: 'end' });
                onEnded();
              }}
            >
              End lesson and open the logbook
            </button>
            <button type="button" className="head min-h-[52px] bg-ink-3 px-5 text-base hover:bg-[#3a4a60]" onClick={onClose}>
              Cancel
            </button>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
