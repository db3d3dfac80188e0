import type { Piece } from '../../model/piece.ts';
import type { BoardAction, BoardPart, BoardRow, BoardStudent, ResultRow } from '../board.ts';
import type { Playing } from '../format.ts';
import { joinedTallies } from '../joinedTallies.ts';
import { sidesIn } from './play.ts';
import type { CircleMove, CirclePlaySetup } from './setup.ts';

type Circles = readonly Playing<CirclePlaySetup>[];
type Of<M extends CirclePlaySetup['mode']> = Playing<Extract<CirclePlaySetup, { mode: M }>>;

const nameOf = (pieces: readonly Piece[], play: number) => `${pieces[play]?.title ?? ''} ${play + 1}`.trim();
const act =
  (playing: Playing<CirclePlaySetup>, play: number) =>
  (code: string, event: BoardAction['event'], more: Partial<BoardAction> = {}): BoardAction => ({
    ...{ code, play, event, enabled: !playing.view.done },
    ...more,
  });

/** Everything the teacher calls out with a move: count-in, posture, grip, objects, who moves, and the problem to solve. */
const saysOf = ({ text, countIn, steps, posture, grip, objects, call, problem }: CircleMove) => [
  { code: 'do', data: { text } },
  { code: 'how', data: { countIn, steps, posture, grip } },
  ...(objects ? [{ code: 'objects', data: { count: objects } }] : []),
  ...(call ? [{ code: 'call', data: { call } }] : []),
  ...(problem ? [{ code: 'problem', data: { text: problem.text, ideas: problem.ideas, hint: problem.hint } }] : []),
];

/** The moves one at a time, and what stayed, number by number. */
function sequenceParts(playing: Of<'sequence'>, play: number): BoardPart[] {
  const { setup, view } = playing;
  const tap = act(playing, play);
  const { step } = view.tally;
  const id = setup.moves[step];
  const next = tap('move', { type: 'move', id }, { usual: true, enabled: !view.done && id !== undefined });
  const rows = Object.entries(view.scores).map(
    ([number, value]): BoardRow => ({
      ...{ side: number, value },
      actions: [tap('stayed', { type: 'stayed', number: Number(number) })],
    }),
  );
  return [
    {
      part: 'stages',
      code: 'moves',
      stages: setup.moves.map((move, i) => ({
        title: setup.called?.[i]?.title ?? move,
        is: i < step ? ('done' as const) : i === step ? ('now' as const) : ('next' as const),
      })),
      count: Math.min(step + 1, Math.max(1, setup.moves.length)),
      of: Math.max(1, setup.moves.length),
      says: setup.called?.[step] ? saysOf(setup.called[step]) : [],
      actions: [next],
    },
    ...(rows.length ? [{ part: 'tally' as const, code: 'stayed', rows }] : []),
  ];
}

/** The chain of a small circle: who hit it, or that it fell. */
function chainParts(playing: Of<'keep-up'>, play: number, pieces: readonly Piece[]): BoardPart[] {
  const { setup, view, sheet } = playing;
  const tap = act(playing, play);
  const here = Object.entries(view.places).flatMap(([place, ids]) => (place === 'box' || place.startsWith('@') ? [] : ids));
  const people = here.map((id) => ({ value: id, player: id }));
  const row: BoardRow = {
    ...{ side: nameOf(pieces, play), group: play, value: view.tally.chain },
    note: {
      code: view.places['@centre'] ? 'best-centre' : 'best',
      data: { best: sheet['@best']?.[0] ?? 0, centre: view.places['@centre']?.[0] ?? '' },
    },
    actions: [
      tap('hit', { type: 'hit' }, { enabled: !view.done && people.length > 0, ask: { field: 'by', among: people } }),
      tap('ground', { type: 'ground' }),
      ...(setup.catching
        ? []
        : [tap('catch', { type: 'catch' }, { enabled: !view.done && people.length > 0, ask: { field: 'by', among: people } })]),
    ],
  };
  return [{ part: 'tally', code: 'chain', rows: [row] }];
}

/** Two sides at a barrier: a joint chain, or a point for one of them. */
function barrierParts(playing: Of<'barrier'>, play: number): BoardPart[] {
  const { setup, view, sheet } = playing;
  const tap = act(playing, play);
  const rows = setup.sides.map(({ id }, k): BoardRow => {
    const people = (view.places[id] ?? []).map((p) => ({ value: p, player: p }));
    const hit = tap('hit', { type: 'hit' }, { enabled: !view.done && people.length > 0, ask: { field: 'by', among: people } });
    return {
      ...{ side: id, group: 2 * play + k, value: setup.joint ? view.tally.chain : view.scores[id] },
      note: { code: 'best', data: { best: sheet['@best']?.[0] ?? 0 } },
      actions: [
        ...(setup.joint ? [] : [tap('point', { type: 'point', side: id })]),
        hit,
        ...(k ? [] : [tap('ground', { type: 'ground' })]),
      ],
    };
  });
  return [
    { part: 'tally', code: setup.joint ? 'chain' : 'points', rows, actions: [tap('ground', { type: 'ground' }, { usual: setup.joint })] },
  ];
}

/** Takers, rescuers, those who are pulled, those at the edge: one tap each; at the limit only the reset. */
function crewParts(playing: Of<'crews'>, play: number): BoardPart[] {
  const { setup, view, sheet } = playing;
  const tap = act(playing, play);
  const { taker = [], rescuer = [], pulled = [], edge = [] } = view.places;
  const isFull = taker.length >= setup.limit;
  const person = (player: string, action?: BoardAction, more: BoardAction[] = []): BoardStudent => ({
    ...{ player, value: sheet[player]?.[0] ?? 0, more },
    ...(action ? { action } : {}),
  });
  const byTurn = [...edge, ...pulled, ...taker, ...rescuer].sort((a, b) => (sheet[a]?.[0] ?? 0) - (sheet[b]?.[0] ?? 0));
  const takers = byTurn.slice(0, Math.min(setup.takers.length, setup.limit - 1));
  const rescuers = byTurn.slice(takers.length, takers.length + setup.rescuers.length);
  const rescue = (who: string) =>
    tap(
      'rescued',
      { type: 'rescued', who },
      {
        enabled: !view.done && !isFull && rescuer.length > 0,
        ask: { field: 'by', among: rescuer.map((id) => ({ value: id, player: id })) },
      },
    );
  const open = { enabled: !view.done && !isFull };
  return [
    {
      part: 'roster',
      code: 'crew',
      sections: [
        { code: 'pulled', students: pulled.map((id) => person(id, tap('gone', { type: 'gone', who: id }, open), [rescue(id)])) },
        { code: 'taker', students: taker.map((id) => person(id)) },
        { code: 'rescuer', students: rescuer.map((id) => person(id)) },
        { code: 'edge', students: edge.map((id) => person(id, tap('pull', { type: 'pulled', who: id }, open))) },
      ],
      actions: [tap('reset', { type: 'reset', takers, rescuers }, { usual: isFull })],
    },
  ];
}

/** Who leads now, and the tap that passes it on. */
function leaderParts(playing: Of<'leader'>, play: number, pieces: readonly Piece[]): BoardPart[] {
  const { setup, view } = playing;
  const [leader] = view.places['@leader'] ?? [];
  const row: BoardRow = {
    ...{ side: nameOf(pieces, play), group: play, value: view.tally.led },
    note: { code: 'leads', data: { leader: leader ?? '', seconds: setup.seconds } },
    actions: [act(playing, play)('next', { type: 'next' }, { enabled: !view.done && leader !== undefined })],
  };
  return [{ part: 'tally', code: 'led', rows: [row] }];
}

/** The parts of one circle, by its kind. */
function partsOf(playing: Playing<CirclePlaySetup>, play: number, pieces: readonly Piece[]): BoardPart[] {
  switch (playing.setup.mode) {
    case 'sequence':
      return sequenceParts(playing as Of<'sequence'>, play);
    case 'keep-up':
      return chainParts(playing as Of<'keep-up'>, play, pieces);
    case 'barrier':
      return barrierParts(playing as Of<'barrier'>, play);
    case 'crews':
      return crewParts(playing as Of<'crews'>, play);
    case 'leader':
      return leaderParts(playing as Of<'leader'>, play, pieces);
  }
}

/** What is called, counted or changed in every circle. */
export const circleBoard = (plays: Circles, pieces: readonly Piece[]): BoardPart[] =>
  joinedTallies(plays.flatMap((playing, play) => partsOf(playing, play, pieces)));

/** The best chain, the points, the leaders: of each circle or side, everyone once. */
export function circleResults(plays: Circles): { code: string; rows: ResultRow[] } {
  const mode = plays[0]?.setup.mode ?? 'sequence';
  const code =
    mode === 'keep-up' ? 'chain' : mode === 'barrier' ? 'points' : mode === 'sequence' ? 'moves' : mode === 'crews' ? 'crew' : 'led';
  const rows = plays.flatMap(({ setup, view, sheet }, play) =>
    Object.keys(view.turns).map((player): ResultRow => {
      const sides = sidesIn(setup);
      const side = Math.max(
        0,
        sides.findIndex((s) => s.members.includes(player)),
      );
      const best = sheet['@best']?.[0] ?? 0;
      const value =
        mode === 'keep-up'
          ? best
          : mode === 'barrier'
            ? view.scores[sides[side].id] || best
            : mode === 'sequence'
              ? view.tally.step
              : (view.scores[player] ?? 0);
      return { group: mode === 'barrier' ? 2 * play + side : play, members: [player], value, turns: view.turns[player] };
    }),
  );
  return { code, rows };
}
