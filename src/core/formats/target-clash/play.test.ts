import { describe, expect, it } from 'vitest';
import { inOrder, trying } from '../play.fixture.ts';

const sides = [
  { id: 'mills', members: ['a', 'b', 'c', 'd'], feeders: ['a', 'b'] },
  { id: 'bells', members: ['w', 'x', 'y', 'z'], feeders: ['w', 'x'] },
];
const drive = trying('target-clash', { mode: 'drive', sides });
const topple = trying('target-clash', { mode: 'topple', targets: 2, to: 2, sides: sides.map(({ feeders: _, ...s }) => s) });
const protect = trying('target-clash', { mode: 'protect', targets: 2, sides: sides.map(({ feeders: _, ...s }) => s) });
const pen = trying('target-clash', { mode: 'pen', to: 2, sides: ['n', 'e', 's'].map((id) => ({ id, members: [`${id}1`] })) });
const box = (player: string, release = 'restart'): [string, object] => ['box', { player, why: '', release }];

describe('drive', () => {
  it('scores for the side at a goal, and the feeders pass to the next two', () => {
    const view = drive.view(inOrder(['goal', { side: 'mills' }]));
    expect(view.scores).toEqual({ mills: 1, bells: 0 });
    expect(view.places).toEqual({ mills: ['a', 'b'], bells: ['w', 'x'], feeder: ['c', 'd', 'y', 'z'], guard: [] });
    expect(drive.view(inOrder(['goal', { side: 'mills' }], ['goal', { side: 'bells' }])).places.feeder).toEqual(['a', 'b', 'w', 'x']);
  });

  it('lets those back in first who waited for the restart: they may feed at once', () => {
    const events = inOrder(box('c'), ['goal', { side: 'bells' }]);
    expect(drive.view(events).places).toMatchObject({ mills: ['a', 'b'], feeder: ['c', 'd', 'y', 'z'] });
    const resting = drive.view(inOrder(box('c', 'task'), ['goal', { side: 'bells' }]));
    expect(resting.places).toMatchObject({ mills: ['b'], feeder: ['d', 'a', 'y', 'z'], box: ['c'] });
  });

  it('goes on from the last feeder though they left', () => {
    const view = drive.view(inOrder(['leave', { player: 'b' }], ['goal', { side: 'mills' }]));
    expect(view.places.feeder.slice(0, 2)).toEqual(['c', 'd']);
  });

  it('counts those in the box by side, and puts them back at the end of their own', () => {
    expect(drive.view(inOrder(box('a'), box('d'), box('z'))).tally).toEqual({ mills: 2, bells: 1 });
    expect(drive.view(inOrder(box('c'), ['release', { player: 'c' }])).places.mills).toEqual(['d', 'c']);
  });

  it('is over at the score that was set', () => {
    const to = { to: 2 };
    const goals: [string, object][] = [1, 2, 3].map(() => ['goal', { side: 'bells' }]);
    expect(drive.run(inOrder(...goals), to).view).toMatchObject({ done: true, winners: ['bells'], scores: { bells: 2 } });
    expect(drive.codes(inOrder(...goals), to)).toEqual(['2 after-end']);
  });
});

describe('topple', () => {
  it('takes a target off the row; a cleared row is a point and all rows stand again', () => {
    expect(topple.view(inOrder(['down', { side: 'mills' }])).tally).toEqual({ mills: 1, bells: 2 });
    const cleared = topple.view(inOrder(['down', { side: 'mills' }], ['down', { side: 'bells' }], ['down', { side: 'mills' }]));
    expect(cleared).toMatchObject({ scores: { mills: 1, bells: 0 }, tally: { mills: 2, bells: 2 }, done: false });
    expect(cleared.turns.z, 'a round for everyone').toBe(1);
  });
  it('stands one up again, never more than there are', () => {
    expect(topple.codes(inOrder(['up', { side: 'mills' }], ['down', { side: 'mills' }], ['up', { side: 'mills' }]))).toEqual([
      '0 not-allowed',
    ]);
  });
});

describe('protect', () => {
  it('scores what still stands, and the better row wins at the end', () => {
    const events = inOrder(['down', { side: 'mills' }], ['end']);
    expect(protect.view(events)).toMatchObject({ scores: { mills: 1, bells: 2 }, winners: ['bells'] });
    expect(protect.codes(inOrder(...[1, 2, 3].map((): [string, object] => ['down', { side: 'mills' }])))).toEqual(['2 not-allowed']);
    expect(protect.view([], { to: 1 }).done, 'what still stands ends nothing').toBe(false);
  });
  it('moves the guards on by one at a reset, and stands all rows', () => {
    const guarded = { sides: [{ ...sides[0], feeders: [], guards: ['a', 'b'] }, sides[1]].map(({ feeders: _, ...s }) => s) };
    const view = protect.view(inOrder(['down', { side: 'bells' }], ['reset'], ['reset']), guarded);
    expect(view.places.guard).toEqual(['c', 'd']);
    expect(protect.view(inOrder(['reset']), guarded).places.guard).toEqual(['b', 'c']);
    expect(view.tally.bells).toBe(2);
  });
});

describe('pen', () => {
  it('scores for who pushes through the gap of another, never through the own', () => {
    const events = inOrder(['through', { by: 'n', of: 's' }], ['through', { by: 'e', of: 'e' }]);
    expect(pen.run(events).view.scores).toEqual({ n: 1, e: 0, s: 0 });
    expect(pen.codes(events)).toEqual(['1 not-allowed']);
  });
});

describe('target clash', () => {
  it.each([
    [{ type: 'goal' }, 'bad-field'],
    [{ type: 'goal', side: 'weather' }, 'unknown-id'],
    [{ type: 'down', side: 'mills' }, 'not-allowed'],
    [{ type: 'through', by: 'mills', of: 'bells' }, 'not-allowed'],
    [{ type: 'join', player: 'q', index: 2 }, 'bad-field'],
    [{ type: 'pass', side: 'mills' }, 'unknown-type'],
  ])('in drive refuses %j', (event, code) => expect(drive.codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ sides: [sides[0], sides[0]] }, 'repeated id'],
    [{ sides: [sides[0], { id: 'q', members: ['a'] }] }, 'repeated member'],
    [{ sides: [{ ...sides[0], guards: ['w'] }, sides[1]] }, 'guards of mills: "w"'],
    [{ sides: [{ ...sides[0], guards: ['a'] }, sides[1]] }, 'guards of mills: "a"'],
    [{ sides: [sides[0]] }, 'sides'],
    [{ mode: 'swim' }, 'mode: "swim"'],
  ])('has no setup with %j', (change, message) => expect(() => drive.run([], change)).toThrowError(message));

  it('puts a latecomer into the smallest side, or the one named', () => {
    const leave: [string, object] = ['leave', { player: 'y' }];
    expect(drive.view(inOrder(leave, ['join', { player: 'q' }])).places.bells).toEqual(['z', 'q']);
    expect(drive.view(inOrder(leave, ['join', { player: 'y', index: 0 }])).places.mills).toEqual(['c', 'd', 'y']);
  });
});
