import { SHEETS, type SheetName } from './useDeskKeys.ts';

/** The sheets' tabs; Checks carries the number still open, Gear says when something is short. */
export function SheetTabs({
  sheet,
  open,
  short,
  isWide,
  onSheet,
}: {
  sheet: SheetName;
  open: number;
  short: boolean;
  /** The sheet is the wide one. */
  isWide: boolean;
  onSheet(name: SheetName): void;
}) {
  return (
    <div role="tablist" aria-label="Sheets" className="flex shrink-0 border-b px-2">
      {SHEETS.map((name) => (
        <button
          key={name}
          type="button"
          role="tab"
          id={`tab-${name}`}
          aria-selected={sheet === name}
          aria-controls="sheet-panel"
          className={`head border-b-4 ${isWide ? 'px-3' : 'px-[7px]'} py-2.5 text-[15px] whitespace-nowrap ${sheet === name ? 'border-tape text-ink' : 'border-transparent text-muted hover:text-ink'}`}
          onClick={() => onSheet(name)}
        >
          {name}
          {name === 'Checks' && open > 0 && <span className="ml-1 bg-stop px-1 text-xs font-bold text-white">{open}</span>}
          {name === 'Gear' && short && (
            <span className="ml-1 inline-block h-2.5 w-2.5 rounded-full border-2 border-stop">
              <span className="sr-only">short</span>
            </span>
          )}
        </button>
      ))}
    </div>
  );
}

/** The closed sheet: a rail of its names, each opens it. */
export function SheetRail({ open, onSheet }: { open: number; onSheet(name: SheetName): void }) {
  return (
    <nav
      aria-label="Closed sheets"
      className="flex w-11 shrink-0 flex-col items-center border-l border-ink py-2 max-[900px]:h-11 max-[900px]:w-full max-[900px]:flex-row max-[900px]:border-t max-[900px]:border-l-0 max-[900px]:py-0"
    >
      {SHEETS.map((name) => (
        <button
          key={name}
          type="button"
          className="head w-full py-3 text-[15px] text-muted [writing-mode:vertical-rl] hover:bg-tint hover:text-ink max-[900px]:w-auto max-[900px]:px-5 max-[900px]:py-0 max-[900px]:[writing-mode:horizontal-tb]"
          onClick={() => onSheet(name)}
        >
          {name}
          {name === 'Checks' && open > 0 && <span className="mt-1.5 bg-stop px-0.5 py-1 text-xs font-bold text-white">{open}</span>}
        </button>
      ))}
    </nav>
  );
}
