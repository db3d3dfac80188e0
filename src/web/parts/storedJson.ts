/** What the browser keeps under a name; null where there is nothing, nothing that can be read, or nothing may be kept. */
export function storedJson(where: 'localStorage' | 'sessionStorage', name: string): unknown {
  try {
    return JSON.parse(window[where].getItem(name) ?? 'null');
  } catch {
    return null;
  }
}

/** Keeps a value in this browser; null leaves nothing behind. False if the browser has no room: the page itself still has it. */
export function keepJson(name: string, value: unknown): boolean {
  try {
    if (value === null) localStorage.removeItem(name);
    else localStorage.setItem(name, JSON.stringify(value));
    return true;
  } catch {
    return false;
  }
}
