import { useQuery } from '@tanstack/react-query';
import { type EarlierLesson, sameAgain } from '../../../../core/adapt/sameAgain.ts';
import { type AdaptCell, changesIn } from '../../../../core/fit/adaptLesson.ts';
import type { FittedLesson } from '../../../../core/fit/fitted.ts';
import { counted } from '../../../../core/formats/speak.ts';
import { accepting, choiceFor } from '../../../../core/model/adaptation.ts';
import { call, type Desk } from '../../../api.ts';
import type { Adaptations } from './useAdaptations.ts';

interface Props {
  desk: Desk;
  fitted: FittedLesson;
  cells: readonly AdaptCell[];
  adaptations: Adaptations;
}

/** What was in use the last time that these students played these games, all of it with one press; nothing if there is none. */
export function SameAsLastTime({ desk, fitted, cells, adaptations }: Props) {
  const { data } = useQuery({
    queryKey: ['adaptations-before', desk.period.id],
    queryFn: () => call<{ earlier: EarlierLesson[] }>('GET', `/adaptations/before/${desk.period.id}`),
  });
  const open = cells
    .flatMap((c) => c.plans)
    .filter((p) => changesIn(p).length > 0 && !p.isAccepted && choiceFor(adaptations.choices, p).accepted === null);
  const gameOf = (block: string) => fitted.blocks.find((b) => b.id === block)?.game?.gameId ?? '';
  const again = sameAgain(
    data?.earlier ?? [],
    open.map((p) => ({ student: p.student, block: p.block, game: gameOf(p.block), ...(p.place === undefined ? {} : { place: p.place }) })),
  );
  if (!again.length) return null;
  const students = new Set(again.map((a) => a.student)).size;
  return (
    <p>
      <button
        type="button"
        className="btn btn-tape"
        onClick={() =>
          adaptations.chooseAll(
            again.map((at) => ({ at, after: accepting(choiceFor(adaptations.choices, at), at.accepted, at.withoutAdult) })),
            `use the plans of last time for ${counted(students, 'student')}`,
          )
        }
      >
        Use the plans of last time: {counted(again.length, 'plan')} for {counted(students, 'student')}
      </button>
    </p>
  );
}
