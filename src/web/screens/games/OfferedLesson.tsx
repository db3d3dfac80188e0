import { clockOf } from '../../../core/formats/speak.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import { type MadeLesson, takeLesson } from '../../../core/shelf/makeLesson.ts';
import { PART_WORDS, reasonWords, SCHOOL_WORDS } from '../../../core/words/shelf.en.ts';
import { type Desk, freshId, problemWords } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { useLessonEdit } from './useLessonEdit.ts';

interface Props {
  lesson: MadeLesson;
  desk: Desk;
  rank: number;
  /** Another lesson that goes with it, as a link. */
  beside?: React.ReactNode;
}

/** A whole lesson: its strip, the floor of each game, and why it is offered. */
export function OfferedLesson({ lesson, desk, rank, beside }: Props) {
  const take = useLessonEdit(desk);
  const { title } = lesson;
  const name = `take the lesson ${title}`.slice(0, 120);
  const start = clockSeconds(desk.period.start);
  const roleOf = (block: string) => lesson.parts.find((p) => p.blockId === block)?.role;
  return (
    <li className="grid grid-cols-[28px_minmax(0,1fr)_300px] gap-x-4 border-t border-ink py-3 max-[900px]:grid-cols-1">
      <span className="head text-2xl leading-7 text-tape">{rank}</span>
      <div className="min-w-0">
        <h2 className="text-lg">{lesson.title}</h2>
        <p className="text-sm text-muted">
          {SCHOOL_WORDS[lesson.school].says}
          {beside}
        </p>
        <ol aria-label="The strip" className="mt-2 flex gap-px">
          {lesson.fitted.map(({ id, title, at, seconds }) => (
            <li
              key={id}
              className={`torn min-w-[66px] px-2 py-1 ${roleOf(id) ? 'bg-tape text-white' : 'bg-tint'}`}
              style={{ flexGrow: seconds, flexBasis: 0 }}
              title={`${title}, ${clockOf(start + at)}, ${Math.round(seconds / 60)} min`}
            >
              <span className="head block truncate text-[13px] leading-4">{title}</span>
              <span className="block truncate text-xs leading-4">{Math.round(seconds / 60)} min</span>
            </li>
          ))}
          {lesson.spareSeconds > 60 && (
            <li
              className="min-w-0 border border-dashed px-1 py-1 text-xs text-muted"
              style={{ flexGrow: lesson.spareSeconds, flexBasis: 0 }}
            >
              <span className="block truncate">{Math.round(lesson.spareSeconds / 60)} min left</span>
            </li>
          )}
        </ol>
        <ul className="mt-2 flex flex-wrap gap-4">
          {lesson.parts.map(({ role, blockId, gameId }) => (
            <li key={blockId}>
              <MiniFloor room={desk.room} {...lesson.floors[blockId]} width={176} height={102} />
              <p className="w-44 text-xs">
                <b>{PART_WORDS[role]}</b> {desk.games.find((g) => g.id === gameId)?.title}
              </p>
            </li>
          ))}
        </ul>
      </div>
      <div>
        <ul className="list-disc pl-4 text-sm">
          {lesson.reasons.map((reason) => (
            <li key={reason.code}>{reasonWords(reason)}</li>
          ))}
        </ul>
        <button
          type="button"
          className="btn btn-tape mt-3"
          aria-label={`Take this lesson: ${lesson.title}`}
          disabled={take.isPending}
          onClick={() => take.mutate({ title, name, edit: (own) => takeLesson(own, lesson, () => freshId('b')) })}
        >
          Take this lesson
        </button>
        {desk.lesson && <p className="mt-1 text-xs text-muted">It takes the place of “{desk.lesson.title}”. One undo brings that back.</p>}
        {take.error && (
          <p role="alert" className="mt-1 text-stop">
            {problemWords(take.error)}
          </p>
        )}
      </div>
    </li>
  );
}
