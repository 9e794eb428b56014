import type { FaceId } from "../design/names";
import { factKey } from "./facts";

/** Something that weighs, and from when on it does. */
export interface MassFact {
  when: "bare" | "walls" | "doors" | "filled";
  kg: number;
}

/** Told by every trade that puts something heavy in; the tally, the stages of lifting and the floor's load sum it up. */
export const MASS = factKey<MassFact>("mass");

/** What is put on a panel before the shell is put up, kg. */
export const FACE_MASS = factKey<{ face: FaceId; kg: number }>("face-mass");

/** Kilograms that are there at some of the moments of a build. */
export const kgAt = (masses: readonly MassFact[], ...when: MassFact["when"][]): number =>
  masses.reduce((sum, m) => (when.includes(m.when) ? sum + m.kg : sum), 0);
