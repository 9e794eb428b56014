import type { Site } from "../../ledgers/site";
import { featureRect } from "../../shell/features";

/** What holds water as it is planned now, in a line: seams, sealant, coats, and every hole below the dam. */
export function sealedAs(site: Site): string {
  const { seal, features } = site.variant;
  const holes = features
    .filter((f) => f.kind !== "keepOut")
    .map((f) => {
      const { uMm, vMm, widthMm, heightMm } = featureRect(f);
      return `${f.face}/${f.id}@${[uMm, vMm, widthMm, heightMm].map((x) => Math.round(x * 10) / 10).join(",")}`;
    })
    .sort();
  const stacks = seal.stacks.map((s) => `${s.face}:${s.layers.map((l) => l.layer).join("+")}`).sort();
  return [seal.seams, seal.sealant, seal.leg.value, ...stacks, ...holes].join(" ");
}
