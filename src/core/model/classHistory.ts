/** A student at a stage (a step of a ladder): on how many days they tried it, and on how many they made enough for a harder one or too few. */
export interface StageMet {
  days: number;
  up: number;
  down: number;
}
/** By stage and student. */
export type StagesMet = Record<string, Record<string, StageMet>>;

/** What a class has had in its last lessons. Private, like groups. */
export interface ClassHistory {
  /** Lessons in which a pair was in one group, 'a|b' with the ids sorted. */
  met: Record<string, number>;
  /** How often a student had a role, by role and student. */
  roles: Record<string, Record<string, number>>;
  /** Stages that students have met. */
  stages: StagesMet;
  /** Lessons that were looked at. */
  lessons: number;
}
