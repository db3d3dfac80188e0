import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { AIMS, type Aim, type Regrouping, type RegroupRequest } from '../../../core/groups/regroup.ts';
import { AIM_WORDS } from '../../../core/words/groups.en.ts';
import { Popup } from '../../parts/Popup.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { fitting } from '../../worker/useFit.ts';

interface Props {
  request: Omit<RegroupRequest, 'aim'>;
  onDeal(found: Regrouping, aim: Aim): void;
}

/** Deal again, for an aim: what each would come to is worked out before one is chosen. */
export function DealAgain({ request, onDeal }: Props) {
  const [open, setOpen] = useState(false);
  const { data: found, error } = useQuery({
    queryKey: ['regroupings', request],
    queryFn: () => fitting().regroupings(request),
    enabled: open,
    staleTime: Number.POSITIVE_INFINITY,
    gcTime: 0,
  });
  return (
    <Popup
      trigger={
        <button type="button" className="btn">
          Make groups again …
        </button>
      }
      label="Make the groups again"
      open={open}
      onOpenChange={setOpen}
      className="w-[30rem] p-3"
    >
      <table className="w-full border-collapse">
        <caption className="mb-1 text-left text-xs text-muted">{request.count} groups. Locked students stay. Pairings come first.</caption>
        <thead>
          <tr className="border-b border-ink text-right text-xs text-muted">
            <th scope="col" className="py-1 text-left font-normal">
              Make groups for
            </th>
            <th scope="col" className="w-16 font-normal">
              spread
            </th>
            <th scope="col" className="w-20 font-normal">
              meet again
            </th>
            <th scope="col" className="w-20 font-normal">
              change group
            </th>
          </tr>
        </thead>
        <tbody>
          {AIMS.map((aim) => {
            const each = found?.[aim];
            return (
              <tr key={aim} className="border-b text-right align-top">
                <th scope="row" className="py-1 text-left font-normal">
                  <button
                    type="button"
                    className="btn w-full text-left disabled:opacity-60"
                    disabled={!each}
                    onClick={() => {
                      if (!each) return;
                      setOpen(false);
                      onDeal(each, aim);
                    }}
                  >
                    {AIM_WORDS[aim].name}
                  </button>
                  <span className="block px-1 text-xs text-muted">
                    {AIM_WORDS[aim].what}
                    {each && each.broken > 0 && (
                      <span className="text-stop">
                        {' '}
                        {each.broken} {each.broken === 1 ? 'pairing does' : 'pairings do'} not hold.
                      </span>
                    )}
                  </span>
                </th>
                <td className="head py-2">{each ? each.spread.toFixed(2) : '…'}</td>
                <td className="head py-2">{each ? each.again : '…'}</td>
                <td className="head py-2">{each ? each.moved.length : '…'}</td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <Problem text={error ? `Could not make groups: ${error.message}` : ''} />
      <p className="mt-1 text-xs text-muted">
        Spread: how far the groups' average ratings are apart. Private, as ratings are. Press one again for other groups of the same kind.
      </p>
    </Popup>
  );
}
