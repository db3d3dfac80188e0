import { Pencil } from 'lucide-react';
import { useState } from 'react';
import type { FittedGame } from '../../../core/fit/fitted.ts';
import { duration, uncapital } from '../../../core/formats/speak.ts';
import type { Game } from '../../../core/model/game.ts';
import { type OwnRule, type Rule, ruleKey } from '../../../core/model/rule.ts';
import { formatWords } from '../../../core/words/en.ts';
import { KIND_LABELS, readAloudSeconds, ruleWords, saidWords } from '../../../core/words/rules.en.ts';
import { freshId } from '../../api.ts';
import { ChoiceField, CommitField } from '../../parts/CommitField.tsx';

interface Props {
  game: Game;
  fitted: FittedGame;
  /** What the teacher set, by key. */
  set: Readonly<Record<string, unknown>>;
  /** The lesson's own rules. */
  own: readonly OwnRule[];
  explainMinutes: number;
  onRules(rules: OwnRule[], name: string): void;
}

/** The rules in the order in which they are read aloud. What a setting changed is marked, and any rule can be said in other words for this lesson. */
export function RuleCard({ game, fitted, set, own, explainMinutes, onRules }: Props) {
  const [editing, setEditing] = useState<string | null>(null);
  const seconds = readAloudSeconds(fitted.rules, fitted.format);
  const put = (rule: OwnRule, at: number) => {
    const rest = own.filter((r, i) => (at >= 0 ? i !== at : ruleKey(r, i) !== ruleKey(rule, -1)));
    onRules([...rest, rule], 'change a rule');
  };
  const ownAt = (rule: Rule) =>
    own.findIndex((r, i) =>
      'text' in r && (r.kind === 'in-play' || r.kind === 'hands' || r.kind === 'safety')
        ? rule.kind === r.kind && rule.say.data.text === r.text
        : ruleKey(r, i) === ruleKey(rule, i),
    );
  return (
    <section className="mt-4" aria-label={`Rules of ${game.title}`}>
      <h2 className="border-b text-base">Rules of {game.title}</h2>
      <p className={`mt-1 text-xs ${seconds > explainMinutes * 60 ? 'text-caution' : 'text-muted'}`}>
        About {duration(seconds)} to read aloud; default for these grades: at most {explainMinutes} min.
      </p>
      {game.story && <p className="mt-1">{game.story}</p>}
      <dl className="mt-1">
        {fitted.rules.map((rule, i) => {
          const { label, text } = ruleWords(rule, fitted.format);
          const id = `${rule.kind}-${i}`;
          const at = rule.from === 'teacher' ? ownAt(rule) : -1;
          return (
            <div
              key={id}
              className={`mt-1.5 ${rule.from === 'teacher' || rule.by.some((key) => key in set) ? 'border-l-4 border-tape pl-2' : ''}`}
            >
              <dt className="flex items-baseline justify-between gap-2 text-xs text-muted">
                {label}
                {canReword(rule) && (
                  <button
                    type="button"
                    className="p-0.5 text-muted hover:text-tape"
                    aria-label={`Say in other words: ${label}`}
                    aria-expanded={editing === id}
                    onClick={() => setEditing(editing === id ? null : id)}
                  >
                    <Pencil size={14} aria-hidden="true" />
                  </button>
                )}
              </dt>
              <dd>
                <p>{text}</p>
                <Marks {...{ rule, fitted, set }} />
                {at >= 0 && (
                  <button
                    type="button"
                    className="text-xs text-tape underline"
                    onClick={() =>
                      onRules(
                        own.filter((_, k) => k !== at),
                        'reset a rule',
                      )
                    }
                  >
                    {isAdded(rule) ? 'Remove' : 'Reset to the game’s words'}
                  </button>
                )}
                {editing === id && <Fields rule={rule} format={fitted.format} onPut={(next) => put(next, at)} />}
              </dd>
            </div>
          );
        })}
      </dl>
      <AddRule onAdd={(rule) => onRules([...own, rule], 'add a rule')} />
    </section>
  );
}

/** True for a rule that can be said in other words here: of several of a kind the teacher's own, and the stop signal in its setting, since every card has it. */
const canReword = (rule: Rule): boolean => (rule.kind === 'signal' ? rule.signal !== 'stop' : rule.from === 'teacher' || !isAdded(rule));

/** A rule that is the lesson's alone: nothing is left of it if its words go. */
const isAdded = (rule: Rule): boolean => rule.kind === 'in-play' || rule.kind === 'hands' || rule.kind === 'safety';

/** Which settings decide a rule, and what those would be that the teacher set. */
function Marks({ rule, fitted, set }: { rule: Rule; fitted: FittedGame; set: Props['set'] }) {
  const words = formatWords(fitted.format);
  if (!rule.by.length) return null;
  const said = rule.by.map((key) => {
    const meta = fitted.settings.find((m) => m.key === key);
    const { label, options } = words.settings[key];
    const usual = fitted.usual[key];
    const isPlain = typeof usual === 'number' || (typeof usual === 'string' && usual !== '');
    if (!(key in set)) return uncapital(label);
    const was = isPlain ? `usually ${options?.[String(usual)] ?? usual}${meta?.unit ? ` ${meta.unit}` : ''}` : 'changed by you';
    return `${uncapital(label)} (${was})`;
  });
  return (
    <p className="text-xs text-muted">
      {said.length === 1 ? 'Setting' : 'Settings'}: {said.join(', ')}
    </p>
  );
}

/** The words of a rule as fields: one, or what, what then and how back in, or what is heard and what is seen. */
function Fields({ rule, format, onPut }: { rule: Rule; format: string; onPut(rule: OwnRule): void }) {
  const text = saidWords(rule.say, format)[1];
  if (rule.kind === 'fault') {
    const now = {
      does: text,
      next: rule.next ? saidWords(rule.next, format)[1] : '',
      back: rule.back ? saidWords(rule.back, format)[1] : '',
    };
    const put = (patch: Partial<typeof now>) => onPut({ kind: 'fault', fault: rule.fault, ...now, ...patch });
    return (
      <div className="mt-1 grid gap-1">
        <CommitField label="What" value={now.does} onCommit={(does) => put({ does })} />
        <CommitField label="Then" value={now.next} onCommit={(next) => put({ next })} />
        <CommitField label="Back in" value={now.back} onCommit={(back) => put({ back })} />
      </div>
    );
  }
  if (rule.kind === 'signal') {
    const own = rule.say.code === 'own-signal';
    const now = { heard: own ? String(rule.say.data.heard) : text, seen: own ? String(rule.say.data.seen) : '' };
    const put = (patch: Partial<typeof now>) => onPut({ kind: 'signal', signal: rule.signal, ...now, ...patch });
    return (
      <div className="mt-1 grid gap-1">
        <CommitField label="What everyone hears" value={now.heard} onCommit={(heard) => put({ heard })} />
        <CommitField label="What everyone sees" value={now.seen} onCommit={(seen) => put({ seen })} />
      </div>
    );
  }
  const put = (next: string) =>
    onPut(rule.kind === 'role' ? { kind: 'role', role: rule.role, text: next } : { kind: rule.kind, text: next });
  return (
    <div className="mt-1">
      <CommitField label="In your words" multiline value={text} onCommit={put} />
    </div>
  );
}

const ADDED = ['in-play', 'hands', 'safety', 'fault'] as const;

/** A rule of one's own beside those of the game. */
function AddRule({ onAdd }: { onAdd(rule: OwnRule): void }) {
  const [kind, setKind] = useState<(typeof ADDED)[number]>('in-play');
  const [round, setRound] = useState(0);
  const add = (text: string) => {
    if (!text.trim()) return;
    onAdd(kind === 'fault' ? { kind, fault: freshId('own-').toLowerCase(), does: text, next: '', back: '' } : { kind, text });
    setRound(round + 1);
  };
  return (
    <div className="mt-3 grid grid-cols-[7rem_1fr] gap-x-2">
      <ChoiceField label="Add a rule" value={kind} options={ADDED.map((k) => [k, KIND_LABELS[k]] as const)} onPick={setKind} />
      <CommitField key={round} label="In your words" value="" onCommit={add} />
    </div>
  );
}
