interface Props {
  label: string;
  /** Endings and media types that can be chosen. */
  accept: string;
  onFile(file: File): void;
}

/** What a CSV file is called by those who make one. */
export const CSV_FILES = '.csv,.tsv,.txt,text/csv';

/** A button that asks for a file; the same file can be chosen again. */
export function FileButton({ label, accept, onFile }: Props) {
  return (
    <label className="btn cursor-pointer">
      {label}
      <input
        type="file"
        accept={accept}
        className="sr-only"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
          e.target.value = '';
        }}
      />
    </label>
  );
}
