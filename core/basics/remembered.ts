/** A pure function of texts that works each answer out once. For few different questions that are asked often. */
export function remembered<Args extends readonly (string | undefined)[], Answer>(
  work: (...args: Args) => Answer,
): (...args: Args) => Answer {
  const known = new Map<string, Answer>();
  return (...args) => {
    const key = args.join('\n');
    const answer = known.get(key);
    if (answer !== undefined) return answer;
    const fresh = work(...args);
    known.set(key, fresh);
    return fresh;
  };
}
