import { Fragment } from 'react';

/** A sentence with fields where its text has names in braces: "They keep {wallClearanceM} from walls." */
export function Sentence({ text, field }: { text: string; field(name: string): React.ReactNode }) {
  return (
    <p className="text-base leading-8">
      {text.split(/\{(\w+)\}/).map((part, i) => (
        <Fragment key={i}>{i % 2 ? field(part) : part}</Fragment>
      ))}
    </p>
  );
}
