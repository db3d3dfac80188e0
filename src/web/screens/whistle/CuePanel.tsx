import { useCallback, useEffect, useRef, useState } from 'react';
import type { BoardAction, BoardPart } from '../../../core/formats/board.ts';
import type { FormatWords } from '../../../core/formats/formatWords.ts';
import { playTune, sounds } from './sound.ts';

interface Props {
  cue: Extract<BoardPart, { part: 'cue' }>;
  /** Everything is held: no music. */
  paused: boolean;
  label: string;
  words: FormatWords;
  onAct(action: BoardAction): void;
}

/** A file of the teacher's own, played in this browser alone and kept nowhere. */
interface OwnMusic {
  name: string;
  url: string;
}

/** Starts the teacher's file, else the little tune; what comes back stops it. */
function startMusic(own: OwnMusic | null): () => void {
  if (!own) return playTune();
  const audio = new Audio(own.url);
  audio.loop = true;
  // A file that cannot be played gives way to the tune.
  let stop = () => audio.pause();
  audio.play().catch(() => {
    stop = playTune();
  });
  return () => stop();
}

/** Music that Whistle starts and stops after a time that is drawn when it starts and shown nowhere: nobody can see the next stop. */
export function CuePanel({ cue, paused, label, words, onAct }: Props) {
  const [playing, setPlaying] = useState(false);
  const [own, setOwn] = useState<OwnMusic | null>(null);
  const { action, count, of } = cue;
  const latest = useRef({ action, onAct });
  latest.current = { action, onAct };
  /** Ends the music that plays; null if none does. */
  const ends = useRef<(() => void) | null>(null);
  /** No music, and no stop either: everything was held, or the board is left. */
  const breakOff = useCallback(() => {
    ends.current?.();
    ends.current = null;
    setPlaying(false);
  }, []);
  const stop = () => {
    breakOff();
    sounds.whistle();
    latest.current.onAct(latest.current.action);
  };
  const start = () => {
    const [least, most] = cue.burstSeconds;
    const quiet = startMusic(own);
    const timer = setTimeout(stop, (least + (most - least) * Math.random()) * 1000);
    ends.current = () => {
      clearTimeout(timer);
      quiet();
    };
    setPlaying(true);
  };
  useEffect(() => {
    if (paused) breakOff();
  }, [paused, breakOff]);
  useEffect(() => breakOff, [breakOff]);
  useEffect(() => (own ? () => URL.revokeObjectURL(own.url) : undefined), [own]);
  return (
    <section
      className={`flex shrink-0 flex-wrap items-center gap-x-4 gap-y-2 px-3 py-2 ${playing ? 'bg-good text-paper' : 'bg-ink-2'}`}
      aria-label={label}
    >
      <button
        type="button"
        disabled={!playing && (!action.enabled || paused)}
        className="head min-h-14 min-w-44 flex-1 bg-tape px-4 text-center text-lg text-paper hover:bg-[#2b62cc] disabled:opacity-50"
        onClick={playing ? stop : start}
      >
        {playing ? 'Stop now' : 'Start the music'}
      </button>
      <p className="text-sm" aria-live="polite">
        {playing ? 'Music is on. It stops by itself.' : `${words.board.count} ${count} of ${of}`}
      </p>
      <label className="min-h-11 cursor-pointer py-3 text-sm underline">
        {own ? own.name : 'Use a music file'}
        <input
          type="file"
          accept="audio/*"
          className="sr-only"
          onChange={({ target }) => {
            const [file] = target.files ?? [];
            if (file) setOwn({ name: file.name, url: URL.createObjectURL(file) });
          }}
        />
      </label>
    </section>
  );
}
