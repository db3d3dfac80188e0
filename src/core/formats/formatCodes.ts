import type { FindingDraft, FixIdea } from '../model/finding.ts';
import type { FixCode } from '../model/findingCodes.ts';
import type { FormatWords } from './formatWords.ts';

/** What a format may offer: fixes that its own words say, or those that all have. */
export type IdeaOf<W extends FormatWords> = FixIdea<(keyof W['fixes'] & string) | FixCode>;
/** What a format may notice: findings that its own words say. */
export type NoticedOf<W extends FormatWords> = FindingDraft<keyof W['findings'] & string, IdeaOf<W>>;
