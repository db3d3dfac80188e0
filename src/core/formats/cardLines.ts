import type { z } from 'zod';
import type { CardLine, PlanContext } from './format.ts';
import { said } from './rules.ts';
import type { cardWords } from './sharedSetup.ts';

/** The signal that stops everyone; empty if neither setting, game nor school has one. */
export const stopOf = ({ values, stopSignal }: Pick<PlanContext<unknown, { stopSignal: string }>, 'values' | 'stopSignal'>): string =>
  values.stopSignal || stopSignal;

/** The line of a card that names the stop signal, if there is one. */
export const stopLine = (context: Parameters<typeof stopOf>[0]): CardLine[] =>
  stopOf(context) ? [said('stop', { text: stopOf(context) })] : [];

/** Lines of a card: each text under the same code. */
export const lines = (code: string, texts: readonly string[]): CardLine[] => texts.map((text) => said(code, { text }));

/** The words that every game has for its cards. */
type CardWords = z.infer<z.ZodObject<typeof cardWords>>;

/** The lines of a card: the task, what is the place's own, what to look for, easier, harder, the stop signal. */
export const usualLines = (context: Parameters<typeof stopOf>[0] & { setup: CardWords }, own: CardLine[] = []): CardLine[] => {
  const { task, cues, easier, harder } = context.setup;
  return [
    ...lines('task', [task]),
    ...own,
    ...lines('cue', cues),
    ...lines('easier', [easier]),
    ...lines('harder', [harder]),
    ...stopLine(context),
  ];
};
