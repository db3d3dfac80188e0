import { COSTS, figuresFor, HOUSE_FIGURES } from '../../../core/adapt/figures.ts';
import { type AdaptFigures, CHANGED_TIERS } from '../../../core/model/adaptFigures.ts';
import { ladderFiguresOf, type School } from '../../../core/model/school.ts';
import { LADDER_FIGURES, type LadderFigures } from '../../../core/model/skillLadder.ts';
import { COST_TIER_WORDS } from '../../../core/words/adapt.en.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import { readNumber, readSpan } from '../../parts/readNumber.ts';
import { useUnits } from '../../parts/units.ts';

type Plain = { [K in keyof AdaptFigures]: AdaptFigures[K] extends number ? K : never }[keyof AdaptFigures];
const LENGTHS: [Plain, string][] = [
  ['laneWidthM', 'Own lane, wide'],
  ['laneLengthM', 'Own lane, long'],
  ['besideWheelsM', 'Gap for wheels: own width and'],
  ['frameM', 'Frame: wider than the chair by'],
  ['narrowFaceM', 'A face is narrow under'],
];
const NUMBERS: [Plain, string][] = [
  ['objectPerFace', 'Object for a narrow face, × as wide'],
  ['lightFaceG', 'A face is light under (g)'],
  ['lightObjectG', 'Object for a light face, at most (g)'],
  ['contrast', 'Contrast in lightness (of 100)'],
  ['mouthMm', 'What may get into a mouth, at least (mm)'],
  ['floorPerPlayer', 'Floor each that others need (m²)'],
];
const SPANS: [('implementG' | 'gripMm') & keyof AdaptFigures, string][] = [
  ['implementG', 'Implement at a grip or swing of 1–2, at most (g)'],
  ['gripMm', 'Grip, thick (mm)'],
];
const LADDER: [keyof LadderFigures, string][] = [
  ['tries', 'Tries before a step is suggested'],
  ['days', 'On days, at least'],
  ['upPercent', 'Harder from (% made)'],
  ['downPercent', 'Easier at (% made)'],
];

/** Figures and order of cost that Fit for all works with, and when a step of a ladder is suggested; each the usual one until it is changed. */
export function MatchingRows({ school, save }: { school: School; save: (change: (now: School) => Partial<School>) => Promise<unknown> }) {
  const units = useUnits();
  const figures = figuresFor(school);
  const ladder = ladderFiguresOf(school);
  const put = (key: keyof AdaptFigures, value: number | [number, number]) =>
    save((now) => ({ adaptFigures: { ...now.adaptFigures, [key]: value } }));
  const isChanged = [school.adaptFigures, school.adaptCosts, school.ladderFigures].some((own) => Object.keys(own ?? {}).length > 0);
  const cell = (own: boolean) => (own ? 'border-tape bg-tint' : '');
  return (
    <section className="mt-6" aria-label="Fit for all">
      <div className="flex items-end justify-between border-b border-ink pb-1">
        <h2 className="text-lg">Fit for all</h2>
        {isChanged && (
          <button
            type="button"
            className="text-tape underline"
            onClick={() => void save(() => ({ adaptFigures: {}, adaptCosts: {}, ladderFigures: undefined }))}
          >
            Reset Fit for all to defaults
          </button>
        )}
      </div>
      <p className="py-1 text-xs text-muted">
        Side Court defaults, no standard sets them. The student, the team, and licensed practice decide. Limits are not among them: nothing
        lifts a limit.
      </p>
      <div className="grid grid-cols-4 gap-x-4 gap-y-2">
        {LENGTHS.map(([key, label]) => (
          <CommitField
            key={key}
            label={label}
            className={cell(figures[key] !== HOUSE_FIGURES[key])}
            value={units.say(figures[key])}
            onCommit={(text) => put(key, units.read(text))}
          />
        ))}
        {NUMBERS.map(([key, label]) => (
          <CommitField
            key={key}
            label={label}
            className={cell(figures[key] !== HOUSE_FIGURES[key])}
            value={String(figures[key])}
            onCommit={(text) => put(key, readNumber(text))}
          />
        ))}
        {SPANS.map(([key, label]) => (
          <CommitField
            key={key}
            label={label}
            className={cell(figures[key].join() !== HOUSE_FIGURES[key].join())}
            value={figures[key].join('–')}
            onCommit={(text) => put(key, readSpan(text, '28–70'))}
          />
        ))}
      </div>
      <h3 className="mt-3 text-base">The order of cost: the smallest change comes first</h3>
      <div className="mt-1 grid grid-cols-6 gap-x-4 gap-y-2">
        {CHANGED_TIERS.map((tier) => (
          <CommitField
            key={tier}
            label={COST_TIER_WORDS[tier]}
            className={cell(figures.costs[tier] !== COSTS[tier])}
            value={String(figures.costs[tier])}
            onCommit={(text) => save((now) => ({ adaptCosts: { ...now.adaptCosts, [tier]: readNumber(text) } }))}
          />
        ))}
      </div>
      <h3 className="mt-3 text-base">Steps of ladders</h3>
      <div className="mt-1 grid grid-cols-4 gap-x-4 gap-y-2">
        {LADDER.map(([key, label]) => (
          <CommitField
            key={key}
            label={label}
            className={cell(ladder[key] !== LADDER_FIGURES[key])}
            value={String(ladder[key])}
            onCommit={(text) => save((now) => ({ ladderFigures: { ...ladderFiguresOf(now), [key]: readNumber(text) } }))}
          />
        ))}
      </div>
    </section>
  );
}
