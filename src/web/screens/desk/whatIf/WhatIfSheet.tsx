import { X } from 'lucide-react';
import type { Difference } from '../../../../core/fit/fitDiff.ts';
import type { Speak } from '../../../../core/formats/speak.ts';
import { type Finding, findingKey } from '../../../../core/model/finding.ts';
import { findingWords } from '../../../../core/words/en.ts';
import { differenceWords } from '../../../../core/words/whatIf.en.ts';
import { Problem } from '../../../parts/Problem.tsx';
import type { WhatIf } from './useWhatIf.ts';

interface Props {
  whatIf: WhatIf;
  speak: Speak;
  /** Adds something more to what is supposed. */
  children: React.ReactNode;
}

/** What would be otherwise: what is supposed, what then fails, what is mended, what changes; kept or dropped with one press. */
export function WhatIfSheet({ whatIf, speak, children }: Props) {
  const { diff, words, keeping, problem } = whatIf;
  const blocks = [...new Set((diff?.changes ?? []).map((c) => c.block))];
  return (
    <section aria-label="What if" className="flex min-h-0 flex-1 flex-col">
      <div className="border-b border-ink bg-tint px-4 py-3">
        <h2 className="text-lg">What if</h2>
        <ul className="mt-1 flex flex-col gap-1">
          {words.map((text, i) => (
            <li key={text} className="torn flex items-start gap-2 bg-paper px-3 py-1">
              <span className="min-w-0 flex-1">{text}</span>
              <button type="button" aria-label={`Leave out: ${text}`} className="mt-0.5 hover:bg-tint" onClick={() => whatIf.remove(i)}>
                <X size={15} aria-hidden="true" />
              </button>
            </li>
          ))}
        </ul>
        <div className="mt-2 flex flex-wrap gap-2">
          <button type="button" className="btn btn-tape" disabled={keeping || !diff} onClick={() => void whatIf.keep()}>
            Use it
          </button>
          <button type="button" className="btn" disabled={keeping} onClick={whatIf.drop}>
            Cancel
          </button>
          {children}
        </div>
        <Problem text={problem} />
      </div>
      <div className="min-h-0 flex-1 overflow-auto px-4 py-3" tabIndex={0} role="region" aria-label="What is otherwise">
        {!diff && <p className="text-muted">Fitting it …</p>}
        {diff && (
          <p role="status" className="mb-2">
            {diff.fails.length
              ? `${diff.fails.length === 1 ? 'One check fails' : `${diff.fails.length} checks fail`} that did not.`
              : 'Nothing new fails.'}{' '}
            {diff.changes.length ? '' : 'Nothing changes.'}
          </p>
        )}
        {diff && <Findings title="New checks" list={diff.fails} speak={speak} mark="✗" tone="text-stop" />}
        {diff && <Findings title="Fixed" list={diff.mended} speak={speak} mark="✓" tone="text-good" />}
        {blocks.map((block) => (
          <Changes key={block} title={block || 'The lesson'} list={diff!.changes.filter((c) => c.block === block)} />
        ))}
        {diff && (
          <p className="mt-3 text-xs text-muted">The floor and the strip show it as it would be. Until it is kept, nothing is changed.</p>
        )}
      </div>
    </section>
  );
}

function Findings({ title, list, speak, mark, tone }: { title: string; list: Finding[]; speak: Speak; mark: string; tone: string }) {
  if (!list.length) return null;
  return (
    <div className="mb-3">
      <h3 className={`text-base ${tone}`}>{title}</h3>
      <ul>
        {list.map((finding) => {
          const { what, why } = findingWords(finding, speak);
          return (
            <li key={findingKey(finding)} className="flex gap-2 border-t py-1">
              <span aria-hidden="true" className={tone}>
                {mark}
              </span>
              <span>
                <span className="font-bold">{what}</span>
                <span className="block text-xs text-muted">{why}</span>
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}

function Changes({ title, list }: { title: string; list: Difference[] }) {
  return (
    <table className="mb-3 w-full border-collapse">
      <caption className="head border-b border-ink text-left text-base">{title}</caption>
      <tbody>
        {list.map((change) => {
          const { label, numbers } = differenceWords(change);
          return (
            <tr key={change.code} className="border-b">
              <th scope="row" className="py-1 text-left font-normal">
                {label}
              </th>
              <td className="head py-1 text-right text-base whitespace-nowrap">{numbers}</td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}
