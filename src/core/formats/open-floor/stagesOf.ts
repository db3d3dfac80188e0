import type { OpenFloorContext } from './group.ts';
import type { OpenFloorStage } from './setup.ts';

/** A stage of a lesson: shortened if the class has met it before. */
export interface PlannedStage extends OpenFloorStage {
  isShort: boolean;
}
/** What becomes of a game's stages with this class. */
export interface StagePlan {
  stages: PlannedStage[];
  /** Left out: met before, not yet due because another comes first, or passes while passing is withdrawn. */
  skipped: OpenFloorStage[];
  early: OpenFloorStage[];
  withdrawn: OpenFloorStage[];
}

/** True if enough of those who are here have met a stage in the last lessons. */
export function isMet({ players, stages, values }: Pick<OpenFloorContext, 'players' | 'stages' | 'values'>, stage: string): boolean {
  const by = stages?.[stage] ?? {};
  const met = players.filter((p) => (by[p.id]?.days ?? 0) > 0).length;
  return players.length > 0 && met * 100 >= values.metPercent * players.length;
}

/** The stages of a lesson: by what the class has met before, never by age. The last one is left even if all were met. */
export function stagePlan(context: Pick<OpenFloorContext, 'players' | 'stages' | 'values' | 'setup'>): StagePlan {
  const { setup, values } = context;
  const met = (id: string) => isMet(context, id);
  const early = setup.stages.filter((s) => s.needs !== undefined && !met(s.needs));
  const withdrawn = values.passing ? [] : setup.stages.filter((s) => s.kind === 'pass');
  const open = setup.stages.filter((s) => !early.includes(s) && !withdrawn.includes(s));
  const possible = open.length ? open : setup.stages.slice(0, 1);
  const fresh = values.met === 'skip' ? possible.filter((s) => !met(s.id)) : possible;
  const chosen = (fresh.length ? fresh : possible.slice(-1)).slice(0, values.stageCount);
  return {
    stages: chosen.map((s) => ({ ...s, isShort: values.met === 'shorten' && met(s.id) })),
    skipped: possible.filter((s) => !fresh.includes(s) && !chosen.includes(s)),
    early,
    withdrawn,
  };
}
