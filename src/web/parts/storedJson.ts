/** What the browser keeps under a name; null where there is nothing, nothing that can be read, or nothing may be kept. */
export function storedJson(where: 'localStorage' | 'sessionStorage', name: string): unknown {
  try {
    return JSON.parse(window[where].getItem(name) ?? 'null');
  } catch {
    return null;
  }
}
