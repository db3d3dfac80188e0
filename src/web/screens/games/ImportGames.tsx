import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import type { GameNews, GamesFileFault } from '../../../core/exchange/gamesFile.ts';
import { FORMAT_WORDS } from '../../../core/words/formats.en.ts';
import { call, problemWords } from '../../api.ts';
import { FileButton } from '../../parts/FileButton.tsx';
import { Floating } from '../../parts/Sheet.tsx';
import { gamesChanged } from './useShelfPeriod.ts';

interface Row {
  id: string;
  title: string;
  format: keyof typeof FORMAT_WORDS;
  news: GameNews;
  isShipped: boolean;
}
interface Looked {
  rows: Row[];
  faults: GamesFileFault[];
  added: number;
  replaced: number;
}
type Choice = 'add' | 'copy' | 'replace' | 'skip';

const FAULTS: Record<string, string> = {
  'no-json': 'This is no JSON file',
  'other-format': 'This is no file of Side Court games',
  'other-version': 'This file is of a newer Side Court',
  empty: 'There is no game in it',
  'too-many': 'More than 200 games are in it',
  repeated: 'It is in the file twice',
};
const faultWords = ({ game, title, field, code }: GamesFileFault): string => {
  const what = FAULTS[code] ?? 'cannot be read';
  if (/^line \d+$/.test(field)) return `${what}: ${field}`;
  return game ? `Game ${game}${title ? `, ${title}` : ''}: ${field || 'the game'}: ${what.toLowerCase()}` : what;
};

/** What may become of a game, the first one unless the teacher says otherwise: nothing is written over silently. */
function choicesFor({ news, isShipped }: Row): [Choice, string][] {
  if (news === 'same') return [['skip', 'is here already']];
  if (news === 'new')
    return [
      ['add', 'comes in'],
      ['skip', 'stays out'],
    ];
  return [
    ['skip', 'stays out: yours is another one'],
    ['copy', 'comes in as a copy'],
    ...(isShipped ? [] : ([['replace', 'takes the place of yours']] as [Choice, string][])),
  ];
}

/** Games from a file: looked at first, each with what becomes of it. */
export function ImportGames() {
  const client = useQueryClient();
  const [text, setText] = useState('');
  const [looked, setLooked] = useState<Looked | null>(null);
  const [choose, setChoose] = useState<Record<string, Choice>>({});
  const [said, setSaid] = useState('');
  const look = async (file: File) => {
    setSaid('');
    try {
      const read = await file.text();
      const found = await call<Looked>('POST', '/games/import', { text: read });
      setText(read);
      setChoose(Object.fromEntries(found.rows.map((row) => [row.id, choicesFor(row)[0][0]])));
      setLooked(found);
    } catch (error) {
      setSaid(problemWords(error));
    }
  };
  const take = async () => {
    try {
      const { added, replaced } = await call<Looked>('POST', '/games/import', { text, choose });
      gamesChanged(client);
      setLooked(null);
      setSaid(`${added} came in, ${replaced} took the place of yours.`);
    } catch (error) {
      setSaid(problemWords(error));
    }
  };
  return (
    <>
      <FileButton label="Games from a file" accept=".json,application/json" onFile={look} />
      {said && (
        <span role="status" className="text-sm">
          {said}
        </span>
      )}
      <Floating open={looked !== null} onClose={() => setLooked(null)} title="Games from a file">
        {looked && (
          <>
            {looked.faults.length > 0 && (
              <div role="alert" className="mb-2 text-stop">
                <ul>
                  {looked.faults.map((f) => (
                    <li key={`${f.game} ${f.field}`}>{faultWords(f)}</li>
                  ))}
                </ul>
              </div>
            )}
            <ul>
              {looked.rows.map((row) => (
                <li key={row.id} className="flex items-center justify-between gap-3 border-t py-1">
                  <span>
                    <b>{row.title}</b> <span className="text-xs text-muted">{FORMAT_WORDS[row.format].name}</span>
                  </span>
                  <select
                    aria-label={`What becomes of ${row.title}`}
                    className="field w-56"
                    value={choose[row.id]}
                    onChange={(e) => setChoose({ ...choose, [row.id]: e.target.value as Choice })}
                  >
                    {choicesFor(row).map(([value, words]) => (
                      <option key={value} value={value}>
                        {words}
                      </option>
                    ))}
                  </select>
                </li>
              ))}
            </ul>
            <div className="mt-3 flex gap-3">
              <button
                type="button"
                className="btn btn-tape"
                disabled={!Object.values(choose).some((c) => c !== 'skip')}
                onClick={() => void take()}
              >
                Bring them in
              </button>
              <button type="button" className="btn" onClick={() => setLooked(null)}>
                Cancel
              </button>
            </div>
          </>
        )}
      </Floating>
    </>
  );
}
