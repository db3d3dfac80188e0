import { DropdownMenu } from 'radix-ui';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import type { FitInput } from '../../../core/fit/fitted.ts';
import { gameBlock } from '../../../core/formats/gameBlock.ts';
import type { Edit } from '../../../core/model/edit.ts';
import type { Game } from '../../../core/model/game.ts';
import { BlockId } from '../../../core/model/ids.ts';
import type { Lesson } from '../../../core/model/lesson.ts';
import { usualIndex } from '../../../core/model/newLesson.ts';
import { formatWords, PHASE_WORDS } from '../../../core/words/en.ts';
import { freshId } from '../../api.ts';
import { fitting } from '../../worker/useFit.ts';

/** Usual bounds of plain blocks, seconds. */
const PLAIN: [Lesson['blocks'][number]['phase'], number, number, number][] = [
  ['arrive', 120, 240, 1],
  ['attendance', 60, 120, 0.5],
  ['explain', 60, 180, 1],
  ['walk', 60, 120, 0.5],
  ['water', 60, 120, 0.5],
  ['reset', 60, 180, 0.5],
  ['close', 120, 300, 1],
  ['leave', 60, 120, 0.5],
];

interface Props {
  periodId: string;
  /** What the lesson is fitted to: a game is put in so that it fits there, as from the shelf. */
  input: FitInput;
  /** The block after which the new one goes; at the fitting place where none is chosen. */
  after: string | null;
  perform(edit: Edit, name?: string): void;
  onAdded(id: string): void;
  children: React.ReactNode;
}

/** A menu that adds a game or a plain block to the strip. */
export function AddBlock({ periodId, input, after, perform, onAdded, children }: Props) {
  const navigate = useNavigate();
  const [adding, setAdding] = useState('');
  const { lesson, games } = input;
  /** The lesson as it is once the game has been judged. */
  const now = useRef(lesson);
  now.current = lesson;
  const index = (phase: string) => {
    const chosen = now.current.blocks.findIndex((b) => b.id === after);
    if (chosen >= 0) return chosen + 1;
    return phase === 'game' ? usualIndex(now.current) : now.current.blocks.length;
  };
  const newId = () => BlockId.parse(freshId('b'));
  const add = (block: Lesson['blocks'][number]) => {
    perform({ kind: 'insert-block', index: index(block.phase), block });
    onAdded(block.id);
  };
  const addGame = async (game: Game) => {
    setAdding(game.title);
    const { lesson: _, ...facts } = input;
    const settings = await fitting()
      .judgeChanged(facts, game)
      .then(
        (row) => row.settings,
        () => ({}),
      );
    setAdding('');
    add(gameBlock(game, newId(), settings));
  };
  const item = 'cursor-pointer px-4 py-1.5 outline-none data-[highlighted]:bg-tint';
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild disabled={adding !== ''} aria-busy={adding !== ''}>
        {children}
      </DropdownMenu.Trigger>
      {adding && (
        <span role="status" className="self-center text-xs text-muted">
          Putting in {adding} …
        </span>
      )}
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="start"
          side="top"
          collisionPadding={8}
          className="z-50 max-h-[80vh] min-w-72 overflow-auto border-[1.5px] border-ink bg-paper py-1 shadow-lg"
        >
          <DropdownMenu.Item className={`${item} font-bold text-tape`} onSelect={() => navigate(`/games?period=${periodId}`)}>
            Find a game on the shelf
          </DropdownMenu.Item>
          <DropdownMenu.Separator className="my-1 border-t" />
          <DropdownMenu.Label className="px-4 py-1 text-xs text-muted">A game</DropdownMenu.Label>
          {games.map((game) => (
            <DropdownMenu.Item key={game.id} className={item} onSelect={() => void addGame(game)}>
              <span className="font-bold">{game.title}</span> <span className="text-xs text-muted">{formatWords(game.format).name}</span>
              <span className="block text-xs text-muted">{game.aim}</span>
            </DropdownMenu.Item>
          ))}
          <DropdownMenu.Separator className="my-1 border-t" />
          <DropdownMenu.Label className="px-4 py-1 text-xs text-muted">Without a game</DropdownMenu.Label>
          {PLAIN.map(([phase, least, most, weight]) => (
            <DropdownMenu.Item
              key={phase}
              className={item}
              onSelect={() => add({ id: newId(), phase, title: PHASE_WORDS[phase], least, most, weight })}
            >
              {PHASE_WORDS[phase]}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
