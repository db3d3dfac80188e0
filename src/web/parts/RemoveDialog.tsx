import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import type { Removable, Removal, Touched } from '../../core/model/removal.ts';
import type { Room } from '../../core/model/room.ts';
import { changedWords, goesAlong, touchesNothing } from '../../core/words/removal.en.ts';
import { call, problemWords } from '../api.ts';
import { ChoiceField } from './CommitField.tsx';
import { Problem } from './Problem.tsx';
import { Floating } from './Sheet.tsx';
import { removalStep, useShelfUndo } from './shelfUndo.ts';

export interface RemoveProps {
  what: Removable;
  id: string;
  /** What it is called, and the address that removes it. */
  name: string;
  path: string;
  /** What else needs it that only this screen knows: a finished sentence. */
  also?: string;
  onRemoved(): unknown;
}

/** Removes a fact: at once if nothing else goes with it, else after saying what does. Undone by name. */
export function RemoveDialog({ what, id, name, path, also = '', onRemoved, onClose }: RemoveProps & { onClose(): void }) {
  const { add } = useShelfUndo();
  const [asked, setAsked] = useState<Touched | null>(null);
  const [toRoom, setToRoom] = useState<string>();
  const [problem, setProblem] = useState('');
  const begun = useRef(false);
  const others = (
    useQuery({ queryKey: ['rooms'], queryFn: () => call<Room[]>('GET', '/rooms'), enabled: what === 'room' }).data ?? []
  ).filter((r) => r.id !== id);
  const to = what === 'room' && asked && asked.periods > 0 ? (toRoom ?? others[0]?.id ?? '') : '';
  const failed = (error: unknown) => setProblem(problemWords(error));
  const remove = (query: string) =>
    call<Removal>('DELETE', `${path}${query}`).then((removal) => {
      onClose();
      add(removalStep(removal));
      onRemoved();
    }, failed);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    call<Touched>('GET', `/removals/${what}/${id}?with=periods`).then(
      (touched) => (touchesNothing(touched) && !also ? remove('?with=periods') : setAsked(touched)),
      failed,
    );
  });
  const said = to
    ? [changedWords('room', { ...(asked as Touched), changed: asked?.periods ?? 0 }, others.find((r) => r.id === to)?.name)]
    : asked
      ? [also, goesAlong(asked), changedWords(what, asked)]
      : [];
  return (
    <Floating open={asked !== null || problem !== ''} onClose={onClose} title={`Remove ${name}?`}>
      <p>{[...said, 'You can undo this for 30 days.'].filter((s) => s !== '').join(' ')}</p>
      {what === 'room' && asked && asked.periods > 0 && others.length > 0 && (
        <div className="mt-2">
          <ChoiceField
            label="They move to"
            value={to}
            options={[...others.map((r) => [r.id as string, r.name] as const), ['', 'no room: remove them too'] as const]}
            onPick={setToRoom}
          />
        </div>
      )}
      <Problem text={problem} />
      <div className="mt-3 flex gap-3">
        <button type="button" className="btn btn-tape" disabled={!asked} onClick={() => void remove(to ? `?to=${to}` : '?with=periods')}>
          Remove {name}
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Cancel
        </button>
      </div>
    </Floating>
  );
}
