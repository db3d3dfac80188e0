import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { keysFor, orderFor } from '../../../core/adapt/ladder.ts';
import { readMetres } from '../../../core/formats/lengths.ts';
import { AXES, type Axis, SkillLadder } from '../../../core/model/skillLadder.ts';
import { inputWords } from '../../../core/words/facts.en.ts';
import { AXIS_WORDS, SKILL_WORDS } from '../../../core/words/skills.en.ts';
import { Problem } from '../../parts/Problem.tsx';
import { Floating } from '../../parts/Sheet.tsx';
import { useUnits } from '../../parts/units.ts';
import { useSaveSchool } from '../../parts/useSaveSchool.ts';

interface Props {
  ladder: SkillLadder;
  usual: readonly SkillLadder[];
  onClose(): void;
}

const linesOf = (text: string) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter(Boolean);

/** A ladder's values as lines, the easiest first, and the order in which they go up. What is wrong is said by axis and line; nothing typed is lost. */
export function EditLadder({ ladder, usual, onClose }: Props) {
  const client = useQueryClient();
  const { units, say } = useUnits();
  const { school, save, problem } = useSaveSchool();
  const [texts, setTexts] = useState<Record<Axis, string>>({
    object: ladder.object.join('\n'),
    implement: ladder.implement.join('\n'),
    motion: ladder.motion.join('\n'),
    distance: ladder.distance.map(say).join('\n'),
  });
  const [order, setOrder] = useState<readonly Axis[]>(ladder.order);
  const [issues, setIssues] = useState<string[]>([]);
  const values = {
    object: linesOf(texts.object),
    implement: linesOf(texts.implement),
    motion: linesOf(texts.motion),
    distance: linesOf(texts.distance).map((line) => readMetres(line, units)),
  };
  const raised = orderFor(values, order);
  const isOwn = school.skillLadders?.some((l) => l.skill === ladder.skill) ?? false;
  const others = (school.skillLadders ?? []).filter((l) => l.skill !== ladder.skill);
  const store = async (skillLadders: SkillLadder[]) => {
    await save({ skillLadders });
    await client.invalidateQueries({ queryKey: ['skill-ladders'] });
    onClose();
  };
  const submit = () => {
    const read = SkillLadder.safeParse({ skill: ladder.skill, ...values, order: raised, ...keysFor(ladder, values) });
    if (read.success) return void store([...others, read.data]);
    setIssues(
      read.error.issues.map(({ path: [axis, line], message }) => {
        const where = AXIS_WORDS[axis as Axis] ?? 'order';
        const at = line === undefined ? '' : `, line ${Number(line) + 1}: “${linesOf(texts[axis as Axis])[Number(line)] ?? ''}”`;
        return `${where[0].toUpperCase()}${where.slice(1)}${at} ${inputWords(message)}.`;
      }),
    );
  };
  const earlier = (i: number) => setOrder(raised.map((axis, k) => (k === i - 1 ? raised[i] : k === i ? raised[i - 1] : axis)));
  return (
    <Floating open onClose={onClose} title={`Ladder: ${SKILL_WORDS[ladder.skill]}`} wide>
      <p className="text-muted">One value a line, the easiest first. It holds for every class. What was tried keeps its words.</p>
      <div className="mt-2 grid grid-cols-2 gap-3">
        {AXES.map((axis) => (
          <label key={axis} className="block">
            <span className="mb-0.5 block text-xs text-muted first-letter:uppercase">{AXIS_WORDS[axis]}</span>
            <textarea className="field" rows={5} value={texts[axis]} onChange={(e) => setTexts({ ...texts, [axis]: e.target.value })} />
          </label>
        ))}
      </div>
      <p className="mt-3 text-xs text-muted">What goes up first. Press one to move it earlier.</p>
      <ol className="mt-1 flex flex-wrap gap-1.5">
        {raised.map((axis, i) => (
          <li key={`${axis} ${i}`}>
            <button
              type="button"
              className="btn"
              disabled={i === 0 || raised[i - 1] === axis}
              aria-label={`${i + 1}: ${AXIS_WORDS[axis]}, move earlier`}
              onClick={() => earlier(i)}
            >
              {i + 1} {AXIS_WORDS[axis]}
            </button>
          </li>
        ))}
      </ol>
      {issues.map((text) => (
        <Problem key={text} text={text} />
      ))}
      <Problem text={problem} />
      <div className="mt-4 flex flex-wrap gap-2">
        <button type="button" className="btn btn-tape" onClick={submit}>
          Use this ladder
        </button>
        {isOwn && usual.some((l) => l.skill === ladder.skill) && (
          <button type="button" className="btn" onClick={() => void store(others)}>
            Reset to default
          </button>
        )}
        <button type="button" className="btn" onClick={onClose}>
          Cancel
        </button>
      </div>
    </Floating>
  );
}
