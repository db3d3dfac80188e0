import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { type SkillTries, startingPlace } from '../../../core/adapt/progress.ts';
import type { FollowedSkill, LadderPlace, Skill, SkillLadder } from '../../../core/model/skillLadder.ts';
import { SKILL_WORDS } from '../../../core/words/skills.en.ts';
import { type ClassData, call, problemWords } from '../../api.ts';

export interface ClassLadders {
  data: ClassData;
  ladders: readonly SkillLadder[];
  /** Those that come with Side Court. */
  usual: readonly SkillLadder[];
  tries: readonly SkillTries[];
}

interface Change {
  student: string;
  said: string;
  before: FollowedSkill[];
}

/** The ladders of a class and what its students have tried, read anew whenever the page opens; each change can be taken back. */
export function useLadders(classId: string) {
  const client = useQueryClient();
  const always = { refetchOnMount: 'always' as const };
  const ofClass = useQuery({ queryKey: ['class', classId], queryFn: () => call<ClassData>('GET', `/classes/${classId}`), ...always });
  const grids = useQuery({
    queryKey: ['skill-ladders'],
    queryFn: () => call<Pick<ClassLadders, 'ladders' | 'usual'>>('GET', '/skill-ladders'),
    ...always,
  });
  const tries = useQuery({
    queryKey: ['skill-tries', classId],
    queryFn: () => call<{ tries: SkillTries[] }>('GET', `/skill-ladders/classes/${classId}`),
    ...always,
  });
  const [last, setLast] = useState<Change | null>(null);
  const [problem, setProblem] = useState('');
  const followed = (student: string): FollowedSkill[] => ofClass.data?.ratings.find((r) => r.studentId === student)?.ladders ?? [];
  const store = async (student: string, change: { ladders?: FollowedSkill[]; handYes?: boolean }) => {
    try {
      await call('PUT', `/classes/${classId}/students/${student}`, change);
      setProblem('');
      await client.invalidateQueries({ queryKey: ['class', classId] });
      return true;
    } catch (error) {
      setProblem(problemWords(error));
      return false;
    }
  };
  const put = async (student: string, ladders: FollowedSkill[], said: string) => {
    const before = followed(student);
    if (await store(student, { ladders })) setLast({ student, said, before });
  };
  const error = ofClass.error ?? grids.error ?? tries.error;
  const shown: ClassLadders | null =
    ofClass.data && grids.data && tries.data ? { data: ofClass.data, ...grids.data, tries: tries.data.tries } : null;
  return {
    shown,
    problem: problem || (error ? problemWords(error) : ''),
    last,
    /** Begins to follow a skill at its start. */
    follow: (student: string, skill: Skill, now: number) =>
      put(student, [...followed(student), { skill, places: [startingPlace(now)] }], `follow: ${SKILL_WORDS[skill]}`),
    /** Decides on a step, and on how much help. */
    decide: (student: string, skill: Skill, place: LadderPlace, said: string) =>
      put(
        student,
        followed(student).map((f) => (f.skill === skill ? { ...f, places: [...f.places, place] } : f)),
        said,
      ),
    stop: (student: string, skill: Skill) =>
      put(
        student,
        followed(student).filter((f) => f.skill !== skill),
        `stop following: ${SKILL_WORDS[skill]}`,
      ),
    undo: async () => {
      if (last && (await store(last.student, { ladders: last.before }))) setLast(null);
    },
    sayYes: (student: string, handYes: boolean) => void store(student, { handYes }),
  };
}

export type Ladders = ReturnType<typeof useLadders>;
