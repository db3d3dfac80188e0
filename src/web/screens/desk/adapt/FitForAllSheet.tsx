import { useState } from 'react';
import { Link } from 'react-router';
import type { AdaptCell } from '../../../../core/fit/adaptLesson.ts';
import type { FittedLesson } from '../../../../core/fit/fitted.ts';
import { counted } from '../../../../core/formats/speak.ts';
import type { Edit } from '../../../../core/model/edit.ts';
import type { Desk } from '../../../api.ts';
import { Problem } from '../../../parts/Problem.tsx';
import { AdaptGrid } from './AdaptGrid.tsx';
import { AdultsHere } from './AdultsHere.tsx';
import { OpenQuestions } from './OpenQuestions.tsx';
import { Proposal } from './Proposal.tsx';
import { SameAsLastTime } from './SameAsLastTime.tsx';
import { StudentSupports } from './StudentSupports.tsx';
import type { Adaptations } from './useAdaptations.ts';
import type { useAdaptedLesson } from './useAdaptedLesson.ts';

interface Props {
  desk: Desk;
  fitted: FittedLesson;
  adaptations: Adaptations;
  adapting: ReturnType<typeof useAdaptedLesson>;
  /** Edits of the lesson itself: what a plan needs on the floor. */
  perform(edit: Edit, name?: string): void;
  /** The block that the strip shows. */
  chosen: string | undefined;
  onBlock(id: string): void;
}

const COUNTED: Record<AdaptCell['state'], (n: number) => string> = {
  fits: (n) => `${n} fit as it is`,
  adapted: (n) => `${n} changed`,
  open: (n) => `${n} to choose`,
  gap: (n) => `${n} missing something`,
};

/** Students with supports and the blocks of the lesson: how each plays the same game, and one proposal at a time. Private. */
export function FitForAllSheet({ desk, fitted, adaptations, adapting, perform, chosen, onBlock }: Props) {
  const [picked, setPicked] = useState<{ student: string; block: string } | null>(null);
  const [editing, setEditing] = useState<string | null>(null);
  const { homeMade } = adaptations;
  const { adults, adapted, stale, problem } = adapting;
  const cells = adapted?.cells ?? [];
  const cell =
    cells.find((c) => c.student === picked?.student && c.block === picked.block) ??
    cells.find((c) => c.state === 'open' || c.state === 'gap') ??
    cells[0];
  const tally = (Object.keys(COUNTED) as AdaptCell['state'][]).flatMap((state) => {
    const n = cells.filter((c) => c.state === state).length;
    return n ? [COUNTED[state](n)] : [];
  });
  return (
    <div className="flex flex-col gap-3 p-4" aria-busy={stale}>
      <p className="flex justify-between gap-2 text-xs text-muted">
        <span role="status">
          {adapted
            ? `${stale ? 'Updating … ' : ''}${tally.join(' · ') || 'Nobody in this class has supports yet.'}`
            : adaptations.isAway
              ? 'Offline: plans for students need the server. Nothing private stays in this browser.'
              : 'Looking for changes …'}
        </span>
        <span className="whitespace-nowrap">only you see this</span>
      </p>
      {adapted && (
        <AdaptGrid
          {...{ cells, fitted, desk }}
          at={cell ? { student: cell.student, block: cell.block } : null}
          onPick={(at) => {
            setPicked(at);
            setEditing(null);
            if (at.block !== chosen) onBlock(at.block);
          }}
          onStudent={setEditing}
        />
      )}
      <SameAsLastTime {...{ desk, fitted, cells, adaptations }} />
      <OpenQuestions findings={adapted?.conflicts ?? []} desk={desk} onStudent={setEditing} />
      <StudentSupports desk={desk} student={editing} onStudent={setEditing} />
      {cell && !editing && (
        <Proposal
          key={`${cell.student}|${cell.block}`}
          {...{ cell, cells, desk, fitted, adaptations, homeMade, perform }}
          request={adapting.request}
        />
      )}
      <AdultsHere desk={desk} />
      {cells.some((c) => c.plans.some((p) => p.dials.some((d) => d.adultId))) && (
        <p>
          <Link className="text-tape underline" to={`/desk/${desk.period.id}/support`}>
            Notes for {counted(adults.length, 'adult')}
          </Link>{' '}
          ·{' '}
          <Link className="text-tape underline" to={`/adults/${desk.period.date}`}>
            Adults’ day
          </Link>
        </p>
      )}
      <p className="text-xs text-muted">
        What is proposed follows Side Court defaults. You decide, with the student; local rules and licensed practice come first.
      </p>
      <Problem text={problem || adaptations.problem} />
    </div>
  );
}
