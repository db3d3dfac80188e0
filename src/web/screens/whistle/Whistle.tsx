import { ListChecks, ListRestart, Users, Volume2, VolumeX } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { clockOf, duration } from '../../../core/formats/speak.ts';
import { placesAfter } from '../../../core/live/placesAfter.ts';
import { roundNow } from '../../../core/live/runState.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import { formatWords, stepWords } from '../../../core/words/en.ts';
import { problemWords } from '../../api.ts';
import { isTyping } from '../../parts/KeyHelp.tsx';
import { useAwake } from '../../parts/useAwake.ts';
import { usePhone } from '../../parts/usePhone.ts';
import { addressOf } from './addressOf.ts';
import { BellBand } from './BellBand.tsx';
import { Boards } from './Boards.tsx';
import { ChangeRest } from './ChangeRest.tsx';
import { Controls, Follows } from './Controls.tsx';
import { EndLesson } from './EndLesson.tsx';
import { MarkBand } from './MarkBand.tsx';
import { OffenceBand } from './OffenceBand.tsx';
import { isBeforeGame, PhasePanel } from './PhasePanel.tsx';
import { PlansNow } from './PlansNow.tsx';
import { SidePanels } from './SidePanels.tsx';
import { SittingOutBand, Students } from './Students.tsx';
import { sounds } from './sound.ts';
import { type LiveRun, useRun } from './useRun.ts';
import { useSignals } from './useSignals.ts';
import { WhatHappened } from './WhatHappened.tsx';
import { WhatToSay } from './WhatToSay.tsx';

/** Running a lesson, standing up: time left, who goes where, one big control. Dark while it runs; the whole surface changes once for a switch or a hold. */
export function Whistle() {
  const { runId = '' } = useParams();
  const { run, error } = useRun(runId);
  if (error) {
    return (
      <main className="inked flex h-full flex-col items-start gap-3 bg-ink p-8 text-paper">
        <h1 className="text-xl">This lesson is not here</h1>
        <p>{problemWords(error)}</p>
        <Link className="text-thin underline" to="/">
          Go to today
        </Link>
      </main>
    );
  }
  return run ? (
    <Running key={runId} run={run} runId={runId} />
  ) : (
    <main className="inked h-full bg-ink p-8 text-paper">Opening the lesson …</main>
  );
}

function Running({ run, runId }: { run: LiveRun; runId: string }) {
  const { plan, state, send } = run;
  const navigate = useNavigate();
  const [ending, setEnding] = useState(false);
  const [listing, setListing] = useState(false);
  const [naming, setNaming] = useState(false);
  const [changing, setChanging] = useState(false);
  const [loud, setLoud] = useState(true);
  const [leaving, setLeaving] = useState(false);
  const step = state.steps[state.step];
  const block = plan.blocks[step?.block ?? 0];
  const segment = step?.segment;
  const nextStep = state.steps[state.step + 1];
  const left = Math.ceil(state.remainingMs / 1000);
  const moving = segment?.kind === 'move';
  const upNow = !state.ended && !nextStep && left === 0;
  useSignals(state.step, segment?.kind, left, state.paused || state.ended, loud, nextStep !== undefined);

  const toggleSound = () => {
    if (!loud) sounds.tick();
    setLoud(!loud);
  };
  const leave = () => {
    setEnding(false);
    setLeaving(true);
  };
  const hold = () => {
    send({ type: state.paused ? 'resume' : 'pause' });
    if (loud) state.paused ? sounds.go() : sounds.whistle();
  };
  const holdNow = useRef(hold);
  holdNow.current = hold;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.key !== ' ' || isTyping(event) || event.target instanceof HTMLButtonElement) return;
      event.preventDefault();
      holdNow.current();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  // The logbook opens once the server has the end: nothing is left behind in this window.
  useAwake(!state.ended);
  const gone = leaving && state.ended && run.waiting === 0;
  useEffect(() => {
    if (gone) navigate(`/logbook/${runId}`);
  }, [gone, navigate, runId]);

  const words = block?.game && formatWords(block.game.format);
  const round = roundNow(state);
  const rounds = block?.game?.rounds.length ?? 0;
  const bellIn = Math.round((run.bell - run.now) / 1000);
  const surface = state.ended ? 'bg-ink' : state.paused ? 'bg-[#4a3206]' : moving ? 'bg-[#12306f]' : 'bg-ink';
  const title = state.ended
    ? 'The lesson is over'
    : state.paused
      ? 'Hold everything'
      : segment?.kind === 'phase'
        ? (stepWords(segment.code, words?.segments) ?? block.title)
        : moving
          ? 'Move on'
          : `Round ${round + 1} of ${rounds}`;
  const isPhone = usePhone();
  const controls = run.leads && <Controls {...{ state, send, hold }} more={nextStep !== undefined} undo={run.undo} />;
  const waits = (state.plays[block?.id ?? ''] ?? []).some((play) => play.view.waiting.length > 0);
  const after = nextStep ? `then ${stepTitle(plan, nextStep)}, ${duration(nextStep.seconds)}` : 'then the bell';

  return (
    <main
      className={`inked flex h-full flex-col overflow-hidden text-paper transition-colors duration-200 ${surface}`}
      data-step={state.step}
    >
      <header className="flex h-[52px] shrink-0 items-center gap-6 border-b border-white/25 px-6 max-[900px]:gap-3 max-[900px]:px-3 max-[600px]:h-auto max-[600px]:flex-wrap max-[600px]:gap-x-2 max-[600px]:gap-y-0">
        <h1 className="head min-w-0 text-base max-[900px]:flex-1 max-[900px]:text-sm max-[900px]:leading-4 max-[600px]:basis-full max-[600px]:pt-2 max-[600px]:text-base">
          {plan.className} · {block?.title ?? plan.lessonTitle}
        </h1>
        <span className="text-[#c3ccd6] max-[900px]:hidden">{plan.roomName}</span>
        <span className="ml-auto whitespace-nowrap text-[#c3ccd6] max-[900px]:ml-0 max-[600px]:mr-auto">
          {bellIn > 0 ? `Bell in ${clockOf(bellIn)}` : `${clockOf(-bellIn)} past the bell`}
        </span>
        <span role="status" className="whitespace-nowrap text-[#c3ccd6] max-[600px]:sr-only">
          {!run.online ? `Offline: ${run.waiting} saved on this device` : run.waiting ? `${run.waiting} waiting to be saved` : 'All saved'}
        </span>
        <HeaderButton icon={<Users size={20} aria-hidden="true" />} label="Students" onPress={() => setNaming(true)} />
        {run.leads && !state.ended && (
          <HeaderButton icon={<ListRestart size={20} aria-hidden="true" />} label="Change the rest" onPress={() => setChanging(true)} />
        )}
        <HeaderButton icon={<ListChecks size={20} aria-hidden="true" />} label="What happened" onPress={() => setListing(true)} />
        <button
          type="button"
          aria-label={loud ? 'Sound off' : 'Sound on'}
          aria-pressed={loud}
          className="flex h-11 w-11 items-center justify-center hover:bg-white/10"
          onClick={toggleSound}
        >
          {loud ? <Volume2 size={20} aria-hidden="true" /> : <VolumeX size={20} aria-hidden="true" />}
        </button>
        <button
          type="button"
          className="head h-11 px-2 text-base whitespace-nowrap hover:underline"
          onClick={() => (state.ended ? navigate(`/logbook/${runId}`) : setEnding(true))}
        >
          {state.ended ? (
            'To the logbook'
          ) : (
            <>
              End<span className="max-[600px]:sr-only"> lesson</span>
            </>
          )}
        </button>
      </header>
      {run.aside.length > 0 && (
        <button
          type="button"
          className="head min-h-11 shrink-0 bg-tape px-6 text-left text-base hover:underline"
          onClick={() => setListing(true)}
        >
          {run.aside.length === 1 ? '1 entry isn’t saved' : `${run.aside.length} entries aren’t saved`}. Everything else is. See why
        </button>
      )}
      {run.leads && !state.ended && <BellBand run={run} onShare={() => setChanging(true)} />}
      <SittingOutBand run={run} onOpen={() => setNaming(true)} />
      <div className="grid min-h-0 flex-1 grid-cols-[400px_1fr] gap-6 p-6 [@media(max-height:720px)]:py-3 max-[900px]:flex max-[900px]:flex-col max-[900px]:gap-4 max-[900px]:overflow-auto max-[900px]:p-3">
        <section className="flex min-h-0 flex-col max-[900px]:shrink-0" aria-label="Time">
          <p
            role="timer"
            aria-label={`${clockOf(left)} left`}
            className={`wide leading-[0.86] ${left >= 600 ? 'text-[130px]' : 'text-[176px]'} max-[900px]:text-[120px]`}
            style={{ fontStretch: left >= 600 ? '75%' : '88%' }}
          >
            {clockOf(left)}
          </p>
          <p className="mt-4 text-xl text-balance" aria-live="assertive">
            <span className="head">{title}</span>
            {!state.ended && <span className="head text-[#aab4c0]"> · {after}</span>}
          </p>
          <div className="mt-3 h-3.5 w-full bg-white/15" aria-hidden="true">
            <div
              className="h-full bg-tint"
              style={{ width: `${state.lengthMs ? Math.min(100, 100 - (state.remainingMs / state.lengthMs) * 100) : 0}%` }}
            />
          </div>
          <PlansNow lessonId={run.lessonId} block={block} round={moving ? round + 1 : round} names={plan.names} />
          <WhatToSay block={block} segment={segment} last={round >= rounds - 1} upNow={upNow} waits={waits} />
          {!run.leads && <Follows onTake={run.takeLead} />}
          {!isPhone && controls}
        </section>
        <section className="flex min-h-0 flex-col gap-3 max-[900px]:shrink-0" aria-label="Groups" inert={!run.leads}>
          {block?.game && !isBeforeGame(segment) ? (
            <Boards
              block={block}
              names={plan.names}
              state={state}
              round={round}
              moving={moving}
              follows={(action) => placesAfter(run, block.id, action, Math.max(run.now, state.stepWall))}
              onAct={({ event, ...address }) => send({ type: 'play', blockId: block.id as BlockId, ...addressOf(address), event })}
            />
          ) : (
            <PhasePanel run={run} block={block} at={step?.block ?? 0} segment={segment} />
          )}
          <div className="flex shrink-0 flex-wrap gap-3 empty:hidden">
            <MarkBand run={run} />
            {block?.game && <OffenceBand key={block.id} run={run} block={block} />}
          </div>
          <SidePanels plan={plan} state={state} send={send} />
        </section>
      </div>
      {isPhone && controls}
      {naming && <Students run={run} onClose={() => setNaming(false)} />}
      {changing && <ChangeRest run={run} runId={runId} onClose={() => setChanging(false)} />}
      {listing && <WhatHappened run={run} onClose={() => setListing(false)} />}
      {ending && <EndLesson plan={plan} state={state} send={send} onClose={() => setEnding(false)} onEnded={leave} />}
    </main>
  );
}

/** A word in the header; on a phone its sign alone. */
function HeaderButton({ icon, label, onPress }: { icon: React.ReactNode; label: string; onPress(): void }) {
  return (
    <button
      type="button"
      className="head flex h-11 items-center justify-center px-2 text-base whitespace-nowrap hover:underline max-[600px]:w-11 max-[600px]:px-0"
      onClick={onPress}
    >
      <span className="hidden max-[600px]:inline">{icon}</span>
      <span className="max-[600px]:sr-only">{label}</span>
    </button>
  );
}

function stepTitle(plan: LiveRun['plan'], step: { block: number; segment: { kind: string; code: string } }): string {
  const block = plan.blocks[step.block];
  if (!block.game) return block.title;
  return stepWords(step.segment.code, formatWords(block.game.format).segments) ?? block.title;
}
