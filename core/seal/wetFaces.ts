import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { keepsStanding } from "./stack/planStacks";

/** Galvanised walls under the water line shed zinc, unless a coat keeps the water off them. */
export function galvanisedSnags(site: Site): Snag[] {
  const { standingWater } = site.variant.seal;
  const wet = standingWater !== null || site.shell.levels.groundMm > 0;
  if (!wet) return [];
  return Object.values(site.shell.faces).flatMap((face): Snag[] => {
    if (face.open || face.id === "top" || face.material.family !== "galvanised" || keepsStanding(site, face.id))
      return [];
    const at = site.variant.seal.stacks.findIndex((s) => s.face === face.id);
    const coat = [
      { id: "zinc-key", layer: "key", coats: null, damp: false },
      { id: "zinc-rubber", layer: "rubberBrush", coats: null, damp: false },
    ];
    return [
      {
        rule: "seal/galvanised-in-water",
        subject: face.id,
        severity: "stop",
        stage: "seal",
        title: "Galvanised metal in water",
        sentence: `The ${face.id} is galvanised and gets wet${standingWater ? ` to ${site.say(standingWater.value)}` : ""}, with no coat that keeps water off it.`,
        reason:
          "Galvanised metal sheds zinc into water, where animals drink: seal it, or swap it (common practice, no source).",
        fix: {
          label: "Key it and brush rubber on",
          patch:
            at < 0
              ? [set(site.at(`/seal/stacks/${site.variant.seal.stacks.length}`), { face: face.id, layers: coat })]
              : coat.map((layer, i) => set(site.at(`/seal/stacks/${at}/layers/${i}`), layer)),
        },
      },
    ];
  });
}
