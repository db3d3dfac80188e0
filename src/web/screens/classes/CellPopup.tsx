import { Popup } from '../../parts/Popup.tsx';

interface Props {
  /** The column's name and the row, read aloud before what is said. */
  name: string;
  row: number;
  /** What the cell says in a few words, and what it says if that is nothing. */
  said: string;
  nothing: string;
  /** What the sheet is, read aloud; width and layout of its inside. */
  label: string;
  className: string;
  children: React.ReactNode;
}

/** A cell of the roster that says something in a few words and opens a small sheet to change it. */
export function CellPopup({ name, row, said, nothing, children, ...sheet }: Props) {
  return (
    <Popup
      trigger={
        <button
          type="button"
          className="cell block w-full text-left leading-4 break-words hover:bg-tint"
          title={said || undefined}
          aria-label={`${name}, row ${row}: ${said || nothing}`}
        >
          {said || <span className="text-muted">{nothing}</span>}
        </button>
      }
      {...sheet}
    >
      {children}
    </Popup>
  );
}
