/** Lanes of spans that are at the same time: each span's lane from 0, and how many lanes there are where it is; greedy, in the order of their starts. */
export function sideBySide(spans: readonly { from: number; until: number }[]): { lane: number; lanes: number }[] {
  const order = spans.map((_, i) => i).sort((a, b) => spans[a].from - spans[b].from || a - b);
  const result = spans.map(() => ({ lane: 0, lanes: 1 }));
  let cluster: number[] = [];
  let ends: number[] = [];
  const close = () => {
    for (const i of cluster) result[i].lanes = ends.length;
    cluster = [];
    ends = [];
  };
  for (const i of order) {
    const { from, until } = spans[i];
    if (ends.length && ends.every((end) => end <= from)) close();
    const free = ends.findIndex((end) => end <= from);
    const lane = free < 0 ? ends.length : free;
    ends[lane] = until;
    result[i].lane = lane;
    cluster.push(i);
  }
  close();
  return result;
}
