import { set, setMm } from "../ledgers/fix";
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

/** A wall of foam and stone holds no water back, whatever is said of it. */
export function dividerSnags(site: Site): Snag[] {
  const { seal, ground } = site.variant;
  const { dividers, standingWater } = seal;
  return dividers.flatMap((d, i): Snag[] => {
    const path = site.at(`/seal/dividers/${i}`);
    const add = (snag: Omit<Snag, "stage" | "subject">): Snag => ({ stage: "seal", subject: d.id, ...snag });
    if (d.watertight && (d.made === "foamStone" || d.made === "mesh"))
      return [
        add({
          rule: "seal/divider-not-tight",
          severity: "stop",
          title: "This divider is no dam",
          sentence: `${d.name} of ${d.made === "mesh" ? "mesh" : "foam and stone"} is said to keep water on one side.`,
          reason: `${d.made === "mesh" ? "Water passes mesh: both sides stand at one level." : "Foam with stone and silicone has failed as a dam; voids in it hide channels."} Watertight is glass or plastic sheet sealed to glass (common practice, no source).`,
          fix: { label: "Make it a pane of glass, siliconed in", patch: [set(`${path}/made`, "glass")] },
          otherFixes: [{ label: "Let water stand on both sides", patch: [set(`${path}/watertight`, false)] }],
        }),
      ];
    // A pool's own divider is judged with the pool.
    if (d.id === ground.pool?.divider) return [];
    if (d.watertight && standingWater !== null && d.height.value <= standingWater.value)
      return [
        add({
          rule: "seal/divider-too-low",
          severity: "stop",
          title: "The water runs over this divider",
          sentence: `${d.name} is ${site.say(d.height.value)} high, water stands to ${site.say(standingWater.value)}.`,
          reason: "It keeps back only what stands below its top; give it freeboard.",
          fix: {
            label: `Make it ${site.say(standingWater.value + 20)} high`,
            patch: [setMm(`${path}/height`, standingWater.value + 20)],
          },
        }),
      ];
    return [];
  });
}
