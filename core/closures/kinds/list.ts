import type { ClosureKind } from "../kind";
import { found } from "./found/kind";
import { lid } from "./lid/kind";
import { slidingPair } from "./slidingPair/kind";

/** Every kind of closure. Beside its folder and its schema, a kind is one line here. */
export const CLOSURE_KINDS = [slidingPair, lid, found] as unknown as readonly ClosureKind[];
