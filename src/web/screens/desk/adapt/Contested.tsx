import type { AdaptCell, PlacePlan } from '../../../../core/fit/adaptLesson.ts';
import { listed } from '../../../../core/formats/speak.ts';
import { type AdaptationChoice, accepting, choiceFor } from '../../../../core/model/adaptation.ts';
import type { Demand, PurposeAction } from '../../../../core/model/demand.ts';
import { shortName } from '../../../../core/model/names.ts';
import { ACTION_WORDS, DEMAND_WORDS, needWords } from '../../../../core/words/adapt.en.ts';
import type { Desk } from '../../../api.ts';
import type { DialNames } from './dialText.ts';
import type { Adaptations } from './useAdaptations.ts';

interface Props {
  plan: PlacePlan;
  cells: readonly AdaptCell[];
  desk: Desk;
  names: DialNames;
  adaptations: Adaptations;
  where: string;
}

/** What two students want at once and this one does without, with the way to give it to this one; and what else stands against the plan. */
export function Contested({ plan, cells, desk, names, adaptations, where }: Props) {
  const nameOf = (id: string) => {
    const found = desk.students.find((s) => s.id === id);
    return found ? shortName(found, desk.students) : 'someone';
  };
  return plan.conflicts.map((finding) => {
    const key = `${finding.code}|${JSON.stringify(finding.data)}`;
    if (finding.code === 'wanted-twice') {
      const { what, id, has } = finding.data as { what: string; id: string; has: string[] };
      const thing =
        what === 'adult'
          ? (names.adults.find((a) => a.id === id)?.name ?? 'The adult')
          : what === 'gear'
            ? (names.gear.find((g) => g.id === id)?.name ?? 'The item')
            : what === 'lane'
              ? 'The free lane'
              : 'Every classmate';
      const takes = (dials: PlacePlan['dials']) => dials.some((d) => d.adultId === id || d.uses?.some((u) => u.gearId === id));
      const other = plan.alternatives.find((a) => takes(a.dials));
      const choiceOf = (at: PlacePlan) => choiceFor(adaptations.choices, at);
      const give = () => {
        const plans = cells.filter((c) => has.includes(c.student)).flatMap((c) => c.plans);
        const held = plans.filter((p) => p.isAccepted && takes(p.dials) && p.from < plan.until && p.until > plan.from);
        adaptations.chooseAll(
          [
            ...held.map((p) => ({ at: p, after: accepting(choiceOf(p), null) })),
            { at: plan, after: accepting(choiceOf(plan), other!.dials as AdaptationChoice['accepted']) },
          ],
          `give ${thing} to ${where}`,
        );
      };
      return (
        <div key={key} className="border-l-[3px] border-caution pl-2">
          <p>
            {thing} is with {listed(has.map(nameOf))} at the same time. One thing can’t be in two places.
          </p>
          {other && (
            <button type="button" className="btn mt-1" onClick={give}>
              Give {thing} to {nameOf(plan.student)}
            </button>
          )}
        </div>
      );
    }
    if (finding.code === 'purpose-lost') {
      const { lost, needs } = finding.data as { lost: PurposeAction[]; needs: string[] };
      if (needs.length === 0) return null;
      return (
        <p key={key} className="border-l-[3px] border-caution pl-2">
          To keep {listed(lost.map((a) => ACTION_WORDS[a]))}, it would take {listed(needs.map(needWords), 'or')}.
        </p>
      );
    }
    if (finding.code === 'accepted-not-there')
      return (
        <p key={key} className="border-l-[3px] border-stop pl-2 text-stop">
          The plan in use can’t be kept: what it takes isn’t there any more. This is the next best.
        </p>
      );
    if (finding.code === 'accepted-falls-short')
      return (
        <p key={key} className="border-l-[3px] border-caution pl-2">
          The plan in use leaves out {listed((finding.data.demands as Demand[]).map((d) => DEMAND_WORDS[d]))}.
        </p>
      );
    return null;
  });
}
