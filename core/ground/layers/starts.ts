import { statedMm } from "../../design/measure";
import type { BarrierId, DrainBody } from "../names";
import type { Layer, LayerOf, Recipe } from "./schema";

/** What a stack may be begun with, depths in mm. */
interface Begun {
  drain?: { body: DrainBody; mm: number };
  barrier?: { cloth: BarrierId; curlMm: number };
  charcoalMm?: number;
  mix?: Recipe;
  leavesMm?: number;
}

/** The usual stack from the base up: drain layer, barrier, charcoal, mix, leaves, as far as they are given. */
export function stackOf({ drain, barrier, charcoalMm, mix, leavesMm }: Begun): Layer[] {
  const all = { zone: null };
  return [
    ...(drain ? [{ ...all, id: "drain", kind: "drain", body: drain.body, depth: statedMm(drain.mm) } as const] : []),
    ...(barrier
      ? [{ ...all, id: "barrier", kind: "barrier", cloth: barrier.cloth, curl: statedMm(barrier.curlMm) } as const]
      : []),
    ...(charcoalMm ? [{ ...all, id: "charcoal", kind: "charcoal", depth: statedMm(charcoalMm) } as const] : []),
    ...(mix ? [{ ...all, id: "mix", kind: "mix", depth: null, ...structuredClone(mix) } satisfies LayerOf<"mix">] : []),
    ...(leavesMm ? [{ ...all, id: "litter", kind: "leaves", depth: statedMm(leavesMm) } as const] : []),
  ];
}
