import type { Idea, Noticed } from '../../model/findingCodes.ts';
import type { BlockId } from '../../model/ids.ts';
import type { FitDraft, FitInput } from '../fitted.ts';

type Bare = Omit<FitDraft, 'noticed'>;

/** Ways to win time: unpin lengths, cut plain blocks to a minute or less, fewer laps or stations, drop a plain block. */
function waysToShorten(bare: Bare): Idea[] {
  const ideas: Idea[] = [];
  const pinned = bare.blocks.filter((b) => b.pinned);
  if (pinned.length)
    ideas.push({
      code: 'unpin-lengths',
      data: { count: pinned.length },
      edits: pinned.map((b) => ({ kind: 'set-seconds', blockId: b.id as BlockId, seconds: null })),
    });
  ideas.push(...bare.blocks.flatMap((b) => b.game?.ideas.shorter ?? []));
  const plain = bare.blocks.filter((b) => !b.game && !b.pinned && b.least > 60);
  if (plain.length) {
    const edits = plain.map((b) => ({ kind: 'set-block' as const, blockId: b.id as BlockId, patch: { least: 60 } }));
    ideas.push({ code: 'short-plain', data: { count: plain.length }, edits });
  }
  return ideas;
}

/** Does it fit the bell, is the explaining short enough, is time left unused. */
export function bellChecks(input: FitInput, bare: Bare): Noticed[] {
  const noticed: Noticed[] = [];
  const over = bare.numbers.overSeconds;
  if (over > 0)
    noticed.push({ code: 'over-bell', weight: 'stop', at: {}, data: { over, period: bare.periodSeconds }, ideas: waysToShorten(bare) });
  const most = bare.defaults.explainMinutes * 60;
  for (const block of bare.blocks.filter((b) => b.phase === 'explain' && b.seconds > most)) {
    const stored = input.lesson.blocks.find((b) => b.id === block.id)!;
    const cut = [
      ...(block.pinned ? [{ kind: 'set-seconds' as const, blockId: stored.id, seconds: null }] : []),
      { kind: 'set-block' as const, blockId: stored.id, patch: { least: Math.min(stored.least, most), most } },
    ];
    noticed.push({
      code: 'explaining-too-long',
      weight: 'caution',
      at: { block: block.id },
      data: { seconds: block.seconds, most, band: bare.band },
      ideas: [{ code: 'shorten-explaining', data: { seconds: most }, edits: cut }],
    });
  }
  if (bare.spareSeconds >= 60 && bare.blocks.length) {
    const ideas = bare.blocks.flatMap((b) => b.game?.ideas.longer ?? []);
    noticed.push({ code: 'time-left', weight: 'note', at: {}, data: { spare: bare.spareSeconds }, ideas });
  }
  return noticed;
}
