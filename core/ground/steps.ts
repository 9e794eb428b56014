import type { Step } from "../ledgers/ledger";
import { LIES, UNSAID } from "../levels/strata";
import type { Site } from "../shell/site";
import { CAUTION } from "../workshop/cautions";
import { LIFT_KG } from "../workshop/lift";
import { WAITS } from "../workshop/rates";
import type { Lies } from "./layers/kind";
import { layerKindOf } from "./layers/kinds";
import { layIt } from "./layers/laid";
import { isLaid, layersLie } from "./lies";
import { fillKg } from "./mass";
import { STANDPIPE } from "./outlet";
import { plantSteps } from "./planting/steps";
import { laysGround, siteFloor } from "./site";

const step = (
  id: string,
  after: Step["after"],
  own: Pick<Step, "title" | "detail" | "handsOnMinutes"> & Partial<Step>,
): Step => ({
  id: `ground/${id}`,
  stage: "ground",
  waitMinutes: 0,
  splittable: true,
  toHand: [],
  cautions: [],
  after,
  ...own,
});

/** What must be over before anything heavy goes in. */
export const BARE_SHELL: Step["after"] = [
  { reached: "stands", because: "the shell must stand" },
  { reached: "airedOut", because: "fumes come out of a bare shell, not out of substrate" },
  { reached: "waterTested", because: "a leak under substrate is found too late" },
  { reached: "wallsUp", because: "walls are coated and cleaned before substrate hides their feet" },
  { reached: "footed", because: "feet of wood and stone go down to the base before it is hidden" },
];

/** Layers from the base up, plants, and the weeks of settling in. */
export function groundSteps(site: Site): Step[] {
  const { ground } = site.variant;
  const heavy = fillKg(site) > LIFT_KG;
  const list: Step[] = [];
  if (ground.outlet === "standpipe")
    list.push(
      step("standpipe", BARE_SHELL, {
        title: "Stand the siphon pipe",
        detail: `${site.saySpan(25, 35)} tube to the base, holes drilled low with a step drill, on a dab of silicone; a cap on top, so that nothing climbs in.`,
        handsOnMinutes: 20,
        waitMinutes: WAITS.siliconeBeforeWater.value,
        waitFor: "its foot to cure",
        uses: [site.variant.seal.sealant, STANDPIPE],
        toHand: ["tube", "step drill", "silicone", "cap"],
        cautions: [CAUTION.dust, CAUTION.siliconeFumes],
        passSign: "Holes clear, foot firm, cap on.",
      }),
    );
  list.push(...layerSteps(site, list, heavy));
  return [...list, ...plantSteps(site, step)];
}

/** Each layer in its turn: the one beneath it first, and what is done outside before that. */
function layerSteps(site: Site, before: readonly Step[], heavy: boolean): Step[] {
  const steps: Step[] = [];
  let beneath = "";
  const lay = (
    id: string,
    title: string,
    layer: Parameters<typeof step>[2],
    outside: readonly string[],
    laid: boolean,
  ) => {
    const under: Step["after"] = beneath
      ? [{ id: beneath, because: `${title} lies on it` }]
      : [...BARE_SHELL, ...before.map((s) => ({ id: s.id, because: "it stands in it" }))];
    const out: Step["after"] = outside.map((o) => ({ id: o, because: "it is ready to lay" }));
    const bare = laid && beneath ? BARE_SHELL : [];
    const own = step(id, [...under, ...out, ...bare], { ...layer, ...(laid && { reaches: ["substrateIn"] }) });
    steps.push(own);
    beneath = own.id;
  };
  let filled = false;
  for (const { layer, lies } of layersLie(site)) {
    const kind = layerKindOf(layer);
    // Nothing is laid where no land or no height is left for it.
    if (!isLaid(layer, lies)) continue;
    const needed = new Set(kind.needs(site, layer, lies).flatMap((n) => (n.likely > 0 ? [n.materialId] : [])));
    const outside: string[] = [];
    const laid = LIES[layer.kind] === "fills" || LIES[layer.kind] === "top";
    filled ||= LIES[layer.kind] === "fills";
    for (const { own, outside: isOutside, ...all } of kind.steps(site, layer, lies, heavy)) {
      const rest = { ...all, uses: (all.uses ?? []).filter((u) => needed.has(u)) };
      const id = `${own || layer.kind}/${layer.id}`;
      if (!isOutside) lay(id, kind.word, rest, outside, laid);
      else {
        steps.push(step(id, [{ reached: "fetched", because: "it must be there" }], rest));
        outside.push(`ground/${id}`);
      }
    }
  }
  // Ground of which nobody said what it is: it is laid all the same.
  if (!filled && laysGround(site)) {
    const words = {
      uses: [],
      title: "Lay the substrate",
      detail: "Of what, nobody said yet.",
      toHand: ["substrate", "spade"],
    };
    const lies: Lies = { litres: 0, landM2: siteFloor(site).landM2, widthMm: 0, depthMm: 0, cutOut: "" };
    const { own: _, ...rest } = layIt(site, words, lies, heavy);
    lay(`mix/${UNSAID}`, "substrate", rest, [], true);
  }
  return steps;
}
