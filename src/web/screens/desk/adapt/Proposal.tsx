import { useState } from 'react';
import { Link } from 'react-router';
import type { Dial } from '../../../../core/adapt/candidate.ts';
import { type AdaptCell, type AdaptInput, changesIn, type PlacePlan } from '../../../../core/fit/adaptLesson.ts';
import type { FittedLesson } from '../../../../core/fit/fitted.ts';
import { counted, listed } from '../../../../core/formats/speak.ts';
import { type AdaptationChoice, accepting, choiceFor } from '../../../../core/model/adaptation.ts';
import type { Edit } from '../../../../core/model/edit.ts';
import type { HomeMade } from '../../../../core/model/homeMade.ts';
import { shortName } from '../../../../core/model/names.ts';
import { bellText, clockSeconds } from '../../../../core/model/period.ts';
import { limitsFor } from '../../../../core/model/school.ts';
import { ACTION_WORDS, DEMAND_WORDS, needWords } from '../../../../core/words/adapt.en.ts';
import { asRoleWords } from '../../../../core/words/en.ts';
import { BAND_WORDS } from '../../../../core/words/facts.en.ts';
import type { Desk } from '../../../api.ts';
import { shortBell } from '../../../parts/now.ts';
import { useSchool } from '../../../parts/units.ts';
import { Contested } from './Contested.tsx';
import { DialRow } from './DialRow.tsx';
import { cautionsText, type DialNames, dialText } from './dialText.ts';
import { GapsOnFloor, LaneOnFloor } from './LaneOnFloor.tsx';
import { PlanFixes } from './PlanFixes.tsx';
import type { Adaptations } from './useAdaptations.ts';

/** The choice with a proposed plan in use, and what is done without its adult. */
const acceptingPlan = (choice: AdaptationChoice, { dials, withoutAdult }: PlacePlan): AdaptationChoice =>
  accepting(choice, dials as AdaptationChoice['accepted'], withoutAdult as AdaptationChoice['withoutAdult']);

interface Props {
  cell: AdaptCell;
  cells: readonly AdaptCell[];
  desk: Desk;
  fitted: FittedLesson;
  adaptations: Adaptations;
  homeMade: readonly HomeMade[];
  perform(edit: Edit, name?: string): void;
  /** What the plans were worked out from. */
  request: AdaptInput | null;
}

/** How one student plays one game: place by place, what is changed and why, what it takes, and what else would work. */
export function Proposal({ cell, cells, desk, fitted, adaptations, homeMade, perform, request }: Props) {
  const school = useSchool();
  const isChanged = (p: PlacePlan) => changesIn(p).length > 0;
  const format = fitted.blocks.find((b) => b.id === cell.block)?.game?.format;
  const titleOf = (p: PlacePlan) => p.title ?? asRoleWords(format, p.role);
  const wants = (p: PlacePlan) => p.gaps.length > 0 || (isChanged(p) && !p.isAccepted);
  const [place, setPlace] = useState<string | undefined>(
    () => (cell.plans.find(wants) ?? cell.plans.find(isChanged) ?? cell.plans[0]).place,
  );
  const plan = cell.plans.find((p) => p.place === place) ?? cell.plans[0];
  const student = desk.students.find((s) => s.id === cell.student);
  const band = desk.ratings.find((r) => r.studentId === cell.student)?.band;
  const block = fitted.blocks.find((b) => b.id === cell.block);
  const name = student ? shortName(student, desk.students) : 'A student';
  const names: DialNames = { gear: desk.cupboard, homeMade, adults: school.adults ?? [], students: desk.students, school };
  const choice = choiceFor(adaptations.choices, plan);
  const where = `${name} in ${block?.title ?? ''}`;
  const choose = (after: AdaptationChoice, what: string) => adaptations.choose(plan, after, `${what} for ${where}`);
  const use = (dials: readonly Dial[]) =>
    choose(
      dials === plan.dials ? acceptingPlan(choice, plan) : accepting(choice, dials as AdaptationChoice['accepted']),
      `use ${counted(dials.length, 'change')}`,
    );
  const stop = () => {
    // A plan of a role may come from a choice for all of the game.
    const whole = { student: plan.student, block: plan.block };
    const general = choiceFor(adaptations.choices, whole);
    adaptations.chooseAll(
      [
        { at: plan, after: accepting(choice, null) },
        ...(plan.role && general.accepted ? [{ at: whole, after: accepting(general, null) }] : []),
      ],
      `stop a plan for ${where}`,
    );
  };
  const start = clockSeconds(desk.period.start);
  const together = cell.plans.filter((p) => isChanged(p) && !p.isAccepted && !p.leaves);
  // Plans within a tenth of each other are a choice: both are shown.
  const isClose = plan.alternatives.some(
    (o) => o.keepsPurpose === plan.keepsPurpose && o.cost <= 1.1 * plan.dials.reduce((sum, d) => sum + d.cost, 0),
  );
  const spelled = ['nothing', 'this', 'these two', 'these three', 'these four', 'these five'];
  return (
    <section aria-label={where} className="flex flex-col gap-2 border-t border-ink pt-3">
      <h2 className="text-lg leading-6">
        {where}
        {titleOf(plan) ? ` · ${titleOf(plan)}` : ''}, {shortBell(bellText(start + plan.from))}–{shortBell(bellText(start + plan.until))}
      </h2>
      {cell.plans.length > 1 && (
        <div className="flex flex-wrap gap-1" role="group" aria-label={plan.role ? 'Roles' : 'Places'}>
          {cell.plans.map((p) => (
            <button
              key={p.place}
              type="button"
              aria-pressed={p === plan}
              className={`head border px-2 py-0.5 text-sm ${p === plan ? 'border-ink bg-ink text-white' : wants(p) ? 'border-caution text-caution' : isChanged(p) ? 'border-tape text-tape' : 'text-muted'}`}
              onClick={() => setPlace(p.place)}
            >
              {titleOf(p)}
            </button>
          ))}
        </div>
      )}
      {band && (
        <p className="text-muted">
          Plays as {BAND_WORDS[band]}.{' '}
          <Link className="text-tape underline" to={`/desk/${desk.period.id}/grades?block=${cell.block}`}>
            What those grades play differently
          </Link>
        </p>
      )}
      <Why plan={plan} name={student ? name : 'the student'} />
      <ul className="flex flex-col gap-1.5" aria-label="Changes">
        {plan.dials.map((dial) => (
          <DialRow
            key={dial.to}
            dial={dial}
            names={names}
            onRefuse={
              plan.isAccepted || dial.cost <= 0
                ? undefined
                : (why) => choose({ ...choice, refused: [...choice.refused, { to: dial.to, why }] }, 'refuse a change')
            }
          />
        ))}
      </ul>
      {plan.gaps.map((gap) => (
        <p key={gap.demand} className="border-l-[3px] border-stop pl-2 text-stop">
          Missing for {DEMAND_WORDS[gap.demand]}. It would take {listed(gap.needs.map(needWords), 'or')}.{' '}
          <Link className="underline" to="/cupboard">
            Open the gear closet
          </Link>
        </p>
      ))}
      {block && <GapsOnFloor {...{ plan, block, perform }} />}
      {block && <LaneOnFloor {...{ plan, cells, block, desk, perform }} wallClearanceM={limitsFor(school).wallClearanceM} />}
      <PlanFixes {...{ plan, desk, names, request }} />
      <Contested {...{ plan, cells, desk, names, adaptations, where }} />
      {plan.cautions.length > 0 && <p className="text-caution">{cautionsText(plan.cautions, names)}</p>}
      {plan.withoutAdult && <p className="text-muted">If the adult is away: {listed(plan.withoutAdult.map((d) => dialText(d, names)))}.</p>}
      <div className="flex flex-wrap gap-2">
        {plan.isAccepted ? (
          <button type="button" className="btn" onClick={stop}>
            Stop using this plan
          </button>
        ) : (
          isChanged(plan) && (
            <button type="button" className="btn btn-tape" onClick={() => use(plan.dials)}>
              Use {spelled[plan.dials.length] ?? `these ${plan.dials.length}`}
            </button>
          )
        )}
        {together.length > 1 && (
          <button
            type="button"
            className="btn"
            onClick={() =>
              adaptations.chooseAll(
                together.map((p) => ({ at: p, after: acceptingPlan(choiceFor(adaptations.choices, p), p) })),
                `use plans ${plan.role ? 'of' : 'at'} ${together.length} ${plan.role ? 'roles' : 'places'} for ${where}`,
              )
            }
          >
            {plan.role ? `Use the plans of all ${together.length} roles` : `Use the plans at all ${together.length} places`}
          </button>
        )}
        {plan.easier && (
          <button
            type="button"
            className="btn"
            title={listed(plan.easier.map((d) => dialText(d, names)))}
            onClick={() => use(plan.easier!)}
          >
            One step easier
          </button>
        )}
        {plan.harder && isChanged(plan) && (
          <button
            type="button"
            className="btn"
            title={listed(plan.harder.map((d) => dialText(d, names))) || 'as the game is'}
            onClick={() => use(plan.harder!)}
          >
            One step harder
          </button>
        )}
      </div>
      {plan.alternatives.length > 0 && (
        <details open={isClose}>
          <summary className="cursor-pointer text-tape underline">{counted(plan.alternatives.length, 'other way')}</summary>
          <ul className="mt-1 flex flex-col gap-1">
            {plan.alternatives.map((other) => (
              <li
                key={other.dials.map((d) => d.to + JSON.stringify(d.uses)).join()}
                className="flex items-center justify-between gap-2 border-b py-1"
              >
                <span>
                  {listed(other.dials.map((d) => dialText(d, names)))}
                  {!other.keepsPurpose && <span className="text-caution"> (loses part of what the game is for)</span>}
                </span>
                <button type="button" className="btn whitespace-nowrap" onClick={() => use(other.dials)}>
                  Use this way
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      {choice.refused.length > 0 && (
        <p className="text-xs text-muted">
          Refused: {listed(choice.refused.map((r) => `${dialText({ to: r.to, data: {} }, names)}${r.why ? ` (${r.why})` : ''}`))}.{' '}
          <button type="button" className="underline hover:text-ink" onClick={() => choose({ ...choice, refused: [] }, 'ask again')}>
            Offer them again
          </button>
        </p>
      )}
    </section>
  );
}

/** What the game asks beyond the student, what of it is still played, and what is lost. */
function Why({ plan, name }: { plan: PlacePlan; name: string }) {
  const isKept = (action: PlacePlan['purpose'][number]) => plan.dials.every((d) => d.keeps.includes(action));
  const lost = plan.purpose.filter((a) => !isKept(a));
  const kept = plan.purpose.filter(isKept);
  if (plan.exceeds.length === 0) return <p className="text-muted">Fits as it is: nothing here asks for more than {name} has now.</p>;
  return (
    <>
      <p className="text-muted">
        The game asks for more than {name} has now: {listed(plan.exceeds.map((d) => DEMAND_WORDS[d]))}.
        {plan.leaves
          ? ' Until that is settled, this part is not for them.'
          : kept.length > 0 && ` Still played: ${listed(kept.map((a) => ACTION_WORDS[a]))}.`}
      </p>
      {lost.length > 0 && !plan.leaves && (
        <p className="text-caution">This loses part of what the game is for: {listed(lost.map((a) => ACTION_WORDS[a]))}.</p>
      )}
    </>
  );
}
