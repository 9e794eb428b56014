/** Seconds of a step. */
const STEP_S = 5;
const MOST_STEPS = 600_000;

/**
 * When the last of a state is nought, h, by Heun's method: another than the one that is tested.
 * @param rates what each of the state changes by, per second
 * @param began the state at first
 * @param before told the state now and then, every half a minute, for what hardly changes in that time
 */
export function heunEmpties(
  rates: (state: readonly number[]) => readonly number[],
  began: readonly number[],
  before: (state: readonly number[]) => void = () => {},
): number {
  let state = began;
  for (let step = 1; step < MOST_STEPS; step++) {
    if (step % 6 === 1) before(state);
    const first = rates(state);
    const second = rates(state.map((y, i) => y + STEP_S * first[i]!));
    state = state.map((y, i) => y + (STEP_S / 2) * (first[i]! + second[i]!));
    if (state.at(-1)! <= 0) return (step * STEP_S) / 3600;
  }
  return Number.POSITIVE_INFINITY;
}
