/** The state of play. The first of a group is active, the last defends if it has a defender. `robbedBy`: who took whose object, until they hold one again. */
export interface OpenFloorState {
  groups: string[][];
  home: Record<string, number>;
  /** Groups whose last one defends. */
  defended: boolean[];
  /** Who holds an object, in the game with steals. */
  holders: string[];
  robbedBy: Record<string, string>;
  stage: number;
  bout: number;
  isOver: boolean;
  steals: Record<string, number>;
  turns: Record<string, number>;
}
