import type { Lesson } from '../../../core/model/lesson.ts';
import { Floating } from '../../parts/Sheet.tsx';
import type { LessonDesk } from './useLesson.ts';

function Version({ title, lesson }: { title: string; lesson: Lesson | null }) {
  return (
    <section className="min-w-0 flex-1 border-[1.5px] border-ink p-3">
      <h3 className="text-base">{title}</h3>
      {lesson ? (
        <ol className="mt-1">
          {lesson.blocks.map((b) => (
            <li key={b.id} className="truncate">
              {b.title}
              {b.seconds ? ` · ${Math.round(b.seconds.value / 60)} min` : ''}
              {b.game ? ` · ${Object.keys(b.game.settings).length} settings, ${Object.keys(b.game.placed).length} moved` : ''}
            </li>
          ))}
        </ol>
      ) : (
        <p className="text-muted">Your change does not apply to it any more.</p>
      )}
    </section>
  );
}

/** Two windows changed one lesson: both versions side by side, and the teacher decides. */
export function Conflict({ log }: { log: Pick<LessonDesk, 'conflict' | 'resolve'> }) {
  const { conflict, resolve } = log;
  return (
    <Floating open={conflict !== null} onClose={() => resolve('stored')} title="This lesson was changed in another window" wide>
      {conflict && (
        <>
          <p>Your change “{conflict.edit.name}” was made on an older version and is not saved yet.</p>
          <div className="mt-3 flex gap-3">
            <Version title="Saved" lesson={conflict.stored} />
            <Version title="With your change" lesson={conflict.mine} />
          </div>
          <div className="mt-4 flex gap-3">
            <button type="button" className="btn" onClick={() => resolve('stored')}>
              Keep the saved one
            </button>
            <button type="button" className="btn btn-tape" disabled={!conflict.mine} onClick={() => resolve('mine')}>
              Put my change on top
            </button>
          </div>
        </>
      )}
    </Floating>
  );
}
