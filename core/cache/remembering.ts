/**
 * A pure function that keeps its last few answers: a plan asks the same of each design a fix would lead to.
 * @param most answers kept; the oldest goes first
 */
export function remembering<A extends unknown[], R>(answer: (...args: A) => R, most = 64): (...args: A) => R {
  const kept = new Map<string, R>();
  return (...args) => {
    const key = JSON.stringify(args);
    const known = kept.get(key);
    if (known !== undefined) return known;
    const fresh = answer(...args);
    if (kept.size >= most) kept.delete(kept.keys().next().value!);
    kept.set(key, fresh);
    return fresh;
  };
}
