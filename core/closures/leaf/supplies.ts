import type { Supply } from "../../ledgers/ledger";
import { materialName } from "../../materials/find";
import { ceil } from "../../units/tolerance";
import type { DoorResult } from "../door/format";
import type { Here } from "../kind";
import type { LeafJob } from "./job";
import type { LeafWords } from "./words";

/** Setting blocks under a pane: by hinge and lock in one that swings, at both quarter points in one that does not. */
const BLOCKS = { hinged: 2, still: 4 } as const;
/** A leaf lands on one at each end of the edge that opens (trade practice, no source). */
const STOPS = 2;
const CORNERS = 4;

/** Catches a closure wants: along the edge that opens of a leaf that swings, all round one that is lifted off. */
export function catchesOf({ hanging, made }: LeafJob, { leaf }: DoorResult): number {
  const every = made.holds.every.value;
  if (hanging.kind === "hinged") return hanging.leaves * Math.max(1, ceil(leaf.heightMm / every));
  // One at each corner at least.
  return Math.max(4, ceil((2 * (leaf.widthMm + leaf.heightMm)) / every));
}

/** What a window is held by all round. */
const roundMm = ({ widthMm, heightMm }: { widthMm: number; heightMm: number }) => 2 * (widthMm + heightMm);

/** Hinges, catches, pulls, stops, blocks, corners and battens. */
export function leafSupplies({ site, id }: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Supply[] {
  const { made, hanging, infill, window } = job;
  const { leaves, hinges } = hanging;
  const counted = (thing: string, materialId: string, n: number, why: string): Supply => ({
    ...{ id: id(`${words.one}-${thing}`), label: materialName(site.book, materialId), materialId, unit: "piece", why },
    ...{ likely: n, low: n, high: n },
  });
  const metres = (thing: string, materialId: string, mm: number, why: string): Supply => ({
    ...counted(thing, materialId, mm, why),
    unit: "mm",
  });
  const battens = [
    ...(infill.class === "mesh" && sized.infill ? [leaves * roundMm(sized.infill)] : []),
    ...(window?.infill.class === "mesh" ? [leaves * roundMm(window)] : []),
  ];
  const battenMm = battens.reduce((sum, mm) => sum + mm, 0);
  const blocks = infill.class === "glass" && sized.infill && made.leaf.blocks;
  return [
    ...(hinges ? [counted("hinges", hinges.hinge, leaves * hinges.count, `${hinges.count} a leaf`)] : []),
    counted("catches", made.holds.catch, catchesOf(job, sized), `one each ${site.say(made.holds.every.value)}`),
    counted("pulls", "finger-pull", leaves, "one a leaf"),
    ...(made.stop ? [counted("stops", "door-stop", STOPS * leaves, "what it lands on")] : []),
    ...(sized.infill ? [counted("corners", "corner-piece", CORNERS * leaves, "one a corner")] : []),
    ...(blocks
      ? [
          counted(
            "blocks",
            "setting-block",
            leaves * (hanging.kind === "hinged" ? BLOCKS.hinged : BLOCKS.still),
            "the pane stands on them",
          ),
        ]
      : []),
    ...(battenMm > 0 ? [metres("battens", "mesh-batten", battenMm, "all round the mesh")] : []),
  ];
}
