import type { ChildProcess } from 'node:child_process';
import { rmSync } from 'node:fs';
import path from 'node:path';
import { expect } from 'vitest';
import { demoFolder, freePort, gone, startProcess, todays } from '../e2e/app.ts';
import { post, stored } from '../e2e/runEvents.ts';

/** The demo school on a server that is killed and started again, and what it has acknowledged. */
export class School {
  readonly folder: string;
  readonly data: string;
  readonly acknowledged = new Map<string, Set<string>>();
  port = 0;
  child: ChildProcess | undefined;
  private made = 0;

  constructor(folder = demoFolder()) {
    this.folder = folder;
    this.data = path.join(folder, 'data');
  }

  get base(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  async start(more: Partial<Parameters<typeof startProcess>[0]> = {}): Promise<void> {
    this.port ||= await freePort();
    this.child = await startProcess({ port: this.port, folder: this.data, demo: true, ...more });
  }

  async kill(signal: NodeJS.Signals = 'SIGKILL'): Promise<void> {
    if (!this.child) return;
    this.child.kill(signal);
    await gone(this.child);
    this.child = undefined;
  }

  async again(): Promise<void> {
    await this.kill();
    await this.start();
  }

  /** A run of one of today's periods; the same one as long as it has not ended. */
  async run(period: string): Promise<string> {
    const { id } = (await post(this.base, '/runs', { periodId: todays(period) })) as { id: string };
    if (!this.acknowledged.has(id)) this.acknowledged.set(id, new Set());
    return id;
  }

  /** Sends some events; what the server acknowledged is remembered. False if it did not answer or refused. */
  async tap(run: string, count = 1): Promise<boolean> {
    const events = Array.from({ length: count }, () => {
      this.made += 1;
      return { id: `t${this.made}`, type: 'count', gearKind: 'hoop', counted: this.made % 900, at: Date.now() };
    });
    try {
      await post(this.base, `/runs/${run}/events`, { events });
    } catch {
      return false;
    }
    for (const { id } of events) this.acknowledged.get(run)!.add(id);
    return true;
  }

  /** Everything acknowledged is there, nothing twice. */
  async expectWhole(when: string): Promise<void> {
    for (const [run, events] of this.acknowledged) {
      const ids = (await stored(this.base, run)).map((e) => e.id);
      expect(new Set(ids).size, `twice, ${when}`).toBe(ids.length);
      const there = new Set(ids);
      expect(
        [...events].filter((id) => !there.has(id)),
        `lost, ${when}`,
      ).toEqual([]);
    }
  }

  async classes(): Promise<string[]> {
    const all = (await (await fetch(`${this.base}/api/classes`)).json()) as { schoolClass: { name: string } }[];
    return all.map((c) => c.schoolClass.name).sort();
  }

  async end(): Promise<void> {
    await this.kill();
    rmSync(this.folder, { recursive: true, force: true });
  }
}
