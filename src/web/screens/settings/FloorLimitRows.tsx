import { type FloorLimits, HOUSE_FLOOR_LIMITS } from '../../../core/model/limits.ts';
import { limitsFor } from '../../../core/model/school.ts';
import { readAboveZero } from '../../parts/readNumber.ts';
import { SaidLength, SaidMeasure, SaidText } from '../../parts/Said.tsx';
import { Sentence } from '../../parts/Sentence.tsx';
import { type OfSchool, SettingsPart } from './SettingsPart.tsx';

const LABELS: Record<keyof FloorLimits, string> = {
  wallClearanceM: 'From walls where nobody runs',
  leastRunOutM: 'Run-out, at the very least',
  leastStartM: 'From a start to what is grabbed, at least',
  behindSwingM: 'Waiting line from a long swinging implement',
  routeM: 'Way for a wheelchair or walker, clear width',
  playRouteM: 'The same in play',
  seenOverM: 'Seen over, up to',
  loftM: 'What is lofted rises to',
  closingSpeedMs: 'Two students may run at each other at',
  mostAtOnce: 'Dash for one object, at most',
};
const SENTENCES = [
  'Places keep {wallClearanceM} from walls where nobody runs; where students run, the run-out is never under {leastRunOutM}.',
  'From a start to what is grabbed it is at least {leastStartM}, and no more than {mostAtOnce} dash for one object.',
  'Two students may run at each other at {closingSpeedMs} together.',
  'A waiting line stands {behindSwingM} behind a long implement that swings.',
  'A way for a wheelchair or a walker is {routeM} wide, and {playRouteM} in play.',
  'You see over what is up to {seenOverM} high. What is lofted rises to {loftM}.',
];

/** Limits of the floor for all bands, each the house's own until it is changed. */
export function FloorLimitRows({ school, save }: OfSchool) {
  const limits = limitsFor(school);
  const put = (key: string, value: number) => save((now) => ({ limits: { ...now.limits, [key]: value } }));
  const field = (name: string) => {
    const key = name as keyof FloorLimits;
    const shared = { label: LABELS[key], own: limits[key] !== HOUSE_FLOOR_LIMITS[key] };
    const { [key]: value } = limits;
    if (key === 'mostAtOnce') return <SaidText {...shared} value={String(value)} onCommit={(text) => put(key, readAboveZero(text))} />;
    if (key === 'closingSpeedMs')
      return <SaidMeasure {...shared} quantity="speed" value={value} onPut={(speed) => put(key, Number(speed))} />;
    return <SaidLength {...shared} value={value} onPut={(metres) => put(key, metres)} />;
  };
  return (
    <SettingsPart
      title="Limits of the floor"
      note="Side Court defaults. Widths of routes are an older published building-access minimum, newer ones are larger and local code decides."
      reset={{
        label: 'Reset limits to defaults',
        isChanged: Object.keys(school.limits ?? {}).length > 0,
        onReset: () => void save(() => ({ limits: {} })),
      }}
    >
      {SENTENCES.map((text) => (
        <Sentence key={text} {...{ text, field }} />
      ))}
    </SettingsPart>
  );
}
