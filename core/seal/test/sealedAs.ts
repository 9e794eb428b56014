import { featureRect, isCut } from "../../features/feature";
import type { Site } from "../../shell/site";
import { layerKind } from "../stack/layers";

/**
 * What holds water as it is planned now, in a line: seams, sealant, the coats that keep standing water, and every hole.
 * What only covers the walls afterwards, foam and its coats, is no part of it.
 */
export function sealedAs(site: Site): string {
  const { seal, features } = site.variant;
  const holes = features
    .filter((f) => isCut(f))
    .map((f) => {
      const { uMm, vMm, widthMm, heightMm } = featureRect(f);
      return `${f.face}/${f.id}@${[uMm, vMm, widthMm, heightMm].map((x) => Math.round(x * 10) / 10).join(",")}`;
    })
    .sort();
  const stacks = seal.stacks
    .map(
      (s) =>
        `${s.face}:${s.layers.flatMap((l) => (layerKind(l.layer).keeps === "standing" ? [l.layer] : [])).join("+")}`,
    )
    .sort();
  // Dams in beds of their own, sills and second floors, where there are any: another one is untested. A front frame's dam is
  // not told, as it never was: tests in older logs would no longer count.
  const { strips, secondFloor } = site.shell;
  const dams = strips.filter((s) => s.bedded || s.found).map((s) => `${s.id}@${s.vMm + s.heightMm}`);
  const floor = secondFloor ? [`floor@${secondFloor.thicknessMm}`] : [];
  return [seal.seams, seal.sealant, seal.leg.value, ...stacks, ...holes, ...dams, ...floor].join(" ");
}
