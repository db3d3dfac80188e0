import { describe, expect, it } from 'vitest';
import type { PlayEvent } from '../../play/playRules.ts';
import { inOrder, trying } from '../play.fixture.ts';

const players = ['a', 'b', 'c', 'd', 'h'];
const hunters = [{ id: 'h', how: 'touch' }];
const plain = { players, hunters, caught: 'frozen', release: 'touch', seconds: 120 };
const { view, codes, run } = trying('chase', plain);
const caught = (who: string, by: string | string[] = 'h'): [string, object] => ['caught', { by, who }];
const by = (type: string, who: string, helper: string): [string, object] => [type, { by: helper, who }];
const of = (type: string, who: string, more: object = {}): [string, object] => [type, { who, ...more }];

describe('a chase', () => {
  it('starts with its hunters, everyone else free', () => {
    expect(view([]).places).toMatchObject({ hunter: ['h'], free: ['a', 'b', 'c', 'd'], frozen: [] });
  });

  it('scores for the hunter, counts how often one was caught, frees by the touch of one who is free', () => {
    const after = view(inOrder(caught('a'), by('freed', 'a', 'b'), caught('a')));
    expect(after).toMatchObject({ scores: { h: 2 }, turns: { a: 2, b: 0 }, places: { frozen: ['a'], free: ['b', 'c', 'd'] } });
  });

  it.each([
    ['by one who hunts not', [caught('a', 'b')]],
    ['of a hunter', [caught('h')]],
    ['of one already caught', [caught('a'), caught('a')]],
    ['of one who is safe', [of('safe', 'a'), caught('a')]],
    ['by two who are no pair', [caught('a', ['h', 'b'])]],
  ] as [string, [string, object][]][])('refuses a catch %s', (_, events) =>
    expect(codes(inOrder(...events))).toEqual([`${events.length - 1} not-allowed`]),
  );

  it('refuses a rescue by one who is caught, of one who is free, and by another than a rescuer', () => {
    expect(codes(inOrder(caught('a'), caught('b'), by('freed', 'a', 'b')))).toEqual(['2 not-allowed']);
    expect(codes(inOrder(by('freed', 'a', 'b')))).toEqual(['0 not-allowed']);
    const named = { rescuers: ['c'] };
    expect(codes(inOrder(caught('a'), by('freed', 'a', 'b'), by('freed', 'a', 'c')), named)).toEqual(['1 not-allowed']);
  });

  it('is won by the hunters if nobody is free, else by those who are', () => {
    expect(view(inOrder(caught('a'), ['end', {}]))).toMatchObject({ done: true, winners: ['b', 'c', 'd'] });
    const all = view(inOrder(...['a', 'b', 'c', 'd'].map((p) => caught(p))));
    expect(all).toMatchObject({ done: true, winners: ['h'] });
  });
});

describe('what a catch does', () => {
  it('together: both of a pair are needed, and both score', () => {
    const pair = { hunters: [{ id: 'h', how: 'together', with: 'd' }] };
    expect(view([], pair).places.hunter.sort()).toEqual(['d', 'h']);
    expect(codes(inOrder(caught('a')), pair)).toEqual(['0 not-allowed']);
    expect(view(inOrder(caught('a', ['d', 'h'])), pair).scores).toEqual({ h: 1, d: 1 });
    expect(() => run([], { hunters: [{ id: 'h', how: 'together' }] })).toThrowError('together with nobody');
  });

  it('by type: only those that a hunter catches', () => {
    const typed = { hunters: [{ id: 'h', how: 'touch', catches: ['oak'] }], types: { a: 'oak', b: 'ash' } };
    expect(codes(inOrder(caught('b'), caught('c'), caught('a')), typed)).toEqual(['0 not-allowed', '1 not-allowed']);
  });

  it('converts: the caught hunts from then on, by touch', () => {
    const after = view(inOrder(caught('a'), caught('b', 'a')), { caught: 'converts', release: 'none' });
    expect(after).toMatchObject({ scores: { h: 1, a: 1, b: 0 }, places: { hunter: ['a', 'b', 'h'], free: ['c', 'd'] } });
  });

  it('back: the caught stays in the zone it left', () => {
    const zones = { zones: ['north', 'south'], caught: 'back', release: 'none' };
    const call: [string, object] = ['call', { from: 'north', to: 'south' }];
    const after = view(inOrder(call, of('across', 'a'), caught('b')), zones);
    expect(after.places).toMatchObject({ 'zone:north': ['b', 'c', 'd'], 'zone:south': ['a'] });
    expect([after.turns.b, after.tally.crossings]).toEqual([1, 1]);
    expect(codes(inOrder(call, of('across', 'a'), of('across', 'a')), zones)).toEqual(['2 not-allowed']);
    expect(codes(inOrder(of('across', 'a')), zones), 'nothing called').toEqual(['0 not-allowed']);
  });

  it('task: done, one is free; jail and out are places', () => {
    expect(view(inOrder(caught('a'), of('taskDone', 'a')), { caught: 'task', release: 'task' }).places.free).toContain('a');
    expect(view(inOrder(caught('a')), { caught: 'jail', release: 'call' }).places.jail).toEqual(['a']);
    expect(view(inOrder(caught('a'), ['call', {}]), { caught: 'jail', release: 'call' }).places.jail).toEqual([]);
    expect(view(inOrder(caught('a')), { caught: 'out', release: 'none' }).places.out).toEqual(['a']);
  });

  it('captor: catching a hunter frees all that this hunter holds', () => {
    const all = { everyoneHunts: true, hunters: [], release: 'captor' };
    const events = inOrder(caught('b', 'a'), caught('c', 'a'), caught('d', 'h'), caught('a', 'h'));
    expect(view(events, all).places).toMatchObject({ free: ['b', 'c', 'h'], frozen: ['a', 'd'] });
  });

  it.each([
    ['both', { frozen: ['a', 'b'] }],
    ['neither', { frozen: [] }],
    ['decide', { frozen: [] }],
  ])('two in the same second, %s', (simultaneous, places) => {
    const all = { everyoneHunts: true, hunters: [], release: 'captor', simultaneous };
    const events: PlayEvent[] = [
      { at: 3, type: 'caught', by: 'a', who: 'b' },
      { at: 3, type: 'caught', by: 'b', who: 'a' },
    ];
    const after = view(events, all);
    expect(after.places).toMatchObject(places);
    expect(after.scores.a).toBe(simultaneous === 'both' ? 1 : 0);
    expect(codes([events[0], { ...events[1], at: 4 }], all), 'a second later').toEqual(['1 not-allowed']);
  });
});

describe('an escort', () => {
  const jail = { caught: 'jail', release: 'escort' };
  const underWay = [caught('a'), by('escort', 'a', 'b')];
  it('needs both home', () => {
    expect(view(inOrder(...underWay), jail).places.escort).toEqual(['a', 'b']);
    expect(view(inOrder(...underWay, by('home', 'a', 'b')), jail).places).toMatchObject({ escort: [], free: ['a', 'b', 'c', 'd'] });
    expect(codes(inOrder(...underWay, by('home', 'a', 'c')), jail)).toEqual(['2 not-allowed']);
  });
  it('that is lost jails both, or the captive alone', () => {
    expect(view(inOrder(...underWay, by('lost', 'a', 'b')), jail).places.jail).toEqual(['a', 'b']);
    const one = view(inOrder(...underWay, by('lost', 'a', 'b')), { ...jail, onlyCaptive: true });
    expect(one.places).toMatchObject({ jail: ['a'], free: ['b', 'c', 'd'] });
  });
  it('is lost when a hunter catches one of them', () => {
    expect(view(inOrder(...underWay, caught('b')), jail)).toMatchObject({ places: { jail: ['a', 'b'] }, scores: { h: 2 } });
  });
  it('is over when one of them goes', () => {
    expect(view(inOrder(...underWay, ['leave', { player: 'b' }]), jail).places).toMatchObject({ jail: ['a'], free: ['c', 'd'] });
    expect(view(inOrder(...underWay, ['leave', { player: 'a' }]), jail).places).toMatchObject({ jail: [], free: ['b', 'c', 'd'] });
  });
});

describe('safe places and the objective', () => {
  it('keeps a safe place to its capacity', () => {
    const spots = { safeSpots: [{ id: 'mill', at: { x: 1, y: 1 }, radius: 1, capacity: 1 }] };
    const events = inOrder(
      of('safe', 'a', { spot: 'mill' }),
      of('safe', 'b', { spot: 'mill' }),
      of('unsafe', 'a'),
      of('safe', 'b', { spot: 'mill' }),
    );
    expect(codes(events, spots)).toEqual(['1 not-allowed']);
    expect(codes(inOrder(of('safe', 'a', { spot: 'bell' })), spots)).toEqual(['0 unknown-id']);
  });
  it('has a carrier who drops it when caught; carried to the hunter, those free win', () => {
    const fetch = { objective: true };
    expect(view(inOrder(of('take', 'a')), fetch).places['@carrier']).toEqual(['a']);
    expect(codes(inOrder(of('take', 'a'), of('take', 'b')), fetch)).toEqual(['1 not-allowed']);
    const dropped = inOrder(of('take', 'a'), caught('a'), of('take', 'b'));
    expect(view(dropped, fetch).places['@carrier']).toEqual(['b']);
    expect(view([...dropped, { at: 9, type: 'objective', who: 'b' }], fetch)).toMatchObject({ done: true, winners: ['b', 'c', 'd'] });
    expect(codes(inOrder(of('take', 'a')))).toEqual(['0 not-allowed']);
  });
});

describe('a chase, refusals', () => {
  it.each([
    [{ type: 'caught', who: 'a' }, 'bad-field'],
    [{ type: 'caught', by: [], who: 'a' }, 'bad-field'],
    [{ type: 'caught', by: 'q', who: 'a' }, 'unknown-id'],
    [{ type: 'call', to: 'moon' }, 'unknown-id'],
    [{ type: 'call', typeCalled: 'elm' }, 'unknown-id'],
    [{ type: 'hide', who: 'a' }, 'unknown-type'],
  ])('%j: %s', (event, code) => expect(codes([{ at: 1, ...event }])).toEqual([`0 ${code}`]));

  it.each([
    [{ players: ['a', 'a'] }, 'repeated'],
    [{ rescuers: ['q'] }, 'rescuers: "q"'],
    [{ startZone: { a: 'moon' } }, 'startZone: "moon"'],
    [{ seconds: 0 }, 'seconds: 0'],
    [{ caught: 'eaten' }, 'caught: "eaten"'],
  ])('has no setup with %j', (change, message) => expect(() => run([], change)).toThrowError(message));
});
