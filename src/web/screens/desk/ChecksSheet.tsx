import { useState } from 'react';
import type { FittedLesson } from '../../../core/fit/fitted.ts';
import { duration, type Speak, uncapital } from '../../../core/formats/speak.ts';
import { type Edit, gesture } from '../../../core/model/edit.ts';
import { type Finding, findingKey } from '../../../core/model/finding.ts';
import type { Gear } from '../../../core/model/gear.ts';
import type { GearKind } from '../../../core/model/gearKind.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { changeWords, findingWords, fixWords, formatWords } from '../../../core/words/en.ts';
import { HaveThis } from './HaveThis.tsx';

interface Props {
  lesson: Lesson;
  fitted: FittedLesson;
  findings: readonly Finding[];
  /** Keys of the findings whose fixes are not weighed yet. */
  unweighed: ReadonlySet<string>;
  speak: Speak;
  /** The gear closet and its kinds: a kind that is missing may be there by another name. */
  closet: { cupboard: readonly Gear[]; kinds: readonly GearKind[] };
  perform(edit: Edit, name?: string): void;
  onShow(finding: Finding): void;
}

/** Open checks with their fixes, then what was accepted and why. A fix is one gesture. */
export function ChecksSheet({ lesson, findings, unweighed, speak, closet, perform, onShow, fitted }: Props) {
  const where = (f: Finding) => fitted.blocks.find((b) => b.id === f.at.block)?.title;
  return (
    <div>
      {!findings.length && !lesson.accepted.length && (
        <p className="p-4">
          <strong className="text-good">Nothing to fix.</strong> Everything fits on the floor, the gear is there and the lesson ends with
          the bell. Local rules and your own eyes decide.
        </p>
      )}
      <ol>
        {findings.map((finding, i) => (
          <Check
            key={findingKey(finding)}
            {...{ finding, unweighed, speak, closet, perform, onShow }}
            number={i + 1}
            where={where(finding)}
          />
        ))}
      </ol>
      {lesson.accepted.length > 0 && (
        <section className="border-t p-4">
          <h2 className="mb-1 text-sm text-muted">Kept as is</h2>
          <ul>
            {lesson.accepted.map((a) => {
              const finding = fitted.findings.find((f) => findingKey(f) === a.key);
              return (
                <li key={a.key} className="mb-1.5 flex items-start justify-between gap-2">
                  <span>
                    {finding ? findingWords(finding, speak).what : 'A check that no longer applies'}: <em>{a.reason}</em>
                  </span>
                  <button type="button" className="shrink-0 text-tape underline" onClick={() => perform({ kind: 'unaccept', key: a.key })}>
                    Open again
                  </button>
                </li>
              );
            })}
          </ul>
        </section>
      )}
    </div>
  );
}

function Check({
  finding,
  number,
  where,
  unweighed,
  speak,
  closet,
  perform,
  onShow,
}: { finding: Finding; number: number; where?: string } & Omit<Props, 'lesson' | 'fitted' | 'findings'>) {
  const [accepting, setAccepting] = useState(false);
  const [reason, setReason] = useState('');
  const { what, why } = findingWords(finding, speak);
  const tone = finding.weight === 'stop' ? 'bg-stop' : finding.weight === 'caution' ? 'bg-caution' : 'bg-paint';
  return (
    <li className="border-b px-4 py-3">
      <div className="flex gap-2.5">
        <span className={`mt-0.5 flex h-6 w-6 shrink-0 items-center justify-center rounded-full text-xs font-bold text-white ${tone}`}>
          {number}
        </span>
        <div className="min-w-0 flex-1">
          <h2 className="text-base leading-6">
            <button type="button" className="text-left hover:underline" onClick={() => onShow(finding)}>
              {what}
            </button>
            <span className="sr-only">
              {finding.weight === 'stop' ? ' (stop)' : finding.weight === 'caution' ? ' (caution)' : ' (note)'}
            </span>
          </h2>
          <p className="text-muted">
            {where && <span className="font-bold">{where}. </span>}
            {why}
          </p>
          <div className="mt-2 flex flex-col gap-1.5">
            {unweighed.has(findingKey(finding)) && finding.weight !== 'note' && <p className="text-xs text-muted">Looking for fixes …</p>}
            {finding.fixes?.map((fix) => (
              <button
                key={`${fix.code}${JSON.stringify(fix.data)}`}
                type="button"
                className="torn flex items-baseline justify-between gap-2 bg-tint px-3 py-1.5 hover:bg-[#c9d8f4]"
                onClick={() => perform(gesture(fix.edits), uncapital(fixWords(fix, speak)))}
              >
                <span className="font-bold text-tape">{fixWords(fix, speak)}</span>
                <span className="head shrink-0 text-right text-xs">{changeWords(fix, speak)}</span>
              </button>
            ))}
            {finding.code === 'gear-short' && !closet.cupboard.some((g) => g.gearKind === finding.data.gearKind) && (
              <HaveThis kind={String(finding.data.gearKind)} {...closet} />
            )}
            {finding.weight !== 'note' &&
              (accepting ? (
                <form
                  className="flex gap-2"
                  onSubmit={(e) => {
                    e.preventDefault();
                    if (reason.trim()) perform({ kind: 'accept', key: findingKey(finding), reason: reason.trim() });
                  }}
                >
                  <input
                    aria-label="Why it is kept"
                    className="field"
                    value={reason}
                    maxLength={200}
                    onChange={(e) => setReason(e.target.value)}
                    placeholder="Why it is fine here"
                  />
                  <button type="submit" className="btn" disabled={!reason.trim()}>
                    Keep
                  </button>
                </form>
              ) : (
                <button type="button" className="self-start text-xs text-muted underline" onClick={() => setAccepting(true)}>
                  Keep as is …
                </button>
              ))}
          </div>
        </div>
      </div>
    </li>
  );
}

/** What the lesson comes to, under every sheet. An estimate of time on task, not of exertion. */
export function NumbersBar({ fitted }: { fitted: FittedLesson }) {
  const { numbers } = fitted;
  const cells: [string, string][] = [
    [`${Math.round(numbers.timeOnTask * 100)}%`, 'of game time on task'],
    [String(Math.round(numbers.turns)), 'turns each'],
    [numbers.longestWaitSeconds ? duration(numbers.longestWaitSeconds) : 'none', 'longest wait'],
    [String(numbers.gearShort), 'gear short'],
  ];
  const formats = [...new Set(fitted.blocks.flatMap((b) => (b.game ? [b.game.format] : [])))];
  const estimate = ['Estimates from the plan, not measured exertion.', ...formats.map((f) => formatWords(f).assumes)].join(' ');
  return (
    <dl className="grid shrink-0 grid-cols-4 border-t border-ink px-4 py-2" title={estimate}>
      {cells.map(([value, label]) => (
        <div key={label} className="flex flex-col-reverse justify-end">
          <dt className="text-xs text-muted">{label}</dt>
          <dd className="head text-lg">{value}</dd>
        </div>
      ))}
    </dl>
  );
}
