/** A stored edit as far as undoing needs to know it. */
export interface Step {
  revision: number;
  name: string;
  undoes: number | null;
  redoes: number | null;
}

/**
 * What can be undone and redone, newest last: an edit goes on the first pile and clears the second, an undo carries the
 * edit it names over, a redo carries it back. Undo appends; nothing is ever taken out of the log.
 */
export function piles<S extends Step>(log: readonly S[]): { undo: S[]; redo: S[] } {
  let undo: S[] = [];
  let redo: S[] = [];
  for (const step of log) {
    if (step.undoes !== null) {
      const moved = undo.find((s) => s.revision === step.undoes);
      undo = undo.filter((s) => s !== moved);
      if (moved) redo = [...redo, moved];
    } else if (step.redoes !== null) {
      const moved = redo.find((s) => s.revision === step.redoes);
      redo = redo.filter((s) => s !== moved);
      if (moved) undo = [...undo, moved];
    } else {
      undo = [...undo, step];
      redo = [];
    }
  }
  return { undo, redo };
}
