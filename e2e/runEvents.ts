export interface StoredEvent {
  id: string;
  type: string;
  event?: { type: string };
  since?: number;
}

/** What the server answers to a POST; throws where it refuses. */
export async function post(base: string, to: string, body: unknown): Promise<unknown> {
  const answer = await fetch(`${base}/api${to}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`${answer.status}`);
  return answer.json();
}

/** A run's events as the server has them. */
export async function stored(base: string, run: string): Promise<StoredEvent[]> {
  return ((await (await fetch(`${base}/api/runs/${run}`)).json()) as { events: StoredEvent[] }).events;
}
