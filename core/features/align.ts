import type { FaceId } from "../design/names";
import type { Shell } from "../shell/shell";
import { heightOf, vAtHeight } from "../shell/space";

/** What is on a face. */
interface Lies {
  id: string;
  face: FaceId;
}
/** What stands somewhere on a face. */
interface Stands extends Lies {
  v: { value: number };
}

const lies = ({ face }: Pick<Lies, "face">) => face === "top" || face === "base";

/** Whether one thing can stand level with another: both on walls, or both on the same lying face. */
export const canLevel = (a: Lies, b: Lies): boolean => a.id !== b.id && (lies(a) || lies(b) ? a.face === b.face : true);

/**
 * Where a thing's middle must be to stand as high as another's: on walls by height above the base, whatever either
 * wall leans; on one lying face as far from its front.
 * @returns v on its own face, mm
 */
export function levelWith(own: Stands, other: Stands, faces: Shell["faces"]): number {
  if (lies(own)) return other.v.value;
  return vAtHeight(faces[own.face].frame, heightOf(faces[other.face].frame, other.v.value));
}
