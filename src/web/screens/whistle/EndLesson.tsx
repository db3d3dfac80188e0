import type { RunPlan } from '../../../core/live/runPlan.ts';
import type { RunState } from '../../../core/live/runState.ts';
import { CountBack, gearToCount } from './SidePanels.tsx';
import type { LiveRun } from './useRun.ts';
import { WhistleDialog } from './WhistleDialog.tsx';

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
    <WhistleDialog
      title="End the lesson?"
      act={() => {
        send({ type: 'end' });
        onEnded();
      }}
      actLabel="End lesson and open the logbook"
      onClose={onClose}
    >
      <p className="mt-1 mb-3 text-[#c3ccd6]">
        {uncounted
          ? uncounted === 1
            ? '1 kind of gear isn’t counted yet.'
            : `${uncounted} kinds of gear aren’t counted yet.`
          : 'All gear is counted.'}{' '}
        It goes into the logbook either way.
      </p>
      <CountBack plan={plan} state={state} send={send} />
    </WhistleDialog>
  );
}
