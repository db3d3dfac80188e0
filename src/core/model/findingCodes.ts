/** Codes that findings had in earlier versions, with what they are now. */
const RENAMED: Readonly<Record<string, string>> = { 'way-narrow': 'route-narrow', 'way-out-narrow': 'exit-route-narrow' };

/** The key of a finding (`findingKey`) with the code of today: what a teacher keeps as is stays so when a check gets another code. */
export function newestKey(key: string): string {
  const [code, ...at] = key.split('|');
  return [RENAMED[code] ?? code, ...at].join('|');
}
