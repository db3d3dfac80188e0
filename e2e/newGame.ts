import type { OpenDemo } from './openDemo.ts';
import { pause, type Screen } from './screen.ts';

type Demo = Pick<OpenDemo, 'open' | 'api'> & { screen: Screen; today: string };

/** A period of today with a lesson of one game, put in on the desk; its id. */
export async function withGame(
  { open, api, screen, today }: Demo,
  game: RegExp,
  at: { start: string; end: string; classId: string; roomId: string },
): Promise<string> {
  await open('/');
  const { id } = (await api('/periods', { date: today, ...at })) as { id: string };
  await api(`/periods/${id}/lesson`, { title: 'One game' });
  await open(`/desk/${id}`);
  await screen.says('No game in this lesson yet');
  await screen.click('button', 'Add a block');
  await (await screen.find('menuitem', game)).focus();
  await screen.press('Enter');
  return id;
}

/** Skips on Whistle until something of the board is there. */
export async function skipTo(screen: Screen, selector: string): Promise<void> {
  await screen.says('Hold everything');
  for (let i = 0; i < 8 && !(await screen.page.$(selector)); i++) {
    await screen.click('button', 'Skip to the next step');
    await pause(300);
  }
}

/** The id of a class's first period on a day. */
export async function periodOfClass(api: OpenDemo['api'], date: string, name: string): Promise<string> {
  const day = (await api(`/days/${date}`)) as { period: { id: string }; schoolClass: { name: string } }[];
  return day.find((d) => d.schoolClass.name === name)!.period.id;
}
