/** Rows that together hold every item that must be held exactly once and every other item at most once; `work` is what the search spent. */
export interface Cover {
  /** Indices of rows; undefined where none was found. */
  rows?: number[];
  work: number;
  /** True where everything was tried: then no rows means that there are none. */
  whole: boolean;
}

/**
 * Algorithm X over dancing links (D. E. Knuth, "Dancing links", 2000): the item that the fewest rows still hold is held first.
 * `must`: items 0 … must − 1 are held once; items up to `items` − 1 at most once. The search ends after `most` links are
 * tied and untied. Rows must not be empty nor hold an item twice.
 */
export function exactCover(must: number, items: number, rows: readonly (readonly number[])[], most: number): Cover {
  const links = items + 1 + rows.reduce((sum, row) => sum + row.length, 0);
  const up = new Int32Array(links);
  const down = new Int32Array(links);
  const left = new Int32Array(links);
  const right = new Int32Array(links);
  const itemOf = new Int32Array(links);
  const rowOf = new Int32Array(links);
  const size = new Int32Array(items + 1);
  const head = items;
  for (let i = 0; i <= items; i++) {
    up[i] = i;
    down[i] = i;
    left[i] = i;
    right[i] = i;
    itemOf[i] = i;
  }
  // Only items that must be held stand in the head's ring; the others are untied when a row holds them.
  for (let i = 0, last = head; i < must; last = i++) {
    left[i] = last;
    right[last] = i;
    right[i] = head;
    left[head] = i;
  }
  let next = items + 1;
  rows.forEach((row, r) => {
    const first = next;
    for (const item of row) {
      const at = next++;
      itemOf[at] = item;
      rowOf[at] = r;
      up[at] = up[item];
      down[at] = item;
      down[up[item]] = at;
      up[item] = at;
      left[at] = at === first ? first : at - 1;
      right[at] = first;
      right[left[at]] = at === first ? first : at;
      left[first] = at;
      size[item]++;
    }
  });

  // Tying them was work too.
  let work = links;
  const hold = (item: number) => {
    right[left[item]] = right[item];
    left[right[item]] = left[item];
    for (let i = down[item]; i !== item; i = down[i]) {
      for (let j = right[i]; j !== i; j = right[j]) {
        down[up[j]] = down[j];
        up[down[j]] = up[j];
        size[itemOf[j]]--;
        work++;
      }
    }
  };
  const release = (item: number) => {
    for (let i = up[item]; i !== item; i = up[i]) {
      for (let j = left[i]; j !== i; j = left[j]) {
        size[itemOf[j]]++;
        down[up[j]] = j;
        up[down[j]] = j;
      }
    }
    right[left[item]] = item;
    left[right[item]] = item;
  };
  const chosen: number[] = [];
  const search = (): boolean => {
    if (right[head] === head) return true;
    if (work > most) return false;
    let item = right[head];
    for (let i = item; i !== head; i = right[i]) if (size[i] < size[item]) item = i;
    if (size[item] === 0) return false;
    hold(item);
    for (let row = down[item]; row !== item && work <= most; row = down[row]) {
      chosen.push(rowOf[row]);
      for (let j = right[row]; j !== row; j = right[j]) hold(itemOf[j]);
      if (search()) return true;
      for (let j = left[row]; j !== row; j = left[j]) release(itemOf[j]);
      chosen.pop();
    }
    release(item);
    return false;
  };
  const found = search();
  return { ...(found ? { rows: chosen } : {}), work, whole: found || work <= most };
}
