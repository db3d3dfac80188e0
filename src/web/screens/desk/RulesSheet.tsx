import { ArrowLeft, ArrowRight, Trash2 } from 'lucide-react';
import type { FittedBlock } from '../../../core/fit/fitted.ts';
import { clockOf } from '../../../core/formats/speak.ts';
import type { Edit } from '../../../core/model/edit.ts';
import type { Game } from '../../../core/model/game.ts';
import { type Lesson, MARKS } from '../../../core/model/lesson.ts';
import { VIGOURS } from '../../../core/model/limits.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';
import type { FloorEdits } from './floorEdits.ts';
import { GameRules } from './GameRules.tsx';
import { LaidRules } from './LaidRules.tsx';

interface Props {
  lesson: Lesson;
  block: FittedBlock | undefined;
  game: Game | undefined;
  piece: string | null;
  edits: FloorEdits;
  units: Units;
  explainMinutes: number;
  perform(edit: Edit, name?: string): void;
  onRemoved(): void;
}

/** Everything that is chosen about one block: its length, its settings, the rules and the card of the chosen place. */
export function RulesSheet({ lesson, block, game, piece, edits, units, explainMinutes, perform, onRemoved }: Props) {
  const stored = lesson.blocks.find((b) => b.id === block?.id);
  if (!block || !stored) {
    return (
      <div className="p-4">
        <CommitField label="Lesson" value={lesson.title} onCommit={(title) => perform({ kind: 'rename', title })} />
        <p className="mt-3 text-muted">Choose a block on the strip to see its rules.</p>
      </div>
    );
  }
  const at = lesson.blocks.indexOf(stored);
  const minutes = (text: string) => {
    const clock = text.trim().match(/^(\d{1,3})(?::([0-5]\d))?$/);
    if (!clock) throw new Error(`"${text}" is not a length. Write 3:30, or 3 for three minutes.`);
    return Number(clock[1]) * 60 + Number(clock[2] ?? 0);
  };
  const laid = edits.laid.find((p) => p.id === piece);
  return (
    <div className="p-4">
      {laid && (
        <div className="-mx-4 -mt-4 mb-3">
          <LaidRules key={laid.id} piece={laid} units={units} onPut={(p, name) => edits.put([p], name)} />
        </div>
      )}
      <CommitField
        label="Block"
        value={stored.title}
        onCommit={(title) => perform({ kind: 'set-block', blockId: stored.id, patch: { title } })}
      />
      <div className="mt-2 grid grid-cols-2 gap-x-3">
        <CommitField
          label="Length"
          value={clockOf(block.seconds)}
          hint={block.pinned ? 'pinned by you' : `automatic (${clockOf(block.least)} to ${clockOf(block.most)})`}
          onCommit={(text) => perform({ kind: 'set-seconds', blockId: stored.id, seconds: minutes(text) })}
        />
        <div className="flex items-start gap-1.5 pt-5">
          <button
            type="button"
            className="btn px-2"
            aria-label="Earlier in the lesson"
            disabled={at === 0}
            onClick={() => perform({ kind: 'move-block', blockId: stored.id, index: at - 1 })}
          >
            <ArrowLeft size={16} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn px-2"
            aria-label="Later in the lesson"
            disabled={at === lesson.blocks.length - 1}
            onClick={() => perform({ kind: 'move-block', blockId: stored.id, index: at + 1 })}
          >
            <ArrowRight size={16} aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn px-2"
            aria-label={`Remove ${stored.title}`}
            onClick={() => {
              perform({ kind: 'remove-block', blockId: stored.id });
              onRemoved();
            }}
          >
            <Trash2 size={16} aria-hidden="true" />
          </button>
        </div>
      </div>
      {game && (
        <div className="mt-2 grid grid-cols-2 gap-x-3">
          <ChoiceField
            label="Play is"
            value={stored.vigour ?? 'moderate'}
            options={VIGOURS.map((v) => [v, v] as const)}
            onPick={(vigour) => perform({ kind: 'set-block', blockId: stored.id, patch: { vigour } })}
          />
          <ChoiceField
            label="Marked with"
            value={stored.marks ?? 'tape'}
            options={MARKS.map((m) => [m, m] as const)}
            onPick={(marks) => perform({ kind: 'set-block', blockId: stored.id, patch: { marks } })}
          />
        </div>
      )}
      {block.pinned && (
        <button
          type="button"
          className="text-xs text-tape underline"
          onClick={() => perform({ kind: 'set-seconds', blockId: stored.id, seconds: null })}
        >
          Unpin: make the length automatic
        </button>
      )}
      {!game && (
        <div className="mt-2">
          <CommitField
            label="Note to yourself"
            multiline
            value={stored.note ?? ''}
            onCommit={(text) => perform({ kind: 'set-block', blockId: stored.id, patch: { note: text } })}
          />
        </div>
      )}
      {game && block.game && <GameRules {...{ stored, block, game, piece, units, explainMinutes, perform }} />}
    </div>
  );
}
