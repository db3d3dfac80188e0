import highsLoader from 'highs';

let solver: ReturnType<typeof highsLoader> | undefined;

/** Seconds the exact solver may take for one class. */
const SECONDS = 20;

/**
 * The least spread of mean rating over teams of the given sizes, by a mixed-integer programme: x(s, t) = 1 where student s is in
 * team t, every mean between low and high, high − low least. `proven` false where time ran out: then the best bound is given.
 */
export async function exactSpread(ratings: readonly number[], sizes: readonly number[]): Promise<{ spread: number; proven: boolean }> {
  solver ??= highsLoader();
  const highs = await solver;
  const x = (s: number, t: number) => `x${s}_${t}`;
  const teams = sizes.map((_, t) => t);
  const students = ratings.map((_, s) => s);
  const rows = [
    ...students.map((s) => ` one${s}: ${teams.map((t) => x(s, t)).join(' + ')} = 1`),
    ...teams.map((t) => ` size${t}: ${students.map((s) => x(s, t)).join(' + ')} = ${sizes[t]}`),
    ...teams.flatMap((t) => {
      const mean = students.map((s) => `${ratings[s] / sizes[t]} ${x(s, t)}`).join(' + ');
      return [` low${t}: ${mean} - low >= 0`, ` high${t}: ${mean} - high <= 0`];
    }),
    // Teams of one size are alike: the first of them has the smaller mean.
    ...teams
      .slice(1)
      .flatMap((t) =>
        sizes[t] === sizes[t - 1]
          ? [
              ` order${t}: ${students.map((s) => `${ratings[s]} ${x(s, t)}`).join(' + ')} - ${students.map((s) => `${ratings[s]} ${x(s, t - 1)}`).join(' - ')} >= 0`,
            ]
          : [],
      ),
  ];
  const text = `Minimize\n obj: high - low\nSubject To\n${rows.join('\n')}\nBinary\n ${students.flatMap((s) => teams.map((t) => x(s, t))).join(' ')}\nEnd`;
  const answer = highs.solve(text, { time_limit: SECONDS, mip_rel_gap: 0 });
  return { spread: answer.ObjectiveValue, proven: answer.Status === 'Optimal' };
}
