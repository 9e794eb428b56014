/**
 * A pure function that keeps its last few answers: a plan asks the same of each design a fix would lead to.
 * @param answer the function; what it is asked must be plain data
 * @param most answers kept; the one longest not asked for goes first
 * @example
 * let asked = 0;
 * const twice = remembering((n) => { asked++; return 2 * n; });
 * twice(3) + twice(3); // 12
 * asked; // 1
 */
export function remembering<A extends unknown[], R>(answer: (...args: A) => R, most = 64): (...args: A) => R {
  const kept = new Map<string, R>();
  return (...args) => {
    const key = JSON.stringify(args);
    const known = kept.get(key) ?? answer(...args);
    kept.delete(key);
    kept.set(key, known);
    if (kept.size > most) kept.delete(kept.keys().next().value!);
    return known;
  };
}
