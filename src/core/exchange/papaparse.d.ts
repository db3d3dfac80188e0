/** The part of papaparse that the core uses, declared here so that no Node or DOM type comes in with it. */
declare module 'papaparse' {
  interface Result {
    data: string[][];
    errors: { type: string; code: string; message: string; row?: number }[];
    meta: { delimiter: string };
  }
  interface Options {
    delimiter?: string;
    delimitersToGuess?: string[];
    skipEmptyLines?: boolean | 'greedy';
    preview?: number;
  }
  const papaparse: {
    parse(text: string, options?: Options): Result;
    unparse(rows: readonly (readonly unknown[])[], options?: { newline?: string }): string;
  };
  export default papaparse;
}
