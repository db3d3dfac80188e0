import { useState } from 'react';
import type { CareAlert } from '../../../core/fit/guestView.ts';
import { capital } from '../../../core/formats/speak.ts';
import { CARE_WORDS } from '../../../core/words/guest.en.ts';
import { call, problemWords } from '../../api.ts';

/** Care alerts by initials, behind one press that is written down. */
export function CareAlerts({ periodId, has }: { periodId: string; has: boolean }) {
  const [alerts, setAlerts] = useState<CareAlert[] | null>(null);
  const [problem, setProblem] = useState('');
  if (!has) return null;
  const open = () =>
    void call<{ alerts: CareAlert[] }>('POST', `/guest/${periodId}/alerts`, {})
      .then((answer) => {
        setAlerts(answer.alerts);
        setProblem('');
      })
      .catch((error) => setProblem(problemWords(error)));
  return (
    <section className="mt-3 border-[1.5px] border-stop px-4 py-2" aria-label="Care alerts">
      {/* Private: whatever is shown on the screen, paper says only that there is something to ask for. */}
      <p className="hidden print:block">There are care alerts for this class. Ask the office, or open them on the screen.</p>
      <div className="print:hidden">
        {alerts ? (
          <>
            <div className="flex flex-wrap items-center justify-between gap-3">
              <h2 className="text-lg">Care alerts</h2>
              <button type="button" className="btn" onClick={() => setAlerts(null)}>
                Hide care alerts
              </button>
            </div>
            <ul className="mt-1">
              {alerts.map(({ initials, kinds }) => (
                <li key={initials} className="border-t py-1.5">
                  <span className="head text-lg">{initials}</span>
                  {kinds.map((kind) => (
                    <span key={kind} className="block">
                      {capital(CARE_WORDS[kind])}.
                    </span>
                  ))}
                </li>
              ))}
            </ul>
          </>
        ) : (
          <div className="flex flex-wrap items-center gap-3">
            <button type="button" className="btn min-h-11" onClick={open}>
              Show care alerts
            </button>
            <span className="text-muted">For the adult in charge only. The teacher sees that they were opened.</span>
          </div>
        )}
        {problem && (
          <p role="alert" className="text-stop">
            {problem}
          </p>
        )}
      </div>
    </section>
  );
}
