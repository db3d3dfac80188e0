import { ChevronLeft, ChevronRight } from 'lucide-react';
import { Link, useNavigate } from 'react-router';
import { addDays } from '../../../core/model/day.ts';
import { longDate } from '../../parts/now.ts';

const addressOf = (date: string, today: string) => (date === today ? '/' : `/day/${date}`);

/** The day that is shown, stepped and typed. */
export function DayStepper({ date, today }: { date: string; today: string }) {
  const navigate = useNavigate();
  const step = (to: string, label: string, icon: React.ReactNode) => (
    <Link to={addressOf(to, today)} aria-label={label} className="flex h-9 w-8 items-center justify-center hover:bg-tint">
      {icon}
    </Link>
  );
  return (
    <span className="flex items-center gap-1">
      {step(addDays(date, -1), 'The day before', <ChevronLeft size={18} aria-hidden="true" />)}
      <input
        type="date"
        aria-label={`Day: ${longDate(date)}`}
        className="field w-36"
        value={date}
        onChange={(e) => e.target.value && navigate(addressOf(e.target.value, today))}
      />
      {step(addDays(date, 1), 'The day after', <ChevronRight size={18} aria-hidden="true" />)}
      {date !== today && (
        <Link to="/" className="btn">
          Today
        </Link>
      )}
      <Link to={`/week/${date}`} className="btn">
        Week
      </Link>
    </span>
  );
}
