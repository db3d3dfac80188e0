import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { type AdaptFix, wantsFix } from '../../../../core/fit/adaptFixes.ts';
import type { AdaptInput, PlacePlan } from '../../../../core/fit/adaptLesson.ts';
import { counted } from '../../../../core/formats/speak.ts';
import type { Gear } from '../../../../core/model/gear.ts';
import type { Period } from '../../../../core/model/period.ts';
import { call, type Desk, problemWords } from '../../../api.ts';
import { Problem } from '../../../parts/Problem.tsx';
import { saveRecord } from '../../../parts/saveRecord.ts';
import { useSchool } from '../../../parts/units.ts';
import { dayFitting } from '../../../worker/useFit.ts';
import type { DialNames } from './dialText.ts';

interface Props {
  plan: PlacePlan;
  desk: Desk;
  names: DialNames;
  request: AdaptInput | null;
}

const BRINGS: Record<AdaptFix['brings'][number], string> = {
  gap: 'nothing is missing for this any more',
  purpose: 'the game keeps what it is for',
  conflict: 'there is enough for both',
};

/** What a fix changes, as it was worked out. */
function changeWords({ brings, gaps: [before, after] }: AdaptFix): string {
  const whole = after < before ? `, ${before} → ${counted(after, 'gap')} in this lesson` : '';
  return `${brings.map((b) => BRINGS[b]).join(', ')}${whole}`;
}

/** Fixes of a plan that misses something, worked out one after the other while it is open; each is taken with one press. */
export function PlanFixes({ plan, desk, names, request }: Props) {
  const client = useQueryClient();
  const [found, setFound] = useState<{ of: AdaptInput; fixes: AdaptFix[] } | null>(null);
  const [problem, setProblem] = useState('');
  const [done, setDone] = useState('');
  const isWanted = wantsFix(plan);
  const { student, block, place } = plan;
  const { adults } = useSchool();
  useEffect(() => {
    if (!request || !isWanted) return;
    let dropped = false;
    const others = (adults ?? []).filter((a) => !request.adults.some((here) => here.id === a.id)).map(({ id, can }) => ({ id, can }));
    const at = { student, block, ...(place === undefined ? {} : { place }) };
    // Not the worker of the desk: an edit's own fit does not wait behind the fixes.
    dayFitting()
      .adaptFixes({ input: request, at, others })
      .then(
        (fixes) => !dropped && setFound({ of: request, fixes }),
        (error: unknown) => !dropped && setProblem(problemWords(error)),
      );
    return () => {
      dropped = true;
    };
  }, [request, isWanted, student, block, place, adults]);
  if (!isWanted || !request) return null;
  if (found?.of !== request) return <p className="text-muted">Looking for fixes …</p>;
  const take = async (fix: AdaptFix) => {
    try {
      if (fix.fix === 'add-adult') {
        await saveRecord<Period>(`/periods/${desk.period.id}`, desk.period, { adults: [...(desk.period.adults ?? []), fix.adultId] });
        await client.invalidateQueries({ queryKey: ['desk'] });
      } else {
        await wishFor(fix, desk.cupboard);
        await client.invalidateQueries({ queryKey: ['gear'] });
        setDone('It is on the wish list of the gear closet.');
      }
      setProblem('');
    } catch (error) {
      setProblem(problemWords(error));
    }
  };
  return (
    <>
      {found.fixes.length > 0 && (
        <ul aria-label="Fixes" className="flex flex-col gap-1.5">
          {found.fixes.map((fix) => (
            <li key={JSON.stringify(fix)} className="flex items-center gap-3">
              <button type="button" className="btn shrink-0" onClick={() => void take(fix)}>
                {fixWords(fix, names)}
              </button>
              <span className="text-muted">{changeWords(fix)}</span>
            </li>
          ))}
        </ul>
      )}
      {done && <p role="status">{done}</p>}
      <Problem text={problem} />
    </>
  );
}

function fixWords(fix: AdaptFix, { gear, adults, homeMade }: DialNames): string {
  if (fix.fix === 'add-adult') return `Add ${adults.find((a) => a.id === fix.adultId)?.name ?? 'an adult'} to this lesson`;
  if (fix.fix === 'one-more') return `Wish for one more ${gear.find((g) => g.id === fix.gearId)?.name ?? 'of it'}`;
  const made = homeMade.find((t) => t.id === fix.homeMade)?.title;
  return made ? `Wish for a ${fix.gearKind}, to make a ${made}` : `Wish for a ${fix.gearKind}`;
}

/** Puts one more on the wish list: of an item that is there, else as a line with none of it. */
async function wishFor(fix: Exclude<AdaptFix, { fix: 'add-adult' }>, gear: readonly Gear[]): Promise<void> {
  const item = gear.find((g) => (fix.fix === 'one-more' ? g.id === fix.gearId : g.gearKind === fix.gearKind));
  const wanted = { count: (item?.wanted?.count ?? 0) + 1, costCents: item?.wanted?.costCents ?? 0 };
  if (item) await saveRecord<Gear>(`/gear/${item.id}`, item, { wanted });
  else if (fix.fix === 'get-gear') await call('POST', '/gear', { name: fix.gearKind, gearKind: fix.gearKind, count: 0, place: '', wanted });
}
