import type { RunState } from '../../../core/live/runState.ts';
import type { LiveRun } from './useRun.ts';

interface Props {
  state: RunState;
  send: LiveRun['send'];
  hold(): void;
  undo(): void;
  /** True while a step comes after this one. */
  more: boolean;
}

/** One big control that holds everything, and the small ones under it. */
export function Controls({ state, send, hold, undo, more }: Props) {
  return (
    <div className="flex flex-col max-[600px]:shrink-0 max-[600px]:border-t max-[600px]:border-white/40 max-[600px]:bg-ink max-[600px]:p-2">
      <button
        type="button"
        className="wide mt-3 min-h-[88px] max-[600px]:order-2 max-[600px]:mt-2 max-[600px]:min-h-[68px] bg-paper text-center text-xl text-ink hover:bg-tint disabled:opacity-40"
        disabled={state.ended}
        onClick={hold}
      >
        {state.paused ? 'Resume' : 'Hold everything'}
      </button>
      <div className="mt-3 grid grid-cols-4 gap-2 max-[600px]:mt-0">
        {(
          [
            ['− 10 s', () => send({ type: 'adjust', seconds: -10 }), '− 10 s: ten seconds less'],
            ['+ 10 s', () => send({ type: 'adjust', seconds: 10 }), '+ 10 s: ten seconds more'],
            ['Skip', () => send({ type: 'skip' }), 'Skip to the next step'],
            ['Undo', undo, 'Undo the last tap'],
          ] as const
        ).map(([label, act, name]) => (
          <button
            key={label}
            type="button"
            aria-label={name}
            className="head h-[52px] bg-ink-3 text-center text-base hover:bg-[#3a4a60] disabled:opacity-40"
            disabled={state.ended || (label === 'Skip' && !more) || (label === 'Undo' && !state.undoable.length)}
            onClick={act}
          >
            {label}
          </button>
        ))}
      </div>
    </div>
  );
}

/** In place of the controls while another window runs the lesson. */
export function Follows({ onTake }: { onTake: () => void }) {
  return (
    <div className="mt-3 border-[1.5px] border-white/40 p-4" role="status">
      <p className="text-lg">This lesson is running in another window. You can watch here.</p>
      <button type="button" className="wide mt-3 min-h-[64px] w-full bg-paper text-center text-lg text-ink hover:bg-tint" onClick={onTake}>
        Run it from here
      </button>
    </div>
  );
}
