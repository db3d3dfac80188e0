import type { Rule } from '../../model/rule.ts';
import { stopLine, stopOf } from '../cardLines.ts';
import type { BlockDraft, Card, CardLine } from '../format.ts';
import { endRule, roleRule, rule, said, scoringRule, signalRules } from '../rules.ts';
import type { StationsContext } from './group.ts';
import { hostedAt, largestOf } from './hosted.ts';
import { picked } from './picked.ts';
import type { StationsValues } from './setup.ts';

type StationsDraft = Pick<BlockDraft<StationsValues>, 'pieces' | 'groups'>;

/** The card of a station that is a game of its own: what it is for, then that game's rules; signals are the same everywhere. */
function gameLines(context: StationsContext, { pieces, groups }: StationsDraft, id: string): CardLine[] {
  const { host, plan } = hostedAt(context, pieces, id, largestOf(groups))!;
  const rules = plan.rules.filter((r) => r.kind !== 'signal' && r.kind !== 'end');
  return [said('game', { text: host.aim }), ...rules.map((r) => said('game-rule', { rule: r, format: host.format })), said('game-end')];
}

/** The card that hangs at each station: what to do, what stays, how it is scored, easier and harder, what stops everyone. */
export function stationsCard(context: StationsContext, draft: StationsDraft): Card[] {
  const { values } = context;
  return picked(context).map(({ id, station, host }) => {
    if (host) return { pieceId: id, title: station.title, lines: [...gameLines(context, draft, id), ...stopLine(context)] };
    const lines: CardLine[] = [{ code: 'task', data: { text: station.task } }];
    for (const text of station.cues) lines.push({ code: 'cue', data: { text } });
    for (const g of station.gear) {
      const gearKind = values.substitutes[g.gearKind] ?? g.gearKind;
      lines.push({ code: `gear-${g.use}`, data: { ...g, gearKind } });
    }
    const sharers = values.noSharing ? 1 : (values.sharing[station.id] ?? 1);
    if (sharers > 1) lines.push({ code: 'share', data: { sharers } });
    if (values.noSharing) lines.push({ code: 'own-gear', data: {} });
    lines.push({ code: `score-${station.scoring}`, data: {} });
    if (station.pairs && values.oddTask !== 'none') lines.push({ code: `odd-${values.oddTask}`, data: {} });
    lines.push({ code: 'easier', data: { text: station.easier } }, { code: 'harder', data: { text: station.harder } });
    lines.push({ code: 'shone', data: { text: station.shone } });
    if (values.laps > 1 && values.laterLap !== 'same')
      lines.push({ code: `lap-${values.laterLap}`, data: { seconds: values.laterLapSeconds } });
    lines.push({ code: `reset-${station.resetBy}`, data: {} });
    return { pieceId: id, title: station.title, lines: [...lines, ...stopLine(context)] };
  });
}

/** What a round counts: points where groups play one another, else one's own, else nothing. */
function countsOf(scorings: readonly string[]): 'points' | 'own' | 'none' {
  if (scorings.some((s) => s === 'versus' || s === 'sides')) return 'points';
  return scorings.includes('own') ? 'own' : 'none';
}

/** Where groups begin and go, what a second time through changes, what the odd one does, what counts. */
export function stationsRuleCard(context: StationsContext): Rule[] {
  const { values } = context;
  const inUse = picked(context);
  const list = inUse.map((p) => p.station);
  const games = inUse.flatMap(({ host }, i) => (host ? [{ number: i + 1, title: host.title }] : []));
  const { laps, laterLap, laterLapSeconds, oddTask, waitingTask } = values;
  const counts = countsOf(list.map((s) => s.scoring));
  return [
    rule('aim', said('stations', { count: list.length }), ['picks']),
    rule('start', said('start')),
    ...games.map((game) => rule('in-play', said('station-is-game', game), ['picks'])),
    ...(values.noSharing ? [rule('in-play', said('own-gear'), ['noSharing'])] : []),
    ...(laps > 1 && laterLap !== 'same'
      ? [rule('in-play', said(`lap-${laterLap}`, { seconds: laterLapSeconds }), ['laterLap', 'laterLapSeconds'])]
      : []),
    ...(waitingTask ? [rule('in-play', said('waiting', { text: waitingTask }), ['waitingTask'])] : []),
    ...(oddTask !== 'none' && list.some((s) => s.pairs) ? [roleRule('odd', said(`odd-${oddTask}`), ['oddTask'])] : []),
    scoringRule(counts, said(`counts-${counts}`), ['picks']),
    endRule('rounds', said('end-rounds', { laps }), ['laps', 'picks']),
    ...signalRules(stopOf(context), { moves: true, reset: values.resetSeconds > 0 }),
  ];
}
