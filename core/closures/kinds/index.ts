import type { Variant } from "../../document/schema";
import { kindOf } from "../../shell/kinds/index";
import type { ClosureKind } from "../kind";
import type { Closure } from "../schema";
import { CLOSURE_KINDS } from "./list";

const BY_KIND = new Map(CLOSURE_KINDS.map((k) => [k.kind, k]));

/** The kinds that can close an opening of a shell, the commonest first. */
export function kindsFor(shell: Variant["shell"], openingId: string): readonly ClosureKind[] {
  const opening = kindOf(shell)
    .openings(shell)
    .find((o) => o.id === openingId);
  return opening ? CLOSURE_KINDS.filter((k) => k.suits(opening)) : [];
}

/** What knows a closure of this kind. */
export const closureKind = ({ kind }: Pick<Closure, "kind">): ClosureKind => BY_KIND.get(kind)!;
