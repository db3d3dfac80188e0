import { expect } from 'vitest';
import type { OpenDemo } from './openDemo.ts';
import type { Screen } from './screen.ts';

/** Names in a list of Whistle's students. */
export const rosterNames = (screen: Screen, list: 'Playing' | 'Not playing') =>
  screen.page.$$eval(`ul[aria-label="${list}"] button`, (all) => all.map((b) => b.textContent ?? '').filter((name) => name !== 'Back in'));

/** Lets in a student who came late, in Whistle's students; ends with that sheet closed. */
export async function letIn(screen: Screen, late: string): Promise<void> {
  await screen.click('button', late);
  await screen.page.waitForFunction(
    (name) => ![...document.querySelectorAll('ul[aria-label="Not playing"] button')].some((b) => b.textContent === name),
    {},
    late,
  );
  expect(await rosterNames(screen, 'Playing')).toContain(late);
  await screen.click('button', 'Close');
}

/** Marks one student of a period as away, by place in the class list. */
export async function markAway(base: string, api: OpenDemo['api'], periodId: string, place: number): Promise<void> {
  const { students, attendance } = (await api(`/periods/${periodId}/desk`)) as {
    students: { id: string }[];
    attendance: { revision: number; entries: object } | null;
  };
  const entries = { ...attendance?.entries, [students[place].id]: { status: 'absent', role: 'away' } };
  await fetch(`${base}/api/periods/${periodId}/attendance`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ revision: attendance?.revision ?? 0, entries }),
  });
}
