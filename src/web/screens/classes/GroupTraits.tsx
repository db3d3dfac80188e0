import { CommitField } from '../../parts/CommitField.tsx';
import { CellPopup } from './CellPopup.tsx';

/** What counts for groups beside rating and wishes. */
export interface Traits {
  tags: string[];
  helper: string;
}

interface Props extends Traits {
  name: string;
  row: number;
  save(change: Partial<Traits>): Promise<unknown>;
}

/** What is told of a student for groups, and a small sheet to tell it in: tags, a shared adult. Private. */
export function GroupTraits({ name, row, tags, helper, save }: Props) {
  const said = [...tags, helper && `with ${helper}`].filter(Boolean).join(', ');
  return (
    <CellPopup
      name="For groups"
      nothing="nothing"
      label={`${name}, for groups`}
      className="flex w-80 flex-col gap-2 p-3"
      {...{ row, said }}
    >
      <p className="font-bold">{name}</p>
      <CommitField
        label="Tags, spread evenly over the groups"
        hint="At most four, with commas between: first-timer, leader"
        value={tags.join(', ')}
        onCommit={(text) => {
          const list = text.split(',').map((t) => t.trim());
          return save({ tags: [...new Set(list.filter(Boolean))] });
        }}
      />
      <CommitField
        label="Adult shared with others"
        hint="Students with the same adult are kept in one group"
        value={helper}
        onCommit={(text) => save({ helper: text.trim() })}
      />
    </CellPopup>
  );
}
