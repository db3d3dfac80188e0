import type { AdaptCell, PlacePlan } from '../../../core/fit/adaptLesson.ts';
import { initialsOf } from '../../../core/model/names.ts';
import { bellText } from '../../../core/model/period.ts';
import type { Student } from '../../../core/model/student.ts';
import { asRoleWords } from '../../../core/words/en.ts';
import { shortBell } from '../../parts/now.ts';
import { cautionsText, type DialNames, dialText } from '../desk/adapt/dialText.ts';

export interface Task {
  cell: AdaptCell;
  plan: PlacePlan;
}

/** What plans in use ask of an adult, in the order of time. */
export const tasksOf = (cells: readonly AdaptCell[], adultId: string): Task[] =>
  cells
    .flatMap((cell) => cell.plans.map((plan) => ({ cell, plan })))
    .filter(({ plan }) => plan.isAccepted && plan.dials.some((d) => d.adultId === adultId))
    .sort((a, b) => a.plan.from - b.plan.from);

interface Props extends Task {
  /** Seconds from midnight to the bell. */
  start: number;
  student: Student | undefined;
  /** Everyone of the lesson: initials are unique among them. */
  among: readonly Student[];
  title: string | undefined;
  format: string | undefined;
  names: DialNames;
}

/** One task of an adult on paper: when, for whom by initials, what to do, what not. No support words. */
export function AdultTask({ plan, start, student, among, title, format, names }: Props) {
  const cautions = plan.cautions.filter((c) => c !== 'care-plan');
  return (
    <li className="break-inside-avoid">
      <p className="head text-base">
        {shortBell(bellText(start + plan.from))}–{shortBell(bellText(start + plan.until))} · {student ? initialsOf(student, among) : '?'} ·{' '}
        {plan.title ?? title}
        {plan.role && ` ${asRoleWords(format, plan.role)}`}
      </p>
      <p>{plan.dials.map((d) => dialText(d, names)).join('. ')}.</p>
      {cautions.length > 0 && <p className="text-caution">{cautionsText(cautions, names)}</p>}
      <p className="text-muted">
        Not: lifting, moving a hand or a leg for them, or taking over. Ask before you touch a person or a device.
      </p>
      {plan.withoutAdult && <p className="text-muted">Called away? {plan.withoutAdult.map((d) => dialText(d, names)).join('. ')}.</p>}
    </li>
  );
}
