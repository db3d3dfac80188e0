import { useState } from 'react';
import { PACE_M } from '../../../core/arrange/paced.ts';
import { TAPE_M } from '../../../core/arrange/setOut.ts';
import { SET_OUT_RATES, type SetOutList, type SetOutRates } from '../../../core/arrange/setOutList.ts';
import { counted } from '../../../core/formats/speak.ts';
import type { GearLine } from '../../../core/gear/cover.ts';
import { kindOfLaid } from '../../../core/gear/laidNeeds.ts';
import type { Gear } from '../../../core/model/gear.ts';
import { LAID_FACTS, type LaidPiece } from '../../../core/model/laidPiece.ts';
import { LAID_WORDS } from '../../../core/words/floor.en.ts';
import { CommitField } from '../../parts/CommitField.tsx';
import type { Units } from '../../parts/units.ts';

export interface TapeSettings {
  tapeM: number;
  /** Metres of one pace. */
  paceM: number;
  setPace(metres: number): void;
  rates: SetOutRates;
  setTape(metres: number): void;
  setRate(key: keyof SetOutRates, value: number): void;
}

const KEY = 'side-court-tape';
/** Tape length and rates of this computer's user: kept in this browser, house figures where nothing is kept. */
export function useTapeSettings(): TapeSettings {
  const [kept, setKept] = useState<{ tapeM: number; paceM: number; rates: SetOutRates }>(() => {
    const usual = { tapeM: TAPE_M, paceM: PACE_M, rates: SET_OUT_RATES };
    try {
      const stored = JSON.parse(localStorage.getItem(KEY) ?? '{}') as Partial<typeof usual>;
      const good = (v: unknown) => typeof v === 'number' && Number.isFinite(v) && v > 0;
      const rates = Object.entries(stored.rates ?? {}).filter(([key, v]) => key in SET_OUT_RATES && good(v));
      const paceM = good(stored.paceM) ? stored.paceM! : PACE_M;
      return { tapeM: good(stored.tapeM) ? stored.tapeM! : TAPE_M, paceM, rates: { ...SET_OUT_RATES, ...Object.fromEntries(rates) } };
    } catch {
      return usual;
    }
  });
  const keep = (next: typeof kept) => {
    localStorage.setItem(KEY, JSON.stringify(next));
    setKept(next);
  };
  return {
    ...kept,
    setTape: (tapeM) => keep({ ...kept, tapeM }),
    setPace: (paceM) => keep({ ...kept, paceM }),
    setRate: (key, value) => keep({ ...kept, rates: { ...kept.rates, [key]: value } }),
  };
}

/** What is put down, not taped, by colour and kind: "6 orange cones"; a gate counts as its two cones. */
function laidCounts(laid: readonly LaidPiece[]): string[] {
  const counts = new Map<string, number>();
  for (const piece of laid.filter((p) => LAID_FACTS[p.laid].layer === 'gear' || (LAID_FACTS[p.laid].round && p.laid === 'spot'))) {
    const kind = LAID_WORDS[piece.laid === 'gate' ? 'cone' : piece.laid];
    const name = piece.colour ? `${piece.colour} ${kind}` : kind;
    counts.set(name, (counts.get(name) ?? 0) + (piece.laid === 'gate' ? 2 : 1));
  }
  return [...counts].map(([name, count]) => counted(count, name));
}

/** Gear beside what is laid: that is a line of gear as well, and would be counted twice. */
function gearCounts(gear: readonly GearLine[], laid: readonly LaidPiece[], cupboard: readonly Gear[]): string[] {
  const onFloor = new Map<string, number>();
  for (const piece of laid) {
    const made = kindOfLaid(piece.laid, cupboard);
    if (made) onFloor.set(made.gearKind, (onFloor.get(made.gearKind) ?? 0) + made.each);
  }
  return gear.flatMap(({ gearKind, need, have }) => {
    const rest = Math.min(need, have) - (onFloor.get(gearKind) ?? 0);
    return rest > 0 ? [counted(rest, gearKind)] : [];
  });
}

export const minutes = (seconds: number) => `${Math.max(1, Math.ceil(seconds / 60))} min`;
function within(text: string, least: number, most: number): number {
  const value = Number(text.trim().replace(',', '.'));
  if (!text.trim() || !Number.isFinite(value) || value < least || value > most) throw new Error(`Write a number from ${least} to ${most}.`);
  return value;
}

/** Tape, minutes, gear to put down; and the figures that they are counted by, to be changed. */
export function SetOutFigures({
  list,
  gear,
  laid,
  cupboard,
  settings,
  units,
}: {
  list: SetOutList;
  gear: readonly GearLine[];
  laid: readonly LaidPiece[];
  cupboard: readonly Gear[];
  settings: TapeSettings;
  units: Units;
}) {
  const figures = [
    [units.say(Math.ceil(list.tapeM)), 'of tape'],
    [minutes(list.layOutSeconds), 'to set up'],
    [minutes(list.takeInSeconds), 'to take in'],
    [units.say(Math.round(list.walkM)), 'walked'],
  ];
  const tape = (text: string) => {
    const metres = units.read(text);
    if (metres < 2 || metres > 100) throw new Error(`A tape of ${units.say(2)} to ${units.say(100)}.`);
    settings.setTape(metres);
  };
  return (
    <section aria-label="What it takes" className="shrink-0 border-t border-ink px-4 py-3 print:break-inside-avoid">
      <dl className="grid grid-cols-4 gap-2">
        {figures.map(([value, name]) => (
          <div key={name} className="flex flex-col-reverse">
            <dt className="text-xs text-muted">{name}</dt>
            <dd className="head text-lg">{value}</dd>
          </div>
        ))}
      </dl>
      {list.paintedM > 0.5 && <p className="mt-1 text-good">{units.say(Math.round(list.paintedM))} are painted there already.</p>}
      <p className="mt-1">
        <span className="text-muted">Put down: </span>
        {[...gearCounts(gear, laid, cupboard), ...laidCounts(laid)].join(', ') || 'no gear'}
      </p>
      <div className="mt-2 grid grid-cols-3 gap-2 print:hidden">
        <CommitField label="Tape" value={units.say(settings.tapeM)} onCommit={tape} />
        <CommitField
          label="Seconds per mark"
          inputMode="decimal"
          value={String(settings.rates.secondsPerMark)}
          onCommit={(t) => settings.setRate('secondsPerMark', within(t, 1, 300))}
        />
        <CommitField
          label={`Seconds per ${units.units === 'm' ? 'meter' : 'foot'} of tape`}
          inputMode="decimal"
          value={units.measure('perLength', settings.rates.secondsPerTapeM)}
          onCommit={(t) => settings.setRate('secondsPerTapeM', within(String(units.readMeasure('perLength', t)), 0.1, 120))}
        />
      </div>
    </section>
  );
}
