import { useState } from 'react';
import { clockOf } from '../../../core/formats/speak.ts';
import { actionsAt, type Moment, momentsOf } from '../../../core/live/moments.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import { runEventWords } from '../../../core/words/run.en.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { actionWords } from './actionWords.ts';
import { addressOf } from './addressOf.ts';
import type { LiveRun } from './useRun.ts';

/** The most entries that are offered: the newest. Every bout that began is. */
const MOST = 60;

const keyOf = ({ blockId, at, round, event }: Moment) => `${at} ${event?.id ?? `${blockId} ${round}`}`;

function momentWords({ plan, startedAt }: LiveRun, { blockId, at, round, event }: Moment): string {
  const clock = clockOf(Math.max(0, at - startedAt) / 1000);
  if (event) return `${clock} after: ${runEventWords(event, plan)}`;
  return `${clock} ${plan.blocks.find((b) => b.id === blockId)?.title}, round ${(round ?? 0) + 1} began`;
}

/** Something that was not tapped, put in where it happened: everything after it is played again. */
export function LateEntry({ run }: { run: LiveRun }) {
  const { plan, send } = run;
  const [when, setWhen] = useState('');
  const [what, setWhat] = useState('');
  const all = momentsOf(run);
  const taps = all.filter((m) => m.event).slice(-MOST);
  const moments = all.filter((m) => !m.event || taps.includes(m)).reverse();
  if (!moments.length) return null;
  const moment = moments.find((m) => keyOf(m) === when);
  const actions = moment ? actionsAt(run, moment.blockId, moment.at) : [];
  const action = actions[Number(what || Number.NaN)];
  return (
    <form
      className="mb-3 flex flex-wrap items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (!moment || !action) return;
        send({ type: 'play', blockId: moment.blockId as BlockId, ...addressOf(action), since: moment.at, event: action.event });
        setWhen('');
        setWhat('');
      }}
    >
      <div className="w-72">
        <ChoiceField
          label="Something forgotten, at"
          value={when}
          options={[['', 'choose when …'] as const, ...moments.map((m) => [keyOf(m), momentWords(run, m)] as const)]}
          onPick={(at) => {
            setWhen(at);
            setWhat('');
          }}
        />
      </div>
      <div className="w-60">
        <ChoiceField
          label="What"
          value={what}
          options={[['', 'choose what …'] as const, ...actions.map((a, i) => [String(i), actionWords(plan, moment!.blockId, a)] as const)]}
          onPick={setWhat}
        />
      </div>
      <button type="submit" className="btn" disabled={!action}>
        Add it
      </button>
    </form>
  );
}
