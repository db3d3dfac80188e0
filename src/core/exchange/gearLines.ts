import papaparse from 'papaparse';

/** What a line of a list says without columns: a name, and how many if it tells. */
export interface SaidLine {
  name: string;
  count?: number;
}

const NUMBER_WORDS =
  'one two three four five six seven eight nine ten eleven twelve thirteen fourteen fifteen sixteen seventeen eighteen nineteen twenty'.split(
    ' ',
  );
const TENS: Record<string, number> = {
  thirty: 30,
  forty: 40,
  fifty: 50,
  dozen: 12,
  'a dozen': 12,
  'one dozen': 12,
  'two dozen': 24,
  'three dozen': 36,
  'half a dozen': 6,
  'half dozen': 6,
};
const WORDS = [...Object.keys(TENS).toSorted((a, b) => b.length - a.length), ...NUMBER_WORDS].join('|');
const numberOf = (text: string): number => {
  const said = text.toLowerCase();
  return /^\d/.test(said) ? Number(said) : (TENS[said] ?? NUMBER_WORDS.indexOf(said) + 1);
};

/** A unit that makes a number a size, a weight or a model, not a count. */
const UNIT = `\\s*-?\\s*(?:"|”|″|'|’|′|in(?:ch(?:es)?)?\\b|ft\\b|foot\\b|feet\\b|yd|yard|mm\\b|cm\\b|m\\b|meter|metre|lbs?\\b|pounds?\\b|oz\\b|kg\\b|g\\b|grams?\\b|ply\\b|%|\\/|[.,]\\d|\\s*x\\s*\\d)`;
const SIZED = new RegExp(`^\\d+${UNIT}`, 'iu');
const PACKED = '(?:pcs?|pieces?|ea|each|ct|count|units?|total|sets?|pairs?|on hand|in stock|of them)';
/** "24 foam balls", "24x foam balls", "(24) foam balls", "two dozen cones", "10 sets of hoops". */
const IN_FRONT = new RegExp(
  `^\\(?(\\d{1,4}|${WORDS})\\+?\\)?(?!\\d)(?!${UNIT})\\s*(?:[x×](?=[\\s\\d\\p{L}])|[-–—](?=\\s)|[:.=,;]|${PACKED}\\b\\.?)?\\s*(?:of\\s+)?(?=["“'(]?\\p{L}|\\d)(.*\\p{L}.*)$`,
  'iu',
);
/** "Hula hoops, 20", "Jump ropes x 30", "Cones (12)", "Foam balls: 24 ea", "Mats .... 4", "Pinnies 12". */
const BEHIND = new RegExp(
  `^(.*\\p{L}.*?)(?:\\s*(?:[,;:|=\\t–—(]|\\.{2,}|\\s-+|-(?=\\s)|\\bqty\\.?:?|\\bquantity:?)\\s*|\\s+[x×]?\\s*|(?<=\\P{L})[x×]\\s*)(?:qty\\.?:?\\s*)?\\(?[x×]?\\s*(\\d{1,4}|${WORDS})\\s*[x×]?\\s*${PACKED}?\\.?\\s*\\)?[.;,]?$`,
  'iu',
);
/** "Scooters (12 square)", "Balls x 6 (red)": the count, then what else is said. */
const WITHIN = /^(.*\p{L}.*?)\s*(?:\((\d{1,4})\s+(\p{L}.*)\)|[x×]\s*(\d{1,4})\s*([(,].*\p{L}.*))$/iu;
/** "Pinnies - 12 red, 12 blue": several counts, each with a color or the like. */
const PARTS = /(\d{1,4})\s+(\p{L}+)(?=\s*(?:,|;|&|and\b|\+|\/|\)|$))/giu;

/** A bullet or the number of a list's line: "- ", "• ", "3) ". A dash in front of a number is one too. */
const BULLET = /^\s*(?:[-*•·–—▪◦□☐✓]+\s*|\d{1,3}\)\s+|\d{1,3}\.\s+(?=\D*\d|\D+$))/u;

/** A count that is a guess is a count. */
const ABOUT = /^(?:~|approx\.?|approximately|about|around|ca\.?)\s*(?=\d)/i;

const tidy = (name: string): string => {
  const bare = name
    .trim()
    .replace(/^["“]|["”]$/g, '')
    .replace(/^[\s,;:|=–—-]+|[\s,;:|=–—(-]+$/g, '')
    .replace(/\s+(?:[x×~]|qty\.?|quantity|count|approx\.?|about)$/i, '')
    .replace(/\s+/g, ' ');
  return bare.charAt(0).toUpperCase() + bare.slice(1);
};

/** A line that has no columns, as a teacher writes it: its name, and the count in front of it or behind. */
export function readLine(line: string): SaidLine {
  const text = line.replace(BULLET, '').replace(ABOUT, '').trim();
  const front = IN_FRONT.exec(text);
  if (front) return { name: tidy(front[2]), count: numberOf(front[1]) };
  const parts = [...text.matchAll(PARTS)];
  const ofParts = () => {
    const count = parts.reduce((sum, [, n]) => sum + Number(n), 0);
    return { name: tidy(`${tidy(text.slice(0, parts[0].index))} ${parts.map(([, , word]) => word).join(', ')}`), count };
  };
  if (parts.length > 1) return ofParts();
  const behind = BEHIND.exec(text);
  // "Mats 4" counts, "Mats 4 ft" does not; neither does "Size 4".
  if (behind && !/\b(?:size|no\.?|number|grade|room|shelf|bin|model|stage|level)\s*#?$/i.test(behind[1]))
    return { name: tidy(behind[1]), count: numberOf(behind[2]) };
  const within = WITHIN.exec(text);
  if (within) return { name: tidy(`${within[1]}, ${tidy(within[3] ?? within[5]).toLowerCase()}`), count: Number(within[2] ?? within[4]) };
  // One alone is a count if something parts it from the name: "Cones - 10 orange", not "Balls 8 inch".
  const isParted = parts.length === 1 && /[-–—:,(]\s*$/.test(text.slice(0, parts[0].index)) && !SIZED.test(parts[0][0]);
  return isParted ? ofParts() : { name: tidy(text) };
}

/** What may part the cells of one line, whatever parts the others. */
const DELIMITERS = ['\t', ';', ',', '|'];
/** True for a cell that holds a count and nothing else. */
export const isCount = (cell: string | undefined): boolean => /^\d{1,4}$/.test(cell?.trim() ?? '');

/** The line cut by the delimiter with which its first or second cell is a count, or which makes as many cells as `wanted`; undefined if none does. */
export function cutLine(line: string, wanted?: number): string[] | undefined {
  for (const delimiter of DELIMITERS) {
    const cells = papaparse.parse(line, { delimiter, skipEmptyLines: false, preview: 1 }).data[0] ?? [];
    if (cells.length > 1 && (wanted === undefined ? isCount(cells[0]) || isCount(cells[1]) : cells.length >= wanted)) return cells;
  }
  return undefined;
}
