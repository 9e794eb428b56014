import { set } from "../../ledgers/fix";
import type { Fix, Snag } from "../../ledgers/ledger";
import { SURFACES } from "../../seal/bonds/names";
import { bondWords } from "../../seal/bonds/snag";
import type { Holding } from "../../seal/bonds/table";
import type { Site } from "../../shell/site";
import { BUILD_UP } from "../buildUps";
import { judgedWall, wholeBond } from "../layers";
import type { Wall } from "../schema";

/** Whether each layer of a wall holds on the one before, and what goes on whole on what it meets. */
export function wallBondSnags(site: Site, wall: Wall, path: string): Snag[] {
  const layers = judgedWall(site, wall).flatMap(({ layer, kind, holding, bond, on }): Snag[] => {
    if (!holding || holding === "holds" || !bond || !on) return [];
    const damp = layer.damp && kind.fibre;
    return [
      {
        rule: "background/bond",
        subject: `${wall.face}/${layer.id}`,
        stage: "background",
        ...bondWords(kind.name, holding, bond),
        sentence: `On the ${wall.face}: ${kind.name.toLowerCase()} on ${damp ? "damp fibre" : SURFACES[on]}.`,
        ...(holding !== "unknown" && cures(site, wall, path, damp === true, on)),
      },
    ];
  });
  const whole = wholeBond(site, wall);
  if (!whole || whole.bond.holding === "holds") return layers;
  const { bond, on } = whole;
  const holding = bond.holding as Exclude<Holding, "holds">;
  return [
    ...layers,
    {
      rule: "background/bond",
      subject: `${wall.face}/${wall.buildUp}`,
      stage: "background",
      ...bondWords(BUILD_UP[wall.buildUp].name, holding, bond),
      sentence: `On the ${wall.face}: on ${SURFACES[on]}.`,
    },
  ];
}

/** What could cure a bond of a wall, the nearest first. */
function cures(site: Site, wall: Wall, path: string, damp: boolean, on: string): Pick<Snag, "fix" | "otherFixes"> {
  const fixes: Fix[] = [];
  if (damp) {
    fixes.push({ label: "Dry the fibre first", patch: [set(`${path}/damp`, false)] });
    fixes.push({ label: "Use PU glue, which takes damp fibre", patch: [set(`${path}/finish`, "puGlueFibre")] });
  }
  if (on === "foamSkin" && !wall.skinOff)
    fixes.push(
      { label: "Take the skin off first", patch: [set(`${path}/skinOff`, true)] },
      { label: "Leave it as foamed", patch: [set(`${path}/finish`, "bareSkin")] },
    );
  if ((on === "glass" || on === "outerGlass") && wall.buildUp === "foam") {
    const stacks = site.variant.seal.stacks;
    const at = stacks.findIndex((s) => s.face === wall.face);
    const dabs = { id: "dabs-1", layer: "siliconeDabs", coats: null, damp: false };
    fixes.push({
      label: "Rough silicone dabs under it",
      patch:
        at < 0
          ? [set(site.at(`/seal/stacks/${stacks.length}`), { face: wall.face, layers: [dabs] })]
          : [set(site.at(`/seal/stacks/${at}/layers/-`), dabs)],
    });
  }
  fixes.push({ label: "Make it on panels outside", patch: [set(`${path}/buildUp`, "panels")] });
  const [fix, ...otherFixes] = fixes;
  return { ...(fix && { fix }), otherFixes };
}
