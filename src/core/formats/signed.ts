import type { FindingDraft, FixIdea } from '../model/finding.ts';
import type { FormatIdea } from '../model/findingCodes.ts';
import type { BlockIdeas } from './format.ts';

/** An idea that says which format it is of, so that no other format's words can name it. */
const signed =
  (format: string) =>
  (idea: FixIdea): FormatIdea => ({ ...idea, data: { ...idea.data, format } });

/** A format's own finding with its name in the data of it and of its ideas. */
export function signedFinding(format: string, noticed: FindingDraft): FindingDraft {
  const { ideas } = noticed;
  const sign = signed(format);
  return {
    ...noticed,
    data: { ...noticed.data, format },
    ...(ideas && { ideas: typeof ideas === 'function' ? () => ideas().map(sign) : ideas.map(sign) }),
  };
}

/** What a lesson may ask of a block, each idea with the format's name. */
export function signedIdeas(format: string, { without, ...ways }: BlockIdeas): BlockIdeas<FormatIdea> {
  const sign = signed(format);
  return {
    ...ways,
    shorter: ways.shorter.map(sign),
    longer: ways.longer.map(sign),
    gear: Object.fromEntries(Object.entries(ways.gear).map(([kind, ideas]) => [kind, ideas.map(sign)])),
    choices: ways.choices.map((list) => list.map(sign)),
    ...(without && { without: Object.fromEntries(Object.entries(without).map(([id, idea]) => [id, sign(idea)])) }),
  };
}
