/**
 * The server's time as far as this window knows it: the last answer plus what has passed since by a clock that nobody can
 * set. Where no answer has come yet, the computer's own time. The computer's sleep is made good by the next answer.
 */
export class RunClock {
  private server = Date.now();
  private since = performance.now();

  heard(serverNow: number): void {
    this.server = serverNow;
    this.since = performance.now();
  }

  now(): number {
    return Math.round(this.server + performance.now() - this.since);
  }
}
