/** The edge of the class list behind which private columns are folded away: a press unfolds them, and folds them again. */
export function Fold({ isUnfolded, onTurn }: { isUnfolded: boolean; onTurn(): void }) {
  const label = isUnfolded ? 'Fold away what is private' : 'Unfold what is private: ratings, supports, groups, pairings';
  return (
    <button
      type="button"
      aria-expanded={isUnfolded}
      className="hatched relative flex w-9 shrink-0 items-start justify-center border-[1.5px] border-l-0 border-paint bg-bench py-4 hover:bg-tint max-[700px]:min-h-11 max-[700px]:w-full max-[700px]:border-t-0 max-[700px]:border-l-[1.5px]"
      onClick={onTurn}
    >
      <span className="bg-bench px-0.5 py-1 [writing-mode:vertical-rl] max-[700px]:[writing-mode:horizontal-tb]">{label}</span>
    </button>
  );
}
