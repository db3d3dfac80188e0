import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { Link } from 'react-router';
import { clockOf, duration } from '../../../core/formats/speak.ts';
import type { RestOfLesson } from '../../../core/live/restOf.ts';
import type { RestOption } from '../../../core/live/restOptions.ts';
import { call, freshId, problemWords } from '../../api.ts';
import type { LiveRun } from './useRun.ts';
import { WhistleDialog } from './WhistleDialog.tsx';

interface Props {
  run: LiveRun;
  runId: string;
  onClose(): void;
}

interface Answer {
  rest: RestOfLesson;
  /** Only as long as nothing is left out. */
  planned?: Pick<RestOption, 'turns' | 'gameSeconds'>;
  options?: RestOption[];
}

/** "Leave out Bell tower". */
function optionWords({ kind, titles }: RestOption): string {
  if (kind === 'shorten') return 'Shorten what is left';
  return kind === 'drop' ? `Leave out ${titles[0]}` : `Make ${titles[0]} and ${titles[1]} one`;
}
/** "18 → 9 turns, 24 → 17 min of games". */
function costWords(planned: Pick<RestOption, 'turns' | 'gameSeconds'>, { turns, gameSeconds }: RestOption): string {
  const step = (from: number, to: number) =>
    Math.round(from) === Math.round(to) ? `${Math.round(to)}` : `${Math.round(from)} → ${Math.round(to)}`;
  return `${step(planned.turns, turns)} turns, ${step(planned.gameSeconds / 60, gameSeconds / 60)} min of games`;
}
const isSame = (a: readonly string[], b: readonly string[]) => a.length === b.length && a.every((id) => b.includes(id));

/** What is left of the lesson fitted into the time to the bell: how long each block becomes, what is left out, and what that costs, before it is used. */
export function ChangeRest({ run, runId, onClose }: Props) {
  const { plan, state } = run;
  const [drop, setDrop] = useState<string[]>([]);
  const [problem, setProblem] = useState('');
  const ask = (more: object) => call<Answer>('POST', `/runs/${runId}/replan`, { id: freshId('e'), drop, ...more });
  const { data, error, isPending } = useQuery({
    queryKey: ['replan', runId, drop, state.step],
    queryFn: () => ask({ try: true }),
    staleTime: 0,
    retry: false,
    placeholderData: (before) => before,
  });
  // The ways are those of the moment at which the sheet was opened.
  const ways = useRef<Answer | null>(null);
  if (data?.options) ways.current = data;
  const { options = [], planned } = ways.current ?? {};
  const was = new Map(plan.blocks.map((b) => [b.id, b.seconds]));
  const rest = data?.rest;
  const known = plan.blocks.slice((state.steps[state.step]?.block ?? -1) + 1).map((b) => ({ id: b.id, title: b.title }));
  const listed = [...known.filter((b) => !rest?.blocks.some((r) => r.id === b.id) && drop.includes(b.id)), ...(rest?.blocks ?? [])];
  const order = (id: string) => known.findIndex((b) => b.id === id);
  const rows = [...listed].sort((a, b) => (order(a.id) < 0 || order(b.id) < 0 ? 0 : order(a.id) - order(b.id)));
  const use = async () => {
    try {
      await ask({});
      run.hear();
      onClose();
    } catch (failed) {
      setProblem(problemWords(failed));
    }
  };
  const turns = rest && Math.round(rest.turns.before) !== Math.round(rest.turns.after);
  return (
    <WhistleDialog
      title="Change the rest of the lesson"
      act={() => void use()}
      actLabel="Use this for the rest"
      disabled={!rest || isPending || !run.online}
      onClose={onClose}
    >
      <p className="mt-1 text-[#c3ccd6]">
        {rest ? `${clockOf(rest.secondsLeft)} until the bell after this block. ` : ''}
        What has begun stays as it is. The rest is planned as it is on the{' '}
        <Link className="underline" to={`/desk/${run.periodId}`}>
          desk
        </Link>{' '}
        now, for the students who are here now.
      </p>
      {error || problem ? (
        <p role="alert" className="mt-3 text-[#ffb4ae]">
          {problem || problemWords(error)}
        </p>
      ) : null}
      {isPending && <p className="mt-3">Planning the rest …</p>}
      {options.length > 1 && (
        <fieldset className="mt-3" aria-label="Ways to share it out">
          {options.map((option) => (
            <label key={`${option.kind} ${option.drop.join()}`} className="flex min-h-11 items-center gap-3 border-t border-white/25">
              <input
                type="radio"
                name="rest-way"
                className="h-5 w-5 accent-thin"
                checked={isSame(option.drop, drop)}
                onChange={() => setDrop(option.drop)}
              />
              <span className="min-w-0 flex-1">{optionWords(option)}</span>
              <span className="shrink-0 text-[#c3ccd6]">
                {option.overSeconds > 0 ? `still ${duration(option.overSeconds)} over` : planned && costWords(planned, option)}
              </span>
            </label>
          ))}
        </fieldset>
      )}
      {rest && !rows.length && <p className="mt-3">Nothing comes after this block.</p>}
      <ul className="mt-3">
        {rows.map((row) => {
          const block = rest?.blocks.find((b) => b.id === row.id);
          const before = was.get(row.id);
          const isOut = drop.includes(row.id);
          return (
            <li key={row.id} className="border-t border-white/25">
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="h-5 w-5 accent-thin"
                  checked={!isOut}
                  aria-label={`Keep ${row.title}`}
                  onChange={() => setDrop(isOut ? drop.filter((id) => id !== row.id) : [...drop, row.id])}
                />
                <span className={`min-w-0 flex-1 ${isOut ? 'text-[#aab4c0] line-through' : ''}`}>{row.title}</span>
                <span className="head shrink-0 text-base">
                  {isOut || !block
                    ? 'left out'
                    : before === undefined
                      ? `new, ${clockOf(block.seconds)}`
                      : before === block.seconds
                        ? clockOf(before)
                        : `${clockOf(before)} → ${clockOf(block.seconds)}`}
                </span>
              </label>
            </li>
          );
        })}
      </ul>
      {rest && rest.overSeconds > 0 && (
        <p className="mt-3 text-[#ffd591]" role="status">
          Still {duration(rest.overSeconds)} past the bell at its shortest. Leave a block out.
        </p>
      )}
      {turns && (
        <p className="mt-3 text-[#c3ccd6]">
          Turns for each student: {Math.round(rest.turns.before)} → {Math.round(rest.turns.after)}
        </p>
      )}
    </WhistleDialog>
  );
}
