import { formatAt, type RunPlan } from '../live/runPlan.ts';
import { isPlaying } from '../model/period.ts';
import type { RunEvent } from '../model/run.ts';
import { formatWords } from './en.ts';
import { LADDER_WORDS } from './ladder.en.ts';
import { saidWords } from './rules.en.ts';
import { PROMPT_WORDS, SKILL_WORDS } from './skills.en.ts';

/** Events that every format accepts, by type. */
const COMMON: Record<string, (name: string) => string> = {
  box: (name) => `${name} sat out`,
  release: (name) => `${name} back in play`,
  leave: (name) => `${name} left`,
  join: (name) => `${name} joined`,
};

/** What an event of a run was, in a few words. */
export function runEventWords(event: RunEvent, plan: RunPlan): string {
  switch (event.type) {
    case 'pause':
      return 'Held everything';
    case 'resume':
      return 'Went on';
    case 'skip':
      return 'Skipped to the next step';
    case 'adjust':
      return `${event.seconds > 0 ? '+' : '−'}${Math.abs(event.seconds)} s`;
    case 'play': {
      const format = formatAt(plan, event.blockId, event.visit);
      const words = format && formatWords(format).events[event.event.type];
      if (words) return words(event.event, event.play ?? 0, (id) => plan.names[String(id)] ?? 'one student');
      return COMMON[event.event.type]?.(plan.names[String(event.event.player)] ?? 'One student') ?? event.event.type;
    }
    case 'offence': {
      const game = plan.blocks.find((b) => b.id === event.blockId)?.game;
      const fault = game?.rules.find((r) => r.kind === 'fault' && r.fault === event.what);
      const what = game && fault ? saidWords(fault.say, game.format)[1] : 'an offense';
      return `${plan.names[event.student] ?? 'One student'}: ${what} (${LADDER_WORDS[event.step]})`;
    }
    case 'presence':
      return `${plan.names[event.student] ?? 'One student'} ${isPlaying(event) ? 'joined' : 'left'}`;
    case 'mark': {
      const { student, skill, made, prompt, count = 1 } = event;
      return `${plan.names[student] ?? 'One student'}: ${SKILL_WORDS[skill]}, ${made ? 'made' : 'missed'}${count > 1 ? ` ${count} times` : ''}, ${PROMPT_WORDS[prompt]}`;
    }
    case 'replan':
      return 'Changed the rest of the lesson';
    case 'count':
      return `Counted ${event.counted} ${event.gearKind}`;
    case 'count-all':
      return 'Counted all gear';
    case 'strike':
      return 'Crossed out an entry';
    case 'replace':
      return 'Changed one entry';
    case 'note':
      return 'Wrote a note';
    case 'end':
      return 'Ended the lesson';
  }
}
