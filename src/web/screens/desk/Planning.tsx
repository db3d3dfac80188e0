import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { type FitInput, floorOfOthers } from '../../../core/fit/fitted.ts';
import { type Finding, findingKey } from '../../../core/model/finding.ts';
import type { BlockId } from '../../../core/model/ids.ts';
import { clockSeconds } from '../../../core/model/period.ts';
import type { Desk as DeskData } from '../../api.ts';
import { BlowWhistle } from '../../parts/BlowWhistle.tsx';
import { DayBar } from '../../parts/DayBar.tsx';
import { speakWith, useUnits } from '../../parts/units.ts';
import { Strip } from '../../strip/Strip.tsx';
import { useLowScreen } from '../../strip/useLowScreen.ts';
import { useFit } from '../../worker/useFit.ts';
import { AddBlock } from './AddBlock.tsx';
import { FitForAllSheet } from './adapt/FitForAllSheet.tsx';
import { broughtFor, changedIn, floorMarks } from './adapt/floorMarks.ts';
import { useAdaptations } from './adapt/useAdaptations.ts';
import { useAdaptedLesson } from './adapt/useAdaptedLesson.ts';
import { useBothLogs } from './adapt/useBothLogs.ts';
import { ChecksSheet, NumbersBar } from './ChecksSheet.tsx';
import { Conflict } from './Conflict.tsx';
import { DeskFloor } from './DeskFloor.tsx';
import { FloorLinks } from './FloorLinks.tsx';
import { floorEdits } from './floorEdits.ts';
import { GearSheet } from './GearSheet.tsx';
import { RulesSheet } from './RulesSheet.tsx';
import { SheetRail, SheetTabs } from './SheetTabs.tsx';
import { UndoBar } from './UndoBar.tsx';
import { type SheetName, useDeskKeys } from './useDeskKeys.ts';
import { useLesson } from './useLesson.ts';
import { WaysSheet } from './WaysSheet.tsx';
import { WhoSheet } from './WhoSheet.tsx';
import { useWhatIf } from './whatIf/useWhatIf.ts';
import { WhatIfMenu } from './whatIf/WhatIfMenu.tsx';
import { WhatIfSheet } from './whatIf/WhatIfSheet.tsx';

const NO_MARKS: never[] = [];

/** Milliseconds a round is shown while walking it through. */
const WALK_MS = 1100;

/** The desk of a period with a lesson: floor, strip, and one sheet at a time. */
export function Planning({ desk }: { desk: DeskData }) {
  const units = useUnits();
  const [sheet, setSheet] = useState<SheetName>('Checks');
  const [alone, setAlone] = useState(false);
  const [chosen, setChosen] = useState<string | null>(null);
  const [picked, setPicked] = useState<string[]>([]);
  const [round, setRound] = useState(0);
  const [walking, setWalking] = useState(false);
  const titles = useRef(new Map<string, string>());
  const pieceTitle = useCallback((id: string) => titles.current.get(id) ?? id, []);
  const { lesson: kept, perform, ...own } = useLesson(desk, pieceTitle);
  const lesson = kept ?? desk.lesson!;
  const adaptations = useAdaptations(lesson.id, lesson.revision);
  const log = useBothLogs(own, adaptations);
  const input = useMemo<FitInput>(() => ({ ...desk, lesson }), [desk, lesson]);
  const { fitted: planned, stale, unweighed, weighFirst } = useFit(input);
  const adapting = useAdaptedLesson(desk, input, planned, adaptations);
  const isWide = sheet === 'Who' || sheet === 'Ways' || sheet === 'Fit for all';
  const whatIf = useWhatIf(input, planned, perform);
  const supposing = whatIf.list.length > 0;
  /** What floor and strip show: the plan, or what is supposed as soon as it is fitted. */
  const fitted = whatIf.fitted ?? planned;
  const shown = whatIf.fitted && whatIf.input ? whatIf.input : desk;
  const others = useMemo(() => floorOfOthers(shown), [shown]);
  const speak = useMemo(() => speakWith(units, shown.students), [units, shown.students]);
  const low = useLowScreen();

  const block = fitted?.blocks.find((b) => b.id === chosen) ?? fitted?.blocks.find((b) => b.game) ?? fitted?.blocks[0];
  const game = block?.game;
  const rounds = game?.timeline.bouts.length ?? 0;
  const at = Math.min(round, Math.max(0, rounds - 1));
  useEffect(() => {
    for (const b of fitted?.blocks ?? []) for (const p of b.game?.pieces ?? []) titles.current.set(p.id, `${p.number} ${p.title}`);
  }, [fitted]);
  useEffect(() => {
    if (!walking) return;
    if (at >= rounds - 1) return setWalking(false);
    const timer = setTimeout(() => setRound(at + 1), WALK_MS);
    return () => clearTimeout(timer);
  }, [walking, at, rounds]);

  const accepted = new Set(lesson.accepted.map((a) => a.key));
  const findings = (fitted?.findings ?? []).filter((f) => !accepted.has(findingKey(f)));
  const open = findings.filter((f) => f.weight !== 'note');
  const selectBlock = (id: string | null) => {
    setChosen(id);
    setPicked([]);
    setRound(0);
    setWalking(false);
  };
  const toRound = (r: number) => {
    setPicked([]);
    setWalking(false);
    setRound(r);
  };
  const show = (finding: Finding) => {
    weighFirst(findingKey(finding));
    if (finding.at.block) selectBlock(finding.at.block);
    if (finding.at.piece) setPicked([finding.at.piece]);
  };
  const edits = floorEdits(lesson, block, perform);
  const openSheet = (name: SheetName) => {
    setAlone(false);
    setSheet(name);
  };
  const walk = () => {
    if (at >= rounds - 1) setRound(0);
    setWalking((w) => !w);
  };
  useDeskKeys({
    sheet: openSheet,
    round: (by) => toRound(Math.max(0, Math.min(rounds - 1, at + by))),
    alone: () => setAlone((a) => !a),
    undo: log.undo,
    redo: log.redo,
  });

  return (
    <div className="flex h-full flex-col overflow-hidden">
      <DayBar date={desk.period.date} current={desk.period.id}>
        <UndoBar {...log} />
        {!supposing && <WhatIfMenu base={input} label="What if …" onSuppose={whatIf.add} />}
        {desk.period.cancelled === undefined && (
          <BlowWhistle {...{ desk, lesson }} fitted={fitted ?? undefined} disabled={log.waiting > 0 || supposing} />
        )}
      </DayBar>
      {log.problem && (
        <p role="alert" className="bg-stop px-4 py-1 text-white">
          {log.problem}
        </p>
      )}
      <div className="flex min-h-0 flex-1 max-[900px]:flex-col">
        <main className="flex min-h-0 min-w-0 flex-1 flex-col" aria-label={`Desk: ${desk.schoolClass.name}, ${lesson.title}`}>
          <h1 className="sr-only">
            {lesson.title}, {desk.schoolClass.name}, {desk.room.name}
          </h1>
          <DeskFloor
            {...{ fitted, block, findings, units, edits, walking, alone }}
            room={shown.room}
            school={desk.school}
            chosen={picked}
            onChoose={setPicked}
            round={at}
            onRound={toRound}
            onWalk={walk}
            onAlone={() => setAlone((a) => !a)}
            onMore={() => openSheet('Rules')}
            still={supposing}
            faded={stale && !fitted}
            others={others}
            marks={sheet === 'Fit for all' && !supposing ? floorMarks(adapting.adapted, block, at, desk.students) : NO_MARKS}
          >
            <FloorLinks periodId={desk.period.id} block={block} />
            <AddBlock periodId={desk.period.id} input={input} after={chosen} perform={perform} onAdded={selectBlock}>
              <button type="button" className="btn whitespace-nowrap">
                Add a block
              </button>
            </AddBlock>
          </DeskFloor>
        </main>
        {alone ? (
          <SheetRail onSheet={openSheet} open={open.length} />
        ) : (
          <aside
            aria-label="Sheet"
            className={`flex shrink-0 flex-col border-l border-ink max-[900px]:h-[38%] max-[900px]:w-full max-[900px]:border-t max-[900px]:border-l-0 ${isWide ? 'w-[560px] max-[1100px]:w-[400px]' : 'w-[352px]'}`}
          >
            {supposing && (
              <WhatIfSheet whatIf={whatIf} speak={speak}>
                <WhatIfMenu base={input} label="And …" onSuppose={whatIf.add} />
              </WhatIfSheet>
            )}
            {!supposing && (
              <>
                <SheetTabs
                  sheet={sheet}
                  open={open.length}
                  short={(fitted?.numbers.gearShort ?? 0) > 0}
                  isWide={isWide}
                  onSheet={setSheet}
                />
                <div
                  id="sheet-panel"
                  role="tabpanel"
                  aria-labelledby={`tab-${sheet}`}
                  tabIndex={0}
                  className="min-h-0 flex-1 overflow-auto"
                >
                  {fitted && sheet === 'Checks' && (
                    <ChecksSheet
                      {...{ lesson, fitted, findings, unweighed, speak, perform }}
                      closet={{ cupboard: desk.cupboard, kinds: desk.gearKinds ?? [] }}
                      onShow={show}
                    />
                  )}
                  {fitted && sheet === 'Gear' && (
                    <GearSheet
                      fitted={fitted}
                      block={block}
                      bring={broughtFor(adapting.adapted)}
                      names={{ gear: desk.cupboard, homeMade: adaptations.homeMade }}
                    />
                  )}
                  {fitted && sheet === 'Who' && <WhoSheet {...{ desk, lesson, fitted, block, perform }} />}
                  {fitted && sheet === 'Fit for all' && (
                    <FitForAllSheet {...{ desk, fitted, adaptations, adapting, perform }} chosen={block?.id} onBlock={selectBlock} />
                  )}
                  {sheet === 'Ways' && <WaysSheet {...{ input, block, speak, perform }} />}
                  {sheet === 'Rules' && (
                    <RulesSheet
                      {...{ lesson, block, units, perform, edits }}
                      explainMinutes={fitted?.defaults.explainMinutes ?? 0}
                      piece={picked.length === 1 ? picked[0] : null}
                      game={desk.games.find((g) => g.id === game?.gameId)}
                      onRemoved={() => selectBlock(null)}
                    />
                  )}
                </div>
              </>
            )}
            {fitted && <NumbersBar fitted={fitted} />}
          </aside>
        )}
      </div>
      {fitted && (
        <Strip
          fitted={fitted}
          bellAt={clockSeconds(shown.period.start)}
          block={block?.id ?? null}
          round={at}
          changed={changedIn(adapting.adapted)}
          troubled={new Set(open.flatMap((f) => (f.at.block ? [f.at.block] : [])))}
          onBlock={selectBlock}
          onRound={(id, r) => {
            if (id !== block?.id) selectBlock(id);
            toRound(r);
          }}
          onCut={(id, seconds) => perform({ kind: 'set-seconds', blockId: id as BlockId, seconds })}
          low={low}
        >
          <span>
            {lesson.title} · bell to bell {Math.round(fitted.periodSeconds / 60)} min
          </span>
        </Strip>
      )}
      <Conflict log={log} />
    </div>
  );
}
