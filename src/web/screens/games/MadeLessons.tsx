import { useQuery } from '@tanstack/react-query';
import { proxy } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { clockSeconds } from '../../../core/model/period.ts';
import type { ShelfInput } from '../../../core/shelf/judge.ts';
import { type LessonWish, SCHOOLS } from '../../../core/shelf/lessonParts.ts';
import type { MadeLesson } from '../../../core/shelf/makeLesson.ts';
import { type LessonTemplate, TEMPLATE_KINDS, type TemplateKind } from '../../../core/shelf/templates.ts';
import { SCHOOL_WORDS, TEMPLATE_WORDS } from '../../../core/words/shelf.en.ts';
import { call, type Desk } from '../../api.ts';
import { Problem } from '../../parts/Problem.tsx';
import { startShelf } from '../../worker/useShelf.ts';
import { Choice, Families, PeriodChoice } from './choices.tsx';
import { GamesFrame } from './GamesFrame.tsx';
import { OfferedLesson } from './OfferedLesson.tsx';
import { useFacts, usePlayed, useShelfPeriod } from './useShelfPeriod.ts';

interface Making {
  made: MadeLesson[] | null;
  progress: { done: number; total: number };
  problem: string;
}
const BEGUN: Making = { made: null, progress: { done: 0, total: 1 }, problem: '' };

/** Lessons made, or written ones fitted, in a worker of their own, which ends if something else is wanted. `written`: undefined while it is read. */
function useMade(
  input: ShelfInput | null,
  wish: LessonWish,
  played: readonly string[] | null,
  written: readonly LessonTemplate[] | null | undefined,
): Making {
  const [making, setMaking] = useState<Making>(BEGUN);
  useEffect(() => {
    if (!input || !played || written === undefined) return;
    setMaking(BEGUN);
    const { worker, remote } = startShelf();
    let isWanted = true;
    const tell = (change: (was: Making) => Making) => {
      if (isWanted) setMaking(change);
    };
    const make = async () => {
      await remote.open(input);
      if (written === null) {
        const onStep = proxy((progress: Making['progress']) => tell((m) => ({ ...m, progress })));
        const made = await remote.lessons(wish, played, onStep);
        tell((m) => ({ ...m, made }));
        return;
      }
      const total = written.length;
      if (!total) tell((m) => ({ ...m, made: [] }));
      const onOne = proxy((lesson: MadeLesson) =>
        tell((m) => ({ ...m, made: [...(m.made ?? []), lesson], progress: { done: (m.made?.length ?? 0) + 1, total } })),
      );
      await remote.templates(written, wish.minutes, played, onOne);
    };
    make().catch((error: unknown) => tell((m) => ({ ...m, problem: error instanceof Error ? error.message : String(error) })));
    return () => {
      isWanted = false;
      worker.terminate();
    };
  }, [input, wish, played, written]);
  return making;
}

/** "Make me a lesson": what it is for, how long, which way; whole lessons that fit, made now or written, each taken with one press. */
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

/** The written lessons of a kind, for the purpose and the way that are asked for. */
function wanted(all: readonly LessonTemplate[], kind: TemplateKind, { families, school }: LessonWish): LessonTemplate[] {
  const isFor = (t: LessonTemplate) => !families.length || families.some((f) => t.families.includes(f));
  return all.filter((t) => t.kind === kind && isFor(t) && (school === null || t.school === school));
}

function Wished({ desk, day, onPeriod }: { desk: Desk; day: readonly Desk[]; onPeriod(id: string): void }) {
  const whole = Math.round((clockSeconds(desk.period.end) - clockSeconds(desk.period.start)) / 60);
  const [wish, setWish] = useState<LessonWish>({ families: [], minutes: whole, school: null });
  const [kind, setKind] = useState<TemplateKind | null>(null);
  const known = usePlayed(desk.schoolClass.id);
  const played = useMemo(() => known?.map((p) => p.title) ?? null, [known]);
  const { data: templates } = useQuery({
    queryKey: ['templates'],
    queryFn: () => call<LessonTemplate[]>('GET', '/templates'),
    staleTime: Number.POSITIVE_INFINITY,
  });
  const written = useMemo(() => (kind === null ? null : templates && wanted(templates, kind, wish)), [templates, kind, wish]);
  const facts = useFacts(desk);
  const { made, progress, problem } = useMade(facts, wish, played, written);
  const isWorking = !problem && (written ? progress.done < written.length : !made);
  return (
    <>
      <WantedSentence {...{ wish, setWish, kind, setKind, desk, day, onPeriod, whole }} />
      {problem && <Problem text={`Making lessons stopped (${problem}). Change a word above to begin again.`} />}
      {isWorking && (
        <p className="mt-4 flex items-center gap-3 text-muted">
          <progress aria-label="Lessons tried" className="h-2 w-40 accent-tape" max={progress.total} value={progress.done} />
          Trying games and lessons on this floor …
        </p>
      )}
      {!isWorking && made?.length === 0 && (
        <p className="mt-4">
          {written
            ? 'No lesson is written for that. Ask for another purpose, or for one that is made now.'
            : 'No lesson fits so. Give it more minutes, or another purpose; the games shelf says what stops each game.'}
        </p>
      )}
      <ol aria-label="Lessons" className="mt-3">
        {made?.map((lesson, i) => (
          <OfferedLesson
            key={`${lesson.title} ${lesson.school}`}
            {...{ lesson, desk }}
            rank={i + 1}
            beside={templates && kind && <OtherWeather {...{ templates, kind }} title={lesson.title} onKind={setKind} />}
          />
        ))}
      </ol>
    </>
  );
}

interface WantedProps {
  wish: LessonWish;
  setWish(wish: LessonWish): void;
  kind: TemplateKind | null;
  setKind(kind: TemplateKind | null): void;
  desk: Desk;
  day: readonly Desk[];
  onPeriod(id: string): void;
  /** Minutes of the whole period. */
  whole: number;
}

/** What is wanted, as one sentence whose blue words are the choices. */
function WantedSentence({ wish, setWish, kind, setKind, desk, day, onPeriod, whole }: WantedProps) {
  const minutes = [...new Set([20, 25, 30, 35, 40, 45, 60].filter((m) => m < whole))].concat(whole);
  return (
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
      ,{' '}
      <Choice
        label="Where it comes from"
        value={kind}
        options={[[null, 'made now'], ...TEMPLATE_KINDS.map((k) => [k, TEMPLATE_WORDS[k]] as const)]}
        onChoose={(chosen) => setKind(chosen as TemplateKind | null)}
      />
      .
    </p>
  );
}

interface OtherWeatherProps {
  templates: readonly LessonTemplate[];
  kind: TemplateKind;
  title: string;
  onKind(kind: TemplateKind): void;
}

/** The lesson that takes the place of one outside when it rains, and the other way round. */
function OtherWeather({ templates, kind, title, onKind }: OtherWeatherProps) {
  const own = templates.find((t) => t.title === title && t.kind === kind);
  const other = templates.find((t) => (own?.whenItRains ? t.id === own.whenItRains : t.whenItRains === own?.id));
  if (!own || !other) return null;
  return (
    <>
      {' · '}
      <button type="button" className="text-tape underline" onClick={() => onKind(other.kind)}>
        {own.whenItRains ? 'If it rains' : 'On a dry day'}: {other.title}
      </button>
    </>
  );
}
