import type { Finding } from '../model/finding.ts';
import { balanceTeams } from './balanceTeams.ts';

export interface DealRequest {
  players: readonly { id: string; rating: number }[];
  count: number;
  apart: readonly (readonly [string, string])[];
  together: readonly (readonly [string, string])[];
  stored?: readonly (readonly string[])[];
  seed: number;
}

const smallestFor = (groups: string[][], id: string, apart: DealRequest['apart']): number => {
  const rivals = apart.filter((pair) => pair.includes(id)).map(([a, b]) => (a === id ? b : a));
  const order = groups.map((_, i) => i).sort((a, b) => groups[a].length - groups[b].length || a - b);
  return order.find((i) => !groups[i].some((other) => rivals.includes(other))) ?? order[0];
};

/**
 * `count` groups. Stored groups stay as they are, less those who are not here; newcomers and the members of groups that are
 * one too many go, one at a time, to the smallest group without somebody they must not meet. Without stored ones: balanced.
 * Finding 'wishes-conflict' (an irreducible set) where wishes cannot hold; the groups then hold the others.
 */
export function dealGroups(request: DealRequest): { groups: string[][]; findings: Finding[] } {
  const { players, count, apart, together, stored, seed } = request;
  const here = new Set(players.map((p) => p.id));
  if (stored) {
    const kept = stored.map((g) => g.filter((id) => here.has(id)));
    const groups: string[][] = Array.from({ length: count }, (_, i) => kept[i] ?? []);
    const placed = new Set(groups.flat());
    for (const { id } of players) if (!placed.has(id)) groups[smallestFor(groups, id, apart)].push(id);
    return { groups, findings: [] };
  }
  if (!players.length) return { groups: Array.from({ length: count }, () => []), findings: [] };
  const known = (pair: readonly [string, string]) => here.has(pair[0]) && here.has(pair[1]);
  const wishes = { apart: apart.filter(known), together: together.filter(known) };
  const findings: Finding[] = [];
  const teams = Math.min(count, players.length);
  for (;;) {
    const result = balanceTeams({ students: players, teams, seed, ...wishes });
    if (result.ok) return { groups: [...result.teams, ...Array.from({ length: count - teams }, () => [])], findings };
    const conflict = result.findings[0];
    findings.push(conflict);
    const { apart: a, together: t } = conflict.data as unknown as typeof wishes;
    wishes.together = wishes.together.filter((w) => !t.includes(w));
    wishes.apart = t.length ? wishes.apart : wishes.apart.filter((w) => !a.includes(w));
  }
}
