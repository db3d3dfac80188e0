import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { makeApp } from './app.ts';
import { openDatabase } from './database.ts';
import { seedDemo, seedSchool } from './seed.ts';

export const DATE = '2026-09-09';
const TODAY = new Date(`${DATE}T08:00:00`);

// biome-ignore lint/suspicious/noExplicitAny: answers of every shape, looked at field by field
export type Answer = { status: number; body: any };

export interface TestServer {
  /** The server's clock, milliseconds; set it to let time pass. */
  clock: { now: number };
  base: string;
  ask(method: string, path: string, body?: unknown): Promise<Answer>;
  stop(): Promise<void>;
}

/** The whole server over a database in memory with the demo school in it, or an empty one, listening on a port of its own. */
export async function testServer(options: { empty?: boolean; past?: number } = {}): Promise<TestServer> {
  const { db, close } = await openDatabase();
  await (options.empty ? seedSchool(db) : seedDemo(db, TODAY, options.past ?? 2));
  const clock = { now: TODAY.getTime() };
  const server: Server = makeApp(db, { now: () => clock.now }).listen(0, '127.0.0.1');
  await new Promise((done) => server.once('listening', done));
  const base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api`;
  return {
    clock,
    base,
    async ask(method, path, body) {
      const response = await fetch(base + path, {
        method,
        headers: body === undefined ? {} : { 'content-type': 'application/json' },
        body: body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body),
      });
      const text = await response.text();
      return { status: response.status, body: text ? JSON.parse(text) : undefined };
    },
    async stop() {
      server.close();
      await close();
    },
  };
}
