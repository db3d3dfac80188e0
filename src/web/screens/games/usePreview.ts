import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { Game } from '../../../core/model/game.ts';
import type { ShelfInput } from '../../../core/shelf/judge.ts';
import type { GamePreview } from '../../../core/shelf/preview.ts';
import type { Shelf } from '../../worker/shelf.worker.ts';
import { startShelf } from '../../worker/useShelf.ts';

interface Previewed {
  preview: GamePreview | null;
  stale: boolean;
  problem: string;
  worker(): Remote<Shelf> | undefined;
}

/** A game drawn and judged for a period while it is being made, in a worker of its own; the newest version wins. `problem`: it could not be drawn. */
export function usePreview(input: ShelfInput | null, game: Game | null): Previewed {
  const [state, setState] = useState<{ preview: GamePreview | null; of: Game | null; problem: string }>({
    preview: null,
    of: null,
    problem: '',
  });
  const own = useRef<ReturnType<typeof startShelf> | null>(null);
  const wanted = useRef<Game | null>(null);
  const opened = useRef<Promise<unknown> | null>(null);
  useEffect(() => {
    if (!input) return;
    const shelf = startShelf();
    own.current = shelf;
    opened.current = shelf.remote.open(input);
    return () => {
      own.current = null;
      shelf.worker.terminate();
    };
  }, [input]);
  useEffect(() => {
    wanted.current = game;
    const shelf = own.current;
    if (!input || !game || !shelf) return;
    void opened.current
      ?.then(() => shelf.remote.preview(game))
      .then(
        (preview) => wanted.current === game && setState({ preview, of: game, problem: '' }),
        (error: unknown) =>
          wanted.current === game && setState((s) => ({ ...s, of: game, problem: error instanceof Error ? error.message : String(error) })),
      );
  }, [input, game]);
  const worker = useCallback(() => own.current?.remote, []);
  return { preview: state.preview, stale: state.of !== game, problem: state.problem, worker };
}
