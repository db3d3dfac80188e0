import { STEP_S } from './bodies.ts';
import type { Measured } from './measurePlay.ts';

/** Counts, step by step, how long each of so many is active, how often it is their turn, and how long they are out at a stretch. */
export class Meter {
  private readonly active: Float64Array;
  private readonly turns: Float64Array;
  private readonly out: Float64Array;
  private readonly longest: Float64Array;

  constructor(private readonly players: readonly string[]) {
    const zeros = () => new Float64Array(players.length);
    [this.active, this.turns, this.out, this.longest] = [zeros(), zeros(), zeros(), zeros()];
  }

  tick(i: number, isActive: boolean): void {
    if (isActive) {
      this.active[i] += STEP_S;
      this.out[i] = 0;
      return;
    }
    this.out[i] += STEP_S;
    if (this.out[i] > this.longest[i]) this.longest[i] = this.out[i];
  }
  turn(i: number): void {
    this.turns[i] += 1;
  }
  measured(): Measured[] {
    return this.players.map((id, i) => ({ id, active: this.active[i], turns: this.turns[i], wait: this.longest[i] }));
  }
}
