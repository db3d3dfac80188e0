/** "10:24" of seconds after midnight, with seconds where they are not whole minutes: "10:24:30". */
export function bellClock(seconds: number): string {
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor((seconds % 3600) / 60), Math.round(seconds % 60)];
  return `${h}:${String(m).padStart(2, '0')}${s ? `:${String(s).padStart(2, '0')}` : ''}`;
}
