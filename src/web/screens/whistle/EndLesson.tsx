import { allThere, gearToCount } from '../../../core/live/gearCounts.ts';
import type { RunPlan } from '../../../core/live/runPlan.ts';
import type { RunState } from '../../../core/live/runState.ts';
import { CountBack } from './SidePanels.tsx';
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
  const open = gearToCount(plan).filter((g) => state.counts[g.gearKind] === undefined);
  const uncounted = open.length;
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
      {uncounted > 1 && (
        <button
          type="button"
          className="head mb-2 min-h-11 bg-ink-3 px-4 text-base hover:bg-[#3a4a60]"
          onClick={() => send({ type: 'count-all', counts: allThere(open) })}
        >
          Everything else is back
        </button>
      )}
      <CountBack plan={plan} state={state} send={send} />
    </WhistleDialog>
  );
}
