/** What went wrong and what to do, read aloud as it appears; nothing where there is nothing to tell. */
export function Problem({ text }: { text: string }) {
  return text ? (
    <p role="alert" className="text-stop">
      {text}
    </p>
  ) : null;
}
