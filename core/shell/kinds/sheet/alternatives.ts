import type { SheetVariant } from "../../../document/schema";
import { set, setMm } from "../../../ledgers/fix";
import { SIZE_LIMIT_MM } from "../../limits";
import type { Site } from "../../site";
import type { Alternative } from "../kind";
import type { SheetShell } from "./schema";

/** The joints not chosen, and a size less by the back's thickness. */
export function sheetAlternatives(site: Site): Alternative[] {
  const { at, shell, say } = site;
  const variant = site.variant as SheetVariant;
  const { joints, size } = variant.shell;
  const withShell = (change: Partial<SheetShell>): SheetVariant => ({
    ...variant,
    shell: { ...variant.shell, ...change },
  });
  const backs = { overlaid: "laid over", inset: "inset", rabbeted: "rabbeted" } as const;
  const list: Alternative[] = (Object.keys(backs) as (keyof typeof backs)[])
    .filter((back) => back !== joints.back)
    .map((back) => ({
      id: `back-${back}`,
      label: `the back ${backs[back]}`,
      patch: [set(at("/shell/joints/back"), back)],
      variant: withShell({ joints: { ...joints, back } }),
    }));
  const box = joints.box === "topBaseOver" ? "sidesFull" : "topBaseOver";
  list.push({
    id: `box-${box}`,
    label: box === "sidesFull" ? "the sides full height" : "top and base over the sides",
    patch: [set(at("/shell/joints/box"), box)],
    variant: withShell({ joints: { ...joints, box } }),
  });
  const lessMm = shell.faces.back.material.thicknessMm;
  for (const [side, words] of [
    ["depth", "deep"],
    ["width", "wide"],
    ["height", "high"],
  ] as const) {
    const value = size[side].value - lessMm;
    if (value < SIZE_LIMIT_MM.low) continue;
    const op = setMm(at(`/shell/size/${side}`), value);
    list.push({
      id: `${side}-${value}`,
      label: `${say(lessMm)} less ${words}`,
      patch: [op],
      variant: withShell({ size: { ...size, [side]: { typed: String(value), value, how: "stated" } } }),
    });
  }
  return list;
}
