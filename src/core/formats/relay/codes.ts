import type { IdeaOf, NoticedOf } from '../formatCodes.ts';
import type { relayWords } from './words.en.ts';

export type RelayIdea = IdeaOf<typeof relayWords>;
export type RelayNoticed = NoticedOf<typeof relayWords>;
