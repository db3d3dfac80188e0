import { ChevronLeft, ChevronRight } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { Corner } from '../../../core/arrange/setOut.ts';
import type { SetOutList, SetOutMark } from '../../../core/arrange/setOutList.ts';
import type { SetOutUnit } from '../../../core/arrange/setOutUnit.ts';
import { unitWords } from '../../../core/words/floor.en.ts';
import type { Units } from '../../parts/units.ts';

const CORNER = { A: 'lower left', B: 'lower right', C: 'upper right', D: 'upper left' } as const;
const ENDS = { A: 'one end', B: 'other end', C: '', D: '' } as const;
const MIDDLES = { A: 'middle of the near edge', B: 'middle of the far edge', C: '', D: '' } as const;

interface EntryDetails {
  parts: readonly SetOutUnit[];
  walls: readonly string[];
  units: Units;
  /** Middles of edges are marked, not corners. */
  quick?: boolean;
}

/** "2 Gate lanes, lower left" */
function placeOf(unit: number, corner: Corner, parts: readonly SetOutUnit[], quick?: boolean): string {
  const { marks } = parts[unit];
  const words = unitWords(parts[unit]);
  if (marks.length === 1) return words;
  return `${words}, ${(marks.length === 2 ? (quick ? MIDDLES : ENDS) : CORNER)[corner]}`;
}

function Offsets({ mark, walls, units, large }: { mark: SetOutMark; large?: boolean } & Omit<EntryDetails, 'parts'>) {
  return (
    <>
      {mark.from.map(({ wall, distance }, i) => (
        <span key={wall} className={large ? 'block' : ''}>
          {!large && i > 0 && ' · '}
          <strong className={large ? 'head text-xl' : ''}>{units.say(distance)}</strong> from the {walls[wall]}
        </span>
      ))}
      {mark.check && mark.checkNumber && (
        <span className={`block text-muted ${large ? 'mt-1' : 'text-xs'}`}>
          check: <strong>{units.say(mark.check.distance)}</strong> to mark {mark.checkNumber}
        </span>
      )}
    </>
  );
}

/** The mark that is being made now, in letters for arm's length. */
export function MarkCard({
  mark,
  parts,
  walls,
  units,
  quick,
  of,
  onStep,
}: EntryDetails & { mark: SetOutMark; of: number; onStep: (by: number) => void }) {
  return (
    <section
      aria-label="This mark"
      aria-live="polite"
      className="shrink-0 bg-tape px-4 py-3 text-white print:hidden [&_.text-muted]:text-white"
    >
      <div className="flex items-center gap-3">
        <span className="head text-2xl">{mark.number}</span>
        <h2 className="min-w-0 flex-1 truncate text-lg">{placeOf(mark.mark.unit, mark.mark.corner, parts, quick)}</h2>
        <button
          type="button"
          className="p-2 disabled:opacity-40"
          aria-label="Mark before"
          disabled={mark.number === 1}
          onClick={() => onStep(-1)}
        >
          <ChevronLeft aria-hidden="true" />
        </button>
        <button
          type="button"
          className="p-2 disabled:opacity-40"
          aria-label="Mark after"
          disabled={mark.number === of}
          onClick={() => onStep(1)}
        >
          <ChevronRight aria-hidden="true" />
        </button>
      </div>
      <p className="text-base">
        <Offsets large {...{ mark, walls, units }} />
      </p>
    </section>
  );
}

/** Every mark in walking order; the chosen one is kept in view. */
export function MarkList({
  list,
  walls,
  units,
  quick,
  current,
  onPick,
}: Omit<EntryDetails, 'parts'> & { list: SetOutList; current: number; onPick: (n: number) => void }) {
  const chosen = useRef<HTMLButtonElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: follows the chosen mark
  useEffect(() => {
    // In braces: newer browsers answer with a promise, which is no clean-up.
    void chosen.current?.scrollIntoView({ block: 'nearest' });
  }, [current]);
  return (
    <ol className="min-h-0 flex-1 overflow-auto print:columns-2 print:overflow-visible" aria-label="Marks in walking order">
      {list.marks.map((mark) => (
        <li key={mark.number} className="break-inside-avoid border-b">
          <button
            type="button"
            ref={mark.number === current ? chosen : undefined}
            aria-current={mark.number === current ? 'step' : undefined}
            className={`flex w-full gap-3 px-4 py-2 text-left ${mark.number === current ? 'bg-tint print:bg-transparent' : 'hover:bg-bench'}`}
            onClick={() => onPick(mark.number)}
          >
            <span className="head w-8 shrink-0 text-right text-lg text-tape">{mark.number}</span>
            <span className="min-w-0">
              <span className="head block truncate text-base">{placeOf(mark.mark.unit, mark.mark.corner, list.units, quick)}</span>
              <Offsets {...{ mark, walls, units }} />
            </span>
          </button>
        </li>
      ))}
      {list.findings.map((f) => (
        <li key={`${f.at.unit}${f.at.corner}`} className="border-b px-4 py-2 text-caution">
          {placeOf(Number(f.at.unit), f.at.corner as Corner, list.units)}: no two walls reach this mark with a tape of{' '}
          {units.say(f.data.tapeM as number)}. Move the place, or measure from its other corners.
        </li>
      ))}
    </ol>
  );
}
