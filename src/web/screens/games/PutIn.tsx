import type { Remote } from 'comlink';
import { useEffect, useState } from 'react';
import { duration } from '../../../core/formats/speak.ts';
import type { Edit } from '../../../core/model/edit.ts';
import type { Game } from '../../../core/model/game.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { usualIndex } from '../../../core/model/newLesson.ts';
import type { ShelfRow } from '../../../core/shelf/judge.ts';
import { type Instead, putAt } from '../../../core/shelf/putIn.ts';
import { type Desk, freshId, problemWords } from '../../api.ts';
import { Popup } from '../../parts/Popup.tsx';
import type { Shelf } from '../../worker/shelf.worker.ts';
import { useLessonEdit } from './useLessonEdit.ts';

interface Props {
  desk: Desk;
  game: Game;
  row: ShelfRow | undefined;
  worker(): Remote<Shelf> | undefined;
}

/** The button of a row: where in the lesson the game goes, or instead of which block, with what that changes. */
export function PutIn({ desk, game, row, worker }: Props) {
  const [instead, setInstead] = useState<string | null>(null);
  const edits = useLessonEdit(desk);
  const { lesson } = desk;
  const put = (name: string, edit: (lesson: Lesson) => Edit) => edits.mutate({ title: game.title, name, edit });
  const add = (index?: number) => put(`add ${game.title}`, (made) => putAt(index ?? usualIndex(made), game, freshId('b'), row?.settings));
  if (!lesson)
    return (
      <button
        type="button"
        className="btn"
        aria-label={`Plan a lesson with ${game.title}`}
        disabled={edits.isPending}
        onClick={() => add()}
      >
        Plan with it
      </button>
    );
  const usual = usualIndex(lesson);
  const games = lesson.blocks.filter((b) => b.game);
  return (
    <Popup
      label={`Put ${game.title} into the lesson`}
      className="w-80 p-3"
      onOpenChange={() => setInstead(null)}
      trigger={
        <button type="button" className="btn" aria-label={`Put it in: ${game.title}`}>
          Put it in
        </button>
      }
    >
      {instead === null && (
        <>
          <h3 className="text-sm">Add it</h3>
          <ul>
            {Array.from({ length: lesson.blocks.length + 1 }, (_, index) => index)
              .filter((index) => index > 0 || lesson.blocks.length === 0)
              .map((index) => (
                <li key={index}>
                  <button type="button" className="min-h-9 w-full px-2 hover:bg-tint" disabled={edits.isPending} onClick={() => add(index)}>
                    {index ? `After ${lesson.blocks[index - 1].title}` : 'First'}
                    {index === usual && <span className="text-muted"> · the usual place</span>}
                  </button>
                </li>
              ))}
          </ul>
        </>
      )}
      {games.length > 0 && (
        <>
          <h3 className="mt-2 border-t pt-2 text-sm">Or instead of</h3>
          <ul>
            {games
              .filter((block) => instead === null || instead === block.id)
              .map((block) => (
                <li key={block.id}>
                  <button
                    type="button"
                    className="min-h-9 w-full px-2 hover:bg-tint aria-pressed:bg-tint"
                    aria-pressed={instead === block.id}
                    onClick={() => setInstead(instead === null ? block.id : null)}
                  >
                    {block.title}
                  </button>
                  {instead === block.id && (
                    <Difference
                      {...{ desk, game, row, worker, lesson }}
                      blockId={block.id}
                      onUse={(edit) => put(`put ${game.title} instead of ${block.title}`, () => edit)}
                    />
                  )}
                </li>
              ))}
          </ul>
        </>
      )}
      {edits.error && (
        <p role="alert" className="mt-2 text-stop">
          {problemWords(edits.error)}
        </p>
      )}
    </Popup>
  );
}

interface DifferenceProps extends Props {
  lesson: Lesson;
  blockId: string;
  onUse(edit: Edit): void;
}

/** What the lesson comes to before and after, told before it is taken. */
function Difference({ game, row, worker, lesson, blockId, onUse }: DifferenceProps) {
  const [found, setFound] = useState<Instead | null>(null);
  const settings = row?.settings;
  useEffect(() => {
    let wanted = true;
    setFound(null);
    worker()
      ?.instead(lesson, blockId, game.id, freshId('b'), settings ?? {})
      .then((made) => wanted && setFound(made ?? null));
    return () => {
      wanted = false;
    };
  }, [worker, lesson, blockId, game.id, settings]);
  if (!found) return <p className="px-2 pb-2 text-xs text-muted">Working it out …</p>;
  const { before, after, keeps } = found;
  const wait = (seconds: number) => (seconds ? duration(Math.round(seconds)) : 'none');
  const rows: [string, string, string][] = [
    ['On task', `${Math.round(before.numbers.timeOnTask * 100)}%`, `${Math.round(after.numbers.timeOnTask * 100)}%`],
    ['Longest wait', wait(before.numbers.longestWaitSeconds), wait(after.numbers.longestWaitSeconds)],
    ['Gear short', String(before.numbers.gearShort), String(after.numbers.gearShort)],
    ['Checks that stop it', String(before.stops), String(after.stops)],
    ['Left before the bell', wait(before.spareSeconds), wait(after.spareSeconds)],
  ];
  return (
    <div className="px-2 pb-2">
      <table className="w-full text-sm">
        <tbody>
          {rows.map(([label, was, is]) => (
            <tr key={label} className="border-t">
              <th scope="row" className="py-0.5 text-left font-normal text-muted">
                {label}
              </th>
              <td className="py-0.5 text-right">{was === is ? is : `${was} → ${is}`}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-1 text-xs text-muted">
        {keeps.groups ? 'Groups stay as they are' : 'Groups are made anew'}, {keeps.seconds ? 'the length stays' : 'the length fits itself'}
        .
      </p>
      <button type="button" className="btn btn-tape mt-2" onClick={() => onUse(found.edit)}>
        Use it instead
      </button>
    </div>
  );
}
