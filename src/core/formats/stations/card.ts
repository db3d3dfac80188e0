import type { Card, CardLine } from '../format.ts';
import type { StationsContext } from './group.ts';
import { picked } from './layout.ts';

/** The card that hangs at each station: what to do, what stays, how it is scored, easier and harder, what stops everyone. */
export function stationsCard(context: StationsContext): Card[] {
  const { values, stopSignal } = context;
  return picked(context).map(({ id, station }) => {
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
    const stop = values.stopSignal || stopSignal;
    if (stop) lines.push({ code: 'stop', data: { text: stop } });
    return { pieceId: id, title: station.title, lines };
  });
}
