import type { ClosureKind } from "../kind";
import type { Closure } from "../schema";
import { found } from "./found/kind";
import { lid } from "./lid/kind";
import { slidingPair } from "./slidingPair/kind";

/** Every kind of closure. Beside its folder and its schema, a kind is one line here. */
export const CLOSURE_KINDS = [slidingPair, lid, found] as unknown as readonly ClosureKind[];

const BY_KIND = new Map(CLOSURE_KINDS.map((k) => [k.kind, k]));

/** What knows a closure of this kind. */
export const closureKind = ({ kind }: Pick<Closure, "kind">): ClosureKind => BY_KIND.get(kind)!;
