import type { Edit } from '../../model/edit.ts';
import type { BlockDraft, BlockIdeas } from '../format.ts';
import { fewerThan, groupCount, idea, setting } from '../ideas.ts';
import type { LaneIdea } from './codes.ts';
import { laneGear } from './gear.ts';
import { type LaneContext, lanesOfGear } from './group.ts';
import type { SkillLaneValues } from './setup.ts';

type LaneDraft = BlockDraft<SkillLaneValues>;

/** One to four lanes fewer, then as many as there is gear for. */
export function fewerLanes(context: LaneContext, now: number): LaneIdea[] {
  return fewerThan(now, lanesOfGear(context)).map((count) => idea('lanes', { count }, ...groupCount(context, count)));
}

/** Lanes that take less floor: narrower, closer together, a step that is played nearer; each alone, then all at once. */
export function smallerLanes(context: LaneContext): LaneIdea[] {
  const { laneM, gapM, step } = context.values;
  const narrow = laneM > 1.2 ? [setting(context, 'laneM', 1.2)] : [];
  const close = gapM > 0.2 ? [setting(context, 'gapM', 0.2)] : [];
  const near = step > 1 ? [setting(context, 'step', 1)] : [];
  return [
    ...(narrow.length ? [idea('narrow-lanes', { spacingM: 1.2 }, ...narrow)] : []),
    ...(close.length ? [idea('close-lanes', { gapM: 0.2 }, ...close)] : []),
    ...(near.length ? [idea('first-step', { title: context.setup.ladder[0].title }, ...near)] : []),
    ...(narrow.length + close.length + near.length > 1 ? [idea('small-lanes', { spacingM: 1.2 }, ...narrow, ...close, ...near)] : []),
  ];
}

/** What the whole lesson may ask of skill lanes: time by fewer or more turns, gear by fewer lanes. */
export function laneIdeas(context: LaneContext, draft: LaneDraft): BlockIdeas<LaneIdea> {
  const { turnsEach, rehearseSeconds, walkSeconds, workSeconds, perLane, step } = context.values;
  const now = draft.groups.length;
  const turns = (count: number, ...more: Edit[]) => idea('turns-each', { count }, setting(context, 'turnsEach', count), ...more);
  const shorter: LaneIdea[] = [];
  if (walkSeconds + rehearseSeconds > 0)
    shorter.push(
      idea(
        'skip-rehearsal',
        { seconds: walkSeconds + rehearseSeconds },
        setting(context, 'walkSeconds', 0),
        setting(context, 'rehearseSeconds', 0),
      ),
    );
  if (workSeconds !== undefined) shorter.push(idea('automatic-length', {}, setting(context, 'workSeconds', null)));
  for (let fewer = turnsEach - 1; fewer >= 1; fewer--)
    shorter.push(turns(fewer, setting(context, 'walkSeconds', 0), setting(context, 'rehearseSeconds', 0)));
  const kinds = new Set(laneGear(context, draft).map((n) => n.gearKind));
  return {
    shorter,
    longer: turnsEach < 6 ? [turns(turnsEach + 1)] : [],
    gear: Object.fromEntries([...kinds].map((kind) => [kind, fewerLanes(context, now)])),
    choices: [
      [1, 2, 3]
        .filter((k) => k !== perLane)
        .map((k) => idea('per-lane', { count: k }, setting(context, 'perLane', k), setting(context, 'groups', null))),
      [1, 2, 3, 4].filter((k) => k !== turnsEach).map((k) => turns(k)),
      context.setup.ladder.flatMap((s, i) =>
        i + 1 === step ? [] : [idea('begin-at', { title: s.title }, setting(context, 'step', i + 1))],
      ),
    ],
    waitingTask: context.values.waitingTask,
  };
}
