/** What a class has had in its last lessons. Private, like groups. */
export interface ClassHistory {
  /** Lessons in which a pair was in one group, 'a|b' with the ids sorted. */
  met: Record<string, number>;
  /** How often a student had a role, by role and student. */
  roles: Record<string, Record<string, number>>;
  /** Lessons that were looked at. */
  lessons: number;
}
