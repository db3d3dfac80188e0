import { useQueryClient } from '@tanstack/react-query';
import { LADDER_STEPS, ladderOf, stepAfter } from '../../../core/model/school.ts';
import { LADDER_WORDS } from '../../../core/words/ladder.en.ts';
import { ShelfPage } from '../../parts/DayBar.tsx';
import { LeaveDemo } from '../../parts/DemoSchool.tsx';
import { Problem } from '../../parts/Problem.tsx';
import { SaidChoice, SaidText, SaidYes } from '../../parts/Said.tsx';
import { Sentence } from '../../parts/Sentence.tsx';
import { unitChoices, useSchool } from '../../parts/units.ts';
import { type SchoolChange, saveSchool } from '../../parts/useSaveSchool.ts';
import { useTry } from '../../parts/useTry.ts';
import { BackupsSection } from './BackupsSection.tsx';
import { FloorChangeRows } from './FloorChangeRows.tsx';
import { FloorLimitRows } from './FloorLimitRows.tsx';
import { GradeRows } from './GradeRows.tsx';
import { GuestLooks } from './GuestLooks.tsx';
import { MatchingRows } from './MatchingRows.tsx';
import { RemovedSection } from './RemovedSection.tsx';
import { SettingsPart } from './SettingsPart.tsx';
import { WholeSchool } from './WholeSchool.tsx';

/** The school's facts and figures as sentences whose values are changed in place, then its copies and what was removed. */
export function Settings() {
  const school = useSchool();
  const client = useQueryClient();
  const [problem, attempt] = useTry();
  const save = async (change: SchoolChange) => {
    await saveSchool(client, change);
    await client.invalidateQueries({ queryKey: ['desk'] });
    await client.invalidateQueries({ queryKey: ['day'] });
  };
  const field = (name: string) => {
    const after = ['first', 'second', 'later'].indexOf(name);
    if (after >= 0)
      return (
        <SaidChoice
          label={['First', 'Second', 'Third and later'][after]}
          value={stepAfter(ladderOf(school), after)}
          options={LADDER_STEPS.map((s) => [s, LADDER_WORDS[s]] as const)}
          onPick={(step) => attempt(save({ ladder: [0, 1, 2].map((k) => (k === after ? step : stepAfter(ladderOf(school), k))) }))}
        />
      );
    if (name === 'units')
      return <SaidChoice label="Lengths in" value={school.units} options={unitChoices()} onPick={(units) => attempt(save({ units }))} />;
    if (name === 'keys')
      return (
        <SaidYes
          label="Single-letter keys"
          value={school.singleKeys}
          words={['on', 'off']}
          onPick={(singleKeys) => attempt(save({ singleKeys }))}
        />
      );
    if (name === 'stop') return <SaidText label="Stop signal" value={school.stopSignal} onCommit={(stopSignal) => save({ stopSignal })} />;
    return <SaidText label="School" value={school.name} onCommit={(own) => save({ name: own })} />;
  };
  return (
    <ShelfPage>
      <div className="p-6">
        <h1 className="text-xl">Settings</h1>
        <Problem text={problem} />
        <SettingsPart title="This school">
          <Sentence text="We are {name}. Lengths are in {units}. Single-letter keys are {keys}; press ? to see them." field={field} />
          <Sentence text="Everybody stops at this signal, heard and seen, which is printed on every card: {stop}." field={field} />
        </SettingsPart>
        <SettingsPart title="What follows an offense" note="Counted for each student in one lesson. Seen on Whistle and in its log alone.">
          <Sentence text="The first time: {first}. The second time: {second}. From the third time on: {later}." field={field} />
        </SettingsPart>
        <GradeRows school={school} save={save} />
        <FloorLimitRows school={school} save={save} />
        <FloorChangeRows school={school} save={save} />
        <MatchingRows school={school} save={save} />
        <LeaveDemo />
        <RemovedSection />
        <GuestLooks />
        <BackupsSection />
        <WholeSchool />
      </div>
    </ShelfPage>
  );
}
