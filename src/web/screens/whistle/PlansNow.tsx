import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { choicesNow } from '../../../core/adapt/inUse.ts';
import type { PlanBlock } from '../../../core/live/runPlan.ts';
import { choicesAfter } from '../../../core/model/adaptation.ts';
import type { Gear } from '../../../core/model/gear.ts';
import { asRoleWords } from '../../../core/words/en.ts';
import { call } from '../../api.ts';
import { useSchool } from '../../parts/units.ts';
import { type DialNames, dialText } from '../desk/adapt/dialText.ts';
import { useStoredAdaptations } from '../desk/adapt/useAdaptations.ts';

/** "AB" of "Ada B.". */
const initials = (name: string) =>
  name
    .split(/\s+/)
    .map((part) => part.slice(0, 1))
    .join('');

/** What is in use for students in this round, for the one who runs the lesson: initials and actions, one press away; another press while an adult is away. */
export function PlansNow({
  lessonId,
  block,
  round,
  names,
}: {
  lessonId: string;
  block: PlanBlock | undefined;
  round: number;
  names: Record<string, string>;
}) {
  const school = useSchool();
  const [open, setOpen] = useState(false);
  const [away, setAway] = useState<readonly string[]>([]);
  const { data } = useStoredAdaptations(lessonId);
  const { data: gear } = useQuery({ queryKey: ['gear'], queryFn: () => call<Gear[]>('GET', '/gear'), enabled: open });
  const choices = choicesAfter(data?.log ?? []);
  const now = block ? choicesNow(choices, block, round) : [];
  if (!choices.some((c) => c.accepted?.length)) return null;
  const adults = (school.adults ?? []).filter((a) => now.some((c) => c.accepted?.some((d) => d.adultId === a.id)));
  const speak: DialNames = { gear: gear ?? [], homeMade: data?.homeMade ?? [], adults: school.adults ?? [], students: [], school };
  return (
    <section aria-label="Plans in use" className="mt-3 border-t border-white/25 pt-2">
      <button type="button" aria-expanded={open} className="head min-h-11 text-base hover:underline" onClick={() => setOpen(!open)}>
        {open ? 'Hide plans in use' : `Plans in use now: ${now.length || 'none'}`}
      </button>
      {open && (
        <ul className="flex flex-col gap-1.5 text-base text-[#dfe5ec]">
          {now.map((choice) => {
            const isAway = choice.accepted!.some((d) => d.adultId !== undefined && away.includes(d.adultId));
            // A plan of a role has the role where others have their place.
            const title = choice.title ?? asRoleWords(block?.game?.format, choice.place);
            const dials = isAway ? (choice.withoutAdult ?? []) : choice.accepted!;
            return (
              <li key={`${choice.student}|${choice.place}`}>
                <span className="head mr-2 inline-block border border-white/60 px-1.5 text-paper">
                  {initials(names[choice.student] ?? '?')}
                </span>
                {title ? `${title}: ` : ''}
                {dials.map((d) => dialText(d, speak)).join('. ') || 'No plan without the adult: rest in a role'}
              </li>
            );
          })}
        </ul>
      )}
      {open &&
        adults.map((adult) => (
          <button
            key={adult.id}
            type="button"
            aria-pressed={away.includes(adult.id)}
            className="head mt-2 mr-2 min-h-11 bg-ink-3 px-3 text-base hover:bg-[#3a4a60] aria-pressed:bg-paper aria-pressed:text-ink"
            onClick={() => setAway(away.includes(adult.id) ? away.filter((id) => id !== adult.id) : [...away, adult.id])}
          >
            {adult.name} is away
          </button>
        ))}
    </section>
  );
}
