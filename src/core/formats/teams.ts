import { added, zeros } from '../play/ledger.ts';
import { checkOnce } from './checkOnce.ts';

/** Teams of a play by name. `members`: their students; without it a team is a player itself. */
export interface Teams {
  teams: readonly string[];
  members?: Readonly<Record<string, readonly string[]>>;
}

/** Throws RangeError if a team or a student is there twice. */
export function checkTeams({ teams, members }: Teams): void {
  if (new Set(teams).size !== teams.length) throw new RangeError(`invalid setup teams: repeated team in ${JSON.stringify(teams)}`);
  checkOnce('members', Object.values(members ?? {}).flat());
}

/** Lists the students of a team, or the team itself if students are not known. */
export const membersOf = ({ members }: Teams, team: string): readonly string[] => (members ? (members[team] ?? []) : [team]);

/** The same without those who left. */
export const presentOf = (setup: Teams, { gone }: { gone: readonly string[] }, teams: readonly string[]): string[] =>
  teams.flatMap((team) => membersOf(setup, team)).filter((id) => !gone.includes(id));

/** Lists everyone of all teams. */
export const playersOf = (setup: Teams): string[] => setup.teams.flatMap((team) => [...membersOf(setup, team)]);

/** Counts a turn for everyone of these teams, and none for the others. */
export const turnsOf = (setup: Teams, played: readonly string[]) =>
  added(
    zeros(playersOf(setup)),
    played.flatMap((team) => [...membersOf(setup, team)]),
  );
