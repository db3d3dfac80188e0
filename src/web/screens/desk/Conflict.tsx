import { clockOf } from '../../../core/formats/speak.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { Floating } from '../../parts/Sheet.tsx';
import type { LessonDesk } from './useLesson.ts';

/** A block in one line: how long where that was chosen, and how much of its game the teacher decided. */
function blockLine(block: Lesson['blocks'][number]): string {
  const decided = block.game ? [Object.keys(block.game.settings).length, Object.keys(block.game.placed).length] : [0, 0];
  const parts = [
    block.title,
    block.seconds && clockOf(block.seconds.value),
    decided[0] && `${decided[0]} ${decided[0] === 1 ? 'setting' : 'settings'} of yours`,
    decided[1] && `${decided[1]} moved`,
  ];
  return parts.filter(Boolean).join(' · ');
}
const linesOf = (lesson: Lesson) => lesson.blocks.map((block) => ({ id: block.id, line: blockLine(block), all: JSON.stringify(block) }));

function Version({ title, lesson, other }: { title: string; lesson: Lesson | null; other: Lesson | null }) {
  const others = other && new Set(linesOf(other).map((l) => l.all));
  return (
    <section className="min-w-0 flex-1 border-[1.5px] border-ink p-3">
      <h3 className="text-base">
        {title}
        {lesson ? `: ${lesson.title}` : ''}
      </h3>
      {lesson ? (
        <ol className="mt-1">
          {linesOf(lesson).map(({ id, line, all }) => {
            const differs = others !== null && !others.has(all);
            return (
              <li key={id} className={`truncate px-1 ${differs ? 'bg-tint font-bold' : ''}`}>
                {line}
                {differs && <span className="sr-only"> (differs)</span>}
              </li>
            );
          })}
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
            <Version title="Saved" lesson={conflict.stored} other={conflict.mine} />
            <Version title="With your change" lesson={conflict.mine} other={conflict.stored} />
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
