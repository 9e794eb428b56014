import type { Part } from "../../ledgers/ledger";
import type { DoorResult } from "../door/format";
import type { Here } from "../kind";
import type { LeafJob } from "./job";
import type { Infill } from "./stuff";
import type { LeafWords } from "./words";

const PART_KIND = { glass: "pane", sheet: "panel", mesh: "mesh" } as const;
/** What fills a leaf, as its part is called. */
const NAMES = { glass: "Pane", sheet: "Sheet", mesh: "Mesh" } as const;
const thickness = (infill: Infill): number => (infill.class === "mesh" ? 0 : infill.thicknessMm);
/** Both mitres of a bar cost its width once each (source: door-rules). */
const MITRES = 2;

/** The bars, panes, sheets and meshes of a closure's leaves. */
export function leafParts({ site, id }: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Part[] {
  const { hanging, bar, infill, input, window } = job;
  const { leaves } = hanging;
  const { saySum } = site;
  const common = { thicknessMm: 0, grainLocked: false } as const;
  const barWorking = {
    stile: saySum([input.opening.heightMm, " opening − head and foot clearance"]),
    rail: saySum(["leaf of ", sized.leaf.widthMm, input.leaf.frame?.join === "mitre" ? ", mitred" : " − both stiles"]),
  };
  const bars = sized.bars.map((b): Part => {
    const mitred = input.leaf.frame?.join === "mitre";
    return {
      ...{ id: id(`${words.one}-${b.id}`), label: `${b.id === "stile" ? "Stiles" : "Rails"} of the ${words.all}` },
      ...{ ...common, materialId: bar!.id, kind: "bar", lengthMm: b.lengthMm, widthMm: 0, qty: b.qty },
      thicknessMm: bar!.thicknessMm,
      ...(mitred && { endsMm: MITRES * bar!.widthMm }),
      working: { length: barWorking[b.id], width: "" },
      figure: id(`${words.one}-height`),
    };
  });
  const size = sized.infill ?? sized.leaf;
  const held = sized.infill ? "leaf − both bars + what they hold − play" : "opening − its clearances";
  const pane: Part = {
    ...{ id: id(`${words.one}-${infill.class}`), label: `${NAMES[infill.class]} of the ${words.all}` },
    ...{ ...common, materialId: infill.id, kind: PART_KIND[infill.class], qty: leaves },
    ...{ lengthMm: size.widthMm, widthMm: size.heightMm },
    thicknessMm: thickness(infill),
    working: { length: held, width: held },
    figure: id(`${words.one}-width`),
  };
  const windows: Part[] = window
    ? [
        {
          ...{
            id: id(`${words.one}-window`),
            label: `${NAMES[window.infill.class]} of the window in the ${words.one}`,
          },
          ...{ ...common, materialId: window.infill.id, kind: PART_KIND[window.infill.class], qty: leaves },
          lengthMm: window.widthMm + 2 * window.lapMm,
          widthMm: window.heightMm + 2 * window.lapMm,
          thicknessMm: thickness(window.infill),
          working: {
            length: saySum([window.widthMm, " window + 2 × ", window.lapMm, " lap"]),
            width: saySum([window.heightMm, " window + 2 × ", window.lapMm, " lap"]),
          },
        },
      ]
    : [];
  return [...bars, pane, ...windows];
}
