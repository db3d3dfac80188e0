import { useState } from 'react';
import { formatOf } from '../../../core/formats/registry.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import { playing } from '../../../core/live/runFold.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import type { RunEvent } from '../../../core/model/run.ts';
import { runEventWords } from '../../../core/words/run.en.ts';
import { ChoiceField } from '../../parts/CommitField.tsx';
import { Floating } from '../../parts/Sheet.tsx';
import { AsideList } from './AsideList.tsx';
import { LateTap } from './LateTap.tsx';
import type { LiveRun } from './useRun.ts';

/** The most that is listed: the newest. */
const MOST = 60;

/** Everything that was tapped, newest first; an entry can be struck, points can go to another group, a forgotten point or tap is added where it happened. */
export function WhatHappened({ run, onClose }: { run: LiveRun; onClose: () => void }) {
  const { plan, log, state, send } = run;
  const struck = new Set(log.flatMap((e) => (e.type === 'strike' ? [e.target as string] : [])));
  const shown = log
    .filter((e) => e.type !== 'strike' && e.type !== 'note')
    .slice(-MOST)
    .reverse();
  const refused = new Set(
    Object.values(state.plays).flatMap((plays) => plays.flatMap((p) => p.refused.map((f) => JSON.stringify(f.data.event)))),
  );
  return (
    <Floating open onClose={onClose} title="What happened" wide>
      {refused.size > 0 && (
        <p className="mb-2 text-caution">
          {refused.size === 1 ? 'One entry does' : `${refused.size} entries do`} not count any more, because of a correction before it.
        </p>
      )}
      <AsideList run={run} />
      <LatePoint run={run} />
      <LateTap run={run} />
      <ul className="max-h-[50vh] overflow-auto border-t" tabIndex={0} aria-label="Entries, newest first">
        {shown.map((event) => (
          <li
            key={event.id}
            className={`flex items-center gap-3 border-b py-1 max-[600px]:flex-wrap ${struck.has(event.id) ? 'text-muted line-through' : ''}`}
          >
            <span className="head w-16 shrink-0 text-muted">
              {clockOf(((event.type === 'play' && event.since) || event.at) / 1000 - run.startedAt / 1000)}
            </span>
            <span className="min-w-0 flex-1 max-[600px]:basis-[70%]">
              {runEventWords(event, plan)}
              {event.type === 'play' && event.since !== undefined && <span className="text-muted"> (added later)</span>}
            </span>
            {!struck.has(event.id) && <Regroup event={event} run={run} />}
            {!struck.has(event.id) && event.type !== 'end' && (
              <button
                type="button"
                className="btn"
                aria-label={`Strike: ${runEventWords(event, plan)}`}
                onClick={() => send({ type: 'strike', target: event.id })}
              >
                Strike
              </button>
            )}
          </li>
        ))}
        {!shown.length && <li className="py-2 text-muted">Nothing yet.</li>}
      </ul>
      <button type="button" className="btn mt-4" onClick={onClose}>
        Close
      </button>
    </Floating>
  );
}

/** Points given to the wrong group go to another one. */
function Regroup({ event, run }: { event: RunEvent; run: LiveRun }) {
  if (event.type !== 'play' || typeof event.event.group !== 'number') return null;
  const groups = run.plan.blocks.find((b) => b.id === event.blockId)?.game?.groups ?? [];
  return (
    <select
      className="field w-36"
      aria-label={`Give ${runEventWords(event, run.plan)} to another group`}
      value=""
      onChange={(e) => run.send({ type: 'replace', target: event.id, event: { ...event.event, group: Number(e.target.value) } })}
    >
      <option value="">was for …</option>
      {groups.map((_, g) => (
        <option key={`group-${g + 1}`} value={g}>
          group {g + 1}
        </option>
      ))}
    </select>
  );
}

/** A point that was forgotten, put into the round in which it was made. */
function LatePoint({ run }: { run: LiveRun }) {
  const { plan, state, send } = run;
  const [round, setRound] = useState('');
  const [group, setGroup] = useState('');
  const rounds = state.ran.flatMap(({ step, wall }) => {
    const { block, segment } = state.steps[step];
    const { game, id, title } = plan.blocks[block];
    if (!game || segment.kind !== 'work') return [];
    const tally = formatOf(game.format)
      .board(playing(game.plays, state.plays[id]), game.pieces)
      .find((part) => part.part === 'tally');
    return tally ? [{ key: `${id} ${segment.round}`, id, title, round: (segment.round ?? 0) + 1, wall, groups: game.groups.length }] : [];
  });
  const chosen = rounds.find((r) => r.key === round);
  if (!rounds.length) return null;
  return (
    <form
      className="mb-3 flex items-end gap-3"
      onSubmit={(e) => {
        e.preventDefault();
        if (!chosen || group === '') return;
        const since = chosen.wall + 1000;
        send({ type: 'play', blockId: chosen.id as BlockId, since, event: { type: 'points', group: Number(group), points: 1 } });
        setGroup('');
      }}
    >
      <div className="w-56">
        <ChoiceField
          label="A forgotten point, in"
          value={round}
          options={[['', 'choose a round …'] as const, ...rounds.map((r) => [r.key, `${r.title}, round ${r.round}`] as const)]}
          onPick={setRound}
        />
      </div>
      <div className="w-40">
        <ChoiceField
          label="For"
          value={group}
          options={[
            ['', 'choose …'] as const,
            ...Array.from({ length: chosen?.groups ?? 0 }, (_, g) => [String(g), `group ${g + 1}`] as const),
          ]}
          onPick={setGroup}
        />
      </div>
      <button type="submit" className="btn" disabled={!chosen || group === ''}>
        Add the point
      </button>
    </form>
  );
}
