import type { FittedBlock } from '../../../core/fit/fitted.ts';
import { speakIn } from '../../../core/formats/speak.ts';
import type { Edit } from '../../../core/model/edit.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import type { GoesOn, Lesson } from '../../../core/model/lesson.ts';
import { GOES_ON_WORDS, wentOnWords } from '../../../core/words/goesOn.en.ts';
import { useUnits } from '../../parts/units.ts';

interface Props {
  lesson: Lesson;
  block: FittedBlock | undefined;
  perform(edit: Edit, name?: string): void;
}

const NOTHING: GoesOn = { groups: false, start: false, floor: false, gear: false };
const KEYS = Object.keys(GOES_ON_WORDS) as (keyof GoesOn)[];

/** What a game takes from the game before it in its lesson: its groups, its floor, where everyone is. Nothing for the first game. */
export function GoesOnChoice({ lesson, block, perform }: Props) {
  const speak = speakIn(useUnits().units);
  const at = lesson.blocks.findIndex((b) => b.id === block?.id);
  const before = lesson.blocks.findLast((b, i) => i < at && b.game);
  const own = lesson.blocks[at]?.game;
  if (!before || !own || !block) return null;
  const goesOn = own.goesOn ?? NOTHING;
  const choose = (key: keyof GoesOn, isOn: boolean) => {
    const next = { ...goesOn, [key]: isOn };
    const name = `${isOn ? '' : 'not '}${GOES_ON_WORDS[key]} in ${block.title}`;
    perform({ kind: 'set-goes-on', blockId: block.id as BlockId, goesOn: KEYS.some((k) => next[k]) ? next : null }, name);
  };
  return (
    <fieldset className="mb-3 border-y py-1.5">
      <legend className="sr-only">Going on from {before.title}</legend>
      <div className="flex flex-wrap items-center gap-x-4">
        <span aria-hidden="true">
          From <b>{before.title}</b>:
        </span>
        {KEYS.filter((key) => key !== 'gear' || block.game?.roles.object).map((key) => (
          <label key={key} className="flex min-h-8 items-center gap-1.5 text-sm">
            <input type="checkbox" className="size-4 accent-tape" checked={goesOn[key]} onChange={(e) => choose(key, e.target.checked)} />
            {GOES_ON_WORDS[key]}
          </label>
        ))}
      </div>
      {goesOn.groups && own.groups && (
        <p className="text-xs text-caution">These groups are pinned: they stay, whatever the game before has.</p>
      )}
      {block.wentOn && <p className="text-xs text-muted">{wentOnWords(block.wentOn, speak).join(' ')}</p>}
    </fieldset>
  );
}
