import { distance } from '../geometry/point.ts';
import { changedGroup } from '../groups/groupMeasures.ts';
import { type Finding, findingKey } from '../model/finding.ts';
import { meetingPoint } from '../model/shape.ts';
import type { FittedBlock, FittedLesson } from './fitted.ts';

/** One thing that is otherwise; `code` is worded in words/whatIf.en.ts. */
export interface Difference {
  code:
    | 'playing'
    | 'bell'
    | 'groups'
    | 'group-size'
    | 'change-group'
    | 'places'
    | 'places-moved'
    | 'rounds'
    | 'bout'
    | 'block-seconds'
    | 'on-task'
    | 'turns'
    | 'wait'
    | 'gear-short';
  /** Title of the block it is about; empty for the whole lesson. */
  block: string;
  from: number;
  to: number;
  /** Where from–to is a range: the upper ends. */
  most?: { from: number; to: number };
}
export interface FitDiff {
  changes: Difference[];
  /** Findings, notes left out, that come with it. */
  fails: Finding[];
  /** Those that go. */
  mended: Finding[];
}

/** Metres under which a place is where it was. */
const SAME_M = 0.1;

function blockChanges(before: FittedBlock, after: FittedBlock): Difference[] {
  const block = after.title;
  const found: Difference[] = [];
  const add = (code: Difference['code'], from: number, to: number, most?: Difference['most']) => {
    if (from !== to || (most && most.from !== most.to)) found.push({ code, block, from, to, ...(most && { most }) });
  };
  const [a, b] = [before.game, after.game];
  if (a && b) {
    const sizes = (groups: string[][]) => groups.map((g) => g.length);
    const least = (groups: string[][]) => Math.min(...sizes(groups), 99);
    const most = (groups: string[][]) => Math.max(...sizes(groups), 0);
    add('groups', a.groups.length, b.groups.length);
    add('group-size', least(a.groups), least(b.groups), { from: most(a.groups), to: most(b.groups) });
    add('change-group', 0, changedGroup(a.groups, b.groups).length);
    add('places', a.pieces.length, b.pieces.length);
    const stood = new Map(a.pieces.map((p) => [p.id, meetingPoint(p.shape)]));
    add('places-moved', 0, b.pieces.filter((p) => stood.has(p.id) && distance(stood.get(p.id)!, meetingPoint(p.shape)) > SAME_M).length);
    add('rounds', a.timeline.bouts.length, b.timeline.bouts.length);
    add('bout', a.timeline.workSeconds, b.timeline.workSeconds);
  }
  add('block-seconds', before.seconds, after.seconds);
  return found;
}

/** What is otherwise in one fitted lesson than in another of the same blocks, and what fails or is mended by it. */
export function fitDiff(before: FittedLesson, after: FittedLesson): FitDiff {
  const changes: Difference[] = [];
  const add = (code: Difference['code'], from: number, to: number) => {
    if (from !== to) changes.push({ code, block: '', from, to });
  };
  add('playing', before.people.playing.length, after.people.playing.length);
  add('bell', before.periodSeconds, after.periodSeconds);
  for (const block of after.blocks) {
    const same = before.blocks.find((b) => b.id === block.id);
    if (same) changes.push(...blockChanges(same, block));
  }
  const [n, m] = [before.numbers, after.numbers];
  add('on-task', Math.round(n.timeOnTask * 100), Math.round(m.timeOnTask * 100));
  add('turns', Math.round(n.turns), Math.round(m.turns));
  add('wait', Math.round(n.longestWaitSeconds), Math.round(m.longestWaitSeconds));
  add('gear-short', n.gearShort, m.gearShort);
  const open = (list: readonly Finding[]) => list.filter((f) => f.weight !== 'note');
  const keys = (list: readonly Finding[]) => new Set(list.map(findingKey));
  const [had, has] = [keys(before.findings), keys(after.findings)];
  return {
    changes,
    fails: open(after.findings).filter((f) => !had.has(findingKey(f))),
    mended: open(before.findings).filter((f) => !has.has(findingKey(f))),
  };
}
