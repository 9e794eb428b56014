import equal from "fast-deep-equal";
import { useState } from "react";

export { equal };

/**
 * A value, or the one before it where both say the same: plans are computed whole on every change.
 * @param by what of it counts; all of it without
 */
export function useSame<T>(value: T, by: (value: T) => unknown = (all) => all): T {
  const [kept, setKept] = useState(() => value);
  if (Object.is(kept, value) || equal(by(kept), by(value))) return kept;
  setKept(() => value);
  return value;
}
