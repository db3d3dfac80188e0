import { type FloorChangeFigures, HOUSE_FLOOR_CHANGE } from '../../../core/model/floorChangeFigures.ts';
import { floorChangeFigures } from '../../../core/model/school.ts';
import { readAboveZero } from '../../parts/readNumber.ts';
import { SaidMeasure, SaidText } from '../../parts/Said.tsx';
import { Sentence } from '../../parts/Sentence.tsx';
import { type Units, useUnits } from '../../parts/units.ts';
import { type OfSchool, SettingsPart } from './SettingsPart.tsx';

const LABELS: Record<keyof FloorChangeFigures, string> = {
  adults: 'Adults who tape and carry',
  crew: 'Students who carry (gear crew)',
  secondsPerTapeM: 'A length of tape',
  secondsPerPiece: 'A piece of gear, s',
  regroupSeconds: 'Finding new groups, s',
  mostSeconds: 'The class waits at most, s',
};
const sentences = (units: Units['units']) => [
  'Adults who tape and carry: {adults}. Students in the gear crew: {crew}.',
  `A ${units === 'm' ? 'meter' : 'foot'} of tape takes {secondsPerTapeM}, a piece of gear {secondsPerPiece} s.`,
  'New groups are found in {regroupSeconds} s. The class waits {mostSeconds} s at most.',
];

const readCrew = (text: string) => (text.trim() === '0' ? 0 : readAboveZero(text));

/** What changing the floor between two games takes, by the hands that there are. */
export function FloorChangeRows({ school, save }: OfSchool) {
  const { units } = useUnits();
  const figures = floorChangeFigures(school);
  const put = (key: string, value: number) => save((now) => ({ floorChange: { ...now.floorChange, [key]: value } }));
  const field = (name: string) => {
    const key = name as keyof FloorChangeFigures;
    const shared = { label: LABELS[key], own: figures[key] !== HOUSE_FLOOR_CHANGE[key] };
    if (key === 'secondsPerTapeM')
      return <SaidMeasure {...shared} quantity="perLength" value={figures[key]} onPut={(s) => put(key, Number(s))} />;
    return (
      <SaidText
        {...shared}
        value={String(figures[key])}
        onCommit={(text) => put(key, key === 'crew' ? readCrew(text) : readAboveZero(text))}
      />
    );
  };
  return (
    <SettingsPart
      title="Changing the floor during a lesson"
      note="Side Court defaults. The minutes are on the strip, at the start of the game that needs another floor."
      reset={{
        label: 'Reset these to defaults',
        isChanged: Object.keys(school.floorChange ?? {}).length > 0,
        onReset: () => void save(() => ({ floorChange: {} })),
      }}
    >
      {sentences(units).map((text) => (
        <Sentence key={text} {...{ text, field }} />
      ))}
    </SettingsPart>
  );
}
