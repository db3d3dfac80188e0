import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { clockOf } from '../../../core/formats/speak.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { ShelfInput } from '../../../core/shelf/judge.ts';
import { type LessonWish, SCHOOLS } from '../../../core/shelf/lessonParts.ts';
import { type MadeLesson, takeLesson } from '../../../core/shelf/makeLesson.ts';
import { PART_WORDS, reasonWords, SCHOOL_WORDS } from '../../../core/words/shelf.en.ts';
import { type Desk, freshId, problemWords } from '../../api.ts';
import { MiniFloor } from '../../floor/MiniFloor.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { startShelf } from '../../worker/useShelf.ts';
import { Choice, Families, PeriodChoice } from './choices.tsx';
import { GamesFrame } from './GamesFrame.tsx';
import { useLessonEdit } from './useLessonEdit.ts';
import { useFacts, usePlayed, useShelfPeriod } from './useShelfPeriod.ts';

interface Making {
  made: MadeLesson[] | null;
  progress: { done: number; total: number };
  problem: string;
}

/** Lessons made in a worker of their own, which ends if something else is wished for. */
function useMade(input: ShelfInput | null, wish: LessonWish, played: readonly string[] | null): Making {
  const [making, setMaking] = useState<Making>({ made: null, progress: { done: 0, total: 1 }, problem: '' });
  useEffect(() => {
    if (!input || !played) return;
    setMaking({ made: null, progress: { done: 0, total: 1 }, problem: '' });
    const { worker, remote } = startShelf();
    let isWanted = true;
    const make = async () => {
      await remote.open(input);
      const made = await remote.lessons(
        wish,
        played,
        proxy((progress: Making['progress']) => isWanted && setMaking((m) => ({ ...m, progress }))),
      );
      if (isWanted) setMaking((m) => ({ ...m, made }));
    };
    make().catch(
      (error: unknown) => isWanted && setMaking((m) => ({ ...m, problem: error instanceof Error ? error.message : String(error) })),
    );
    return () => {
      isWanted = false;
      worker.terminate();
    };
  }, [input, wish, played]);
  return making;
}

/** "Make me a lesson": what it is for, how long, which way; three whole lessons that fit, each taken with one press. */
export function MadeLessons() {
  const period = useShelfPeriod();
  const { day, set } = period;
  return (
    <GamesFrame period={period} empty="No period today: a lesson is made for a period. Add one on Today, or open the week.">
      {(desk) => (
        <>
          <h1 className="sr-only">Make me a lesson</h1>
          <Wished key={desk.period.id} {...{ desk, day }} onPeriod={(id) => set('period', id)} />
        </>
      )}
    </GamesFrame>
  );
}

function Wished({ desk, day, onPeriod }: { desk: Desk; day: readonly Desk[]; onPeriod(id: string): void }) {
  const whole = Math.round((clockSeconds(desk.period.end) - clockSeconds(desk.period.start)) / 60);
  const [wish, setWish] = useState<LessonWish>({ families: [], minutes: whole, school: null });
  const known = usePlayed(desk.schoolClass.id);
  const played = useMemo(() => known?.map((p) => p.title) ?? null, [known]);
  const facts = useFacts(desk);
  const { made, progress, problem } = useMade(facts, wish, played);
  const minutes = [...new Set([20, 25, 30, 35, 40, 45, 60].filter((m) => m < whole))].concat(whole);
  return (
    <>
      <p className="head text-[24px] leading-[36px]" role="group" aria-label="The lesson that is wanted">
        A lesson to <Families chosen={wish.families} onChoose={(families) => setWish({ ...wish, families })} /> for{' '}
        <PeriodChoice {...{ desk, day }} onChoose={onPeriod} /> in {desk.room.name},{' '}
        <Choice
          label="Minutes"
          value={wish.minutes}
          options={minutes.map((m) => [m, `${m} min long`] as const)}
          onChoose={(m) => setWish({ ...wish, minutes: m ?? whole })}
        />
        :{' '}
        <Choice
          label="Which way"
          value={wish.school}
          options={[[null, 'build up first or play first'], ...SCHOOLS.map((s) => [s, SCHOOL_WORDS[s].name] as const)]}
          onChoose={(school) => setWish({ ...wish, school })}
        />
        .
      </p>
      {problem && <Problem text={`Making lessons stopped (${problem}). Change a word above to begin again.`} />}
      {!made && !problem && (
        <p className="mt-4 flex items-center gap-3 text-muted">
          <progress aria-label="Lessons tried" className="h-2 w-40 accent-tape" max={progress.total} value={progress.done} />
          Trying games and lessons on this floor …
        </p>
      )}
      {made?.length === 0 && (
        <p className="mt-4">No lesson fits so. Give it more minutes, or another purpose; the games shelf says what stops each game.</p>
      )}
      <ol aria-label="Lessons" className="mt-3">
        {made?.map((lesson, i) => (
          <Offered key={`${lesson.title} ${lesson.school}`} {...{ lesson, desk }} rank={i + 1} />
        ))}
      </ol>
    </>
  );
}

/** A whole lesson: its strip, the floor of each game, and why it is offered. */
function Offered({ lesson, desk, rank }: { lesson: MadeLesson; desk: Desk; rank: number }) {
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
        <p className="text-sm text-muted">{SCHOOL_WORDS[lesson.school].says}</p>
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
