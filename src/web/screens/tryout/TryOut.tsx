import { Pause, Play } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { FitInput, FittedBlock, FittedLesson } from '../../../core/fit/fitted.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import { applyEdit, gesture } from '../../../core/model/edit.ts';
import type { FixIdea } from '../../../core/model/finding.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { shortNames } from '../../../core/model/names.ts';
import { formatWords } from '../../../core/words/en.ts';
import type { Desk } from '../../api.ts';
import { DayBar } from '../../parts/DayBar.tsx';
import { WithLesson } from '../../parts/WithLesson.tsx';
import { fitting, useFitAtOnce } from '../../worker/useFit.ts';
import { useSamplePlay } from '../../worker/useTryOut.ts';
import { useLesson } from '../desk/useLesson.ts';
import { PlayFloor } from './PlayFloor.tsx';
import { PlayStrip } from './PlayStrip.tsx';
import { Shares } from './Shares.tsx';

/** A block played before anybody stands in the gym: one play to watch, and how many plays go. */
export function TryOut() {
  const { periodId = '' } = useParams();
  return (
    <WithLesson
      periodId={periodId}
      waiting="Opening the lesson …"
      empty="No lesson here yet. Plan one on the desk, then try it out."
      bar={<DayBar current={periodId} />}
    >
      {(desk, lesson) => <Planned desk={desk} stored={lesson} />}
    </WithLesson>
  );
}

const sameId = (id: string) => id;

function Planned({ desk, stored }: { desk: Desk; stored: Lesson }) {
  const { lesson: kept, perform } = useLesson(desk, sameId);
  const lesson = kept ?? stored;
  const [search] = useSearchParams();
  const input = useMemo<FitInput>(() => ({ ...desk, lesson }), [desk, lesson]);
  const { fitted } = useFitAtOnce(input);
  const games = (fitted?.blocks ?? []).filter((b) => b.game?.pieces.length);
  const block = games.find((b) => b.id === search.get('block')) ?? games[0];
  const back = `/desk/${desk.period.id}`;
  return (
    <>
      <DayBar date={desk.period.date} current={desk.period.id}>
        <Link className="btn flex items-center" to={back}>
          Back to the plan
        </Link>
      </DayBar>
      {block ? (
        <Watched key={block.id} {...{ desk, input, block, perform }} />
      ) : (
        <main className="p-6">
          <h1 className="text-xl">Try it out</h1>
          <p className="mt-2 text-muted">{fitted ? 'No game of this lesson has a floor yet.' : 'Opening the lesson …'}</p>
        </main>
      )}
    </>
  );
}

/** Times as fast as in the gym. */
const SPEEDS = [1, 2, 4, 8, 16];

/** The second of a play, running on while it is not paused. */
function useClock(seconds: number, speed: number, running: boolean): [number, (at: number) => void] {
  const [at, setAt] = useState(0);
  useEffect(() => {
    if (!running) return;
    let last = performance.now();
    let frame = requestAnimationFrame(function tick(now) {
      const gone = ((now - last) / 1000) * speed;
      last = now;
      setAt((t) => Math.min(seconds, t + gone));
      frame = requestAnimationFrame(tick);
    });
    return () => cancelAnimationFrame(frame);
  }, [running, speed, seconds]);
  return [at, setAt];
}

interface WatchedProps {
  desk: Desk;
  input: FitInput;
  block: FittedBlock;
  perform: ReturnType<typeof useLesson>['perform'];
}

function Watched({ desk, input, block, perform }: WatchedProps) {
  const game = block.game!;
  const [seed, setSeed] = useState(1);
  const sample = useSamplePlay(game, seed);
  const [speed, setSpeed] = useState(4);
  const [running, setRunning] = useState(() => !window.matchMedia('(prefers-reduced-motion: reduce)').matches);
  const [at, setAt] = useClock(sample?.seconds ?? 0, speed, running && sample !== null);
  const [other, setOther] = useState<{ idea: FixIdea; fitted: FittedLesson } | null>(null);
  const words = formatWords(game.format);
  const names = shortNames(input.students);
  const isOver = sample !== null && at >= sample.seconds;
  const compare = async (idea: FixIdea) => {
    const applied = applyEdit(input.lesson, gesture(idea.edits));
    if (applied.ok) setOther({ idea, fitted: await fitting().fitUnweighed({ ...input, lesson: applied.lesson }) });
  };
  return (
    <>
      <div className="flex min-h-0 flex-1 max-[900px]:flex-col">
        <main className="flex min-h-0 min-w-0 flex-1 flex-col" aria-label={`Try out: ${block.title}`}>
          <h1 className="pt-2 text-center text-sm">
            {desk.room.name} · {block.title}, {clockOf(at)} of {clockOf(sample?.seconds ?? 0)}
          </h1>
          <div className="min-h-0 flex-1">
            {sample ? (
              <PlayFloor room={desk.room} game={game} sample={sample} at={at} filled={words.filled?.place} />
            ) : (
              <p className="p-6 text-muted">Playing it …</p>
            )}
          </div>
          <div className="flex h-[52px] shrink-0 items-center gap-3 px-4">
            <button
              type="button"
              className="btn btn-ink flex items-center gap-2"
              disabled={!sample}
              onClick={() => {
                if (isOver) setAt(0);
                setRunning(isOver || !running);
              }}
            >
              {running && !isOver ? <Pause size={16} aria-hidden="true" /> : <Play size={16} aria-hidden="true" />}
              {running && !isOver ? 'Pause' : isOver ? 'From the start' : 'Play'}
            </button>
            <button
              type="button"
              className="btn"
              onClick={() => {
                setSeed(seed + 1);
                setAt(0);
              }}
            >
              Another play
            </button>
            <label className="flex items-center gap-2 text-sm">
              <select className="field w-auto" aria-label="How fast" value={speed} onChange={(e) => setSpeed(Number(e.target.value))}>
                {SPEEDS.map((s) => (
                  <option key={s} value={s}>
                    {s} ×
                  </option>
                ))}
              </select>
              as fast
            </label>
            <span className="ml-auto truncate text-sm text-muted">
              open ring: in play · broken ring: not now{words.filled ? ` · filled: ${words.filled.word}` : ''}
            </span>
          </div>
        </main>
        <aside
          aria-label="Many plays"
          className="w-[352px] shrink-0 overflow-auto border-l border-ink p-4 max-[900px]:h-[40%] max-[900px]:w-full max-[900px]:border-t max-[900px]:border-l-0"
        >
          <Shares
            {...{ game, other }}
            block={block.id}
            onCompare={(idea) => void compare(idea)}
            onDrop={() => setOther(null)}
            onUse={(idea) => {
              perform(gesture(idea.edits));
              setOther(null);
            }}
          />
        </aside>
      </div>
      {sample && (
        <PlayStrip
          {...{ sample, at }}
          title={block.title}
          onAt={(to) => {
            setRunning(false);
            setAt(to);
          }}
          word={(event, play) =>
            words.events[event.type]?.(event as never, play, (id) => names.get(String(id)) ?? 'a student') ?? event.type
          }
        />
      )}
    </>
  );
}
