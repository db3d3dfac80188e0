import { COSTS, figuresFor, HOUSE_FIGURES } from '../../../core/adapt/figures.ts';
import type { Quantity } from '../../../core/formats/measures.ts';
import { type AdaptFigures, CHANGED_TIERS } from '../../../core/model/adaptFigures.ts';
import { ladderFiguresOf } from '../../../core/model/school.ts';
import { LADDER_FIGURES, type LadderFigures } from '../../../core/model/skillLadder.ts';
import { COST_TIER_WORDS } from '../../../core/words/adapt.en.ts';
import { readNumber } from '../../parts/readNumber.ts';
import { SaidLength, SaidMeasure, SaidText } from '../../parts/Said.tsx';
import { Sentence } from '../../parts/Sentence.tsx';
import { type OfSchool, SettingsPart } from './SettingsPart.tsx';

type Figure = Exclude<keyof AdaptFigures, 'costs'>;
type What = 'length' | 'number' | Quantity;
const FIGURES: Record<Figure, [label: string, what: What]> = {
  laneWidthM: ['Own lane, wide', 'length'],
  laneLengthM: ['Own lane, long', 'length'],
  besideWheelsM: ['Gap for wheels: own width and', 'length'],
  frameM: ['Frame: wider than the chair by', 'length'],
  narrowFaceM: ['A face is narrow under', 'length'],
  objectPerFace: ['Object for a narrow face, × as wide', 'number'],
  lightFaceG: ['A face is light under', 'mass'],
  lightObjectG: ['Object for a light face, at most', 'mass'],
  contrast: ['Contrast in lightness (of 100)', 'number'],
  mouthMm: ['What may get into a mouth, at least', 'thickness'],
  floorPerPlayer: ['Floor each that others need', 'area'],
  implementG: ['Implement at a grip or swing of 1–2, at most', 'mass'],
  gripMm: ['Grip, thick', 'thickness'],
  underWheelM: ['No loose objects beside wheels, across', 'width'],
};
const SENTENCES = [
  'An own lane is {laneWidthM} wide and {laneLengthM} long. Others need {floorPerPlayer} of floor each.',
  'A gap for wheels is as wide as the wheels and {besideWheelsM} more; a frame is {frameM} wider than the chair. Loose objects of {underWheelM} across are kept from wheels.',
  'A face is narrow under {narrowFaceM}: the object is then {objectPerFace} times as wide. A face is light under {lightFaceG}: the object is then {lightObjectG} at most.',
  'With a weak grip or swing an implement weighs {implementG} at most, and a thick grip is {gripMm}.',
  'An object stands out from the floor by {contrast} of 100 in lightness. What may get into a mouth is at least {mouthMm}.',
];
const LADDER: Record<keyof LadderFigures, string> = {
  tries: 'Tries before a step is suggested',
  days: 'On days, at least',
  upPercent: 'Harder from (% made)',
  downPercent: 'Easier at (% made)',
};

/** Figures and order of cost that Fit for all works with, and when a step of a ladder is suggested; each the usual one until it is changed. */
export function MatchingRows({ school, save }: OfSchool) {
  const figures = figuresFor(school);
  const ladder = ladderFiguresOf(school);
  const put = (key: string, value: number | [number, number]) => save((now) => ({ adaptFigures: { ...now.adaptFigures, [key]: value } }));
  const isChanged = [school.adaptFigures, school.adaptCosts, school.ladderFigures].some((own) => Object.keys(own ?? {}).length > 0);
  const figure = (name: string) => {
    const key = name as Figure;
    const [label, what] = FIGURES[key];
    const value = figures[key];
    const shared = { label, own: String(value) !== String(HOUSE_FIGURES[key]) };
    if (what === 'length') return <SaidLength {...shared} value={Number(value)} onPut={(metres) => put(key, metres)} />;
    if (what !== 'number') return <SaidMeasure {...shared} quantity={what} value={value} onPut={(v) => put(key, v)} />;
    return <SaidText {...shared} value={String(value)} onCommit={(text) => put(key, readNumber(text))} />;
  };
  const cost = (name: string) => {
    const tier = CHANGED_TIERS.find((t) => t === name)!;
    return (
      <SaidText
        label={COST_TIER_WORDS[tier]}
        own={figures.costs[tier] !== COSTS[tier]}
        value={String(figures.costs[tier])}
        onCommit={(text) => save((now) => ({ adaptCosts: { ...now.adaptCosts, [tier]: readNumber(text) } }))}
      />
    );
  };
  const step = (name: string) => {
    const key = name as keyof LadderFigures;
    return (
      <SaidText
        label={LADDER[key]}
        own={ladder[key] !== LADDER_FIGURES[key]}
        value={String(ladder[key])}
        onCommit={(text) => save((now) => ({ ladderFigures: { ...ladderFiguresOf(now), [key]: readNumber(text) } }))}
      />
    );
  };
  return (
    <SettingsPart
      title="Fit for all"
      note="Side Court defaults, no standard sets them. The student, the team, and licensed practice decide. Limits are not among them: nothing lifts a limit."
      reset={{
        label: 'Reset Fit for all to defaults',
        isChanged,
        onReset: () => void save(() => ({ adaptFigures: {}, adaptCosts: {}, ladderFigures: undefined })),
      }}
    >
      {SENTENCES.map((text) => (
        <Sentence key={text} {...{ text }} field={figure} />
      ))}
      <h3 className="mt-2 text-base">The smallest change comes first</h3>
      <Sentence
        text={`What a change costs: ${CHANGED_TIERS.map((t) => `${COST_TIER_WORDS[t].toLowerCase()} {${t}}`).join(', ')}.`}
        field={cost}
      />
      <h3 className="mt-2 text-base">Steps of ladders</h3>
      <Sentence
        text="After {tries} tries on at least {days} days a step is suggested: a harder one from {upPercent}% made, an easier one at {downPercent}% or less."
        field={step}
      />
    </SettingsPart>
  );
}
