import { type Known, label } from "../../figures/figure";
import { set } from "../../ledgers/fix";
import type { Fix, Snag } from "../../ledgers/ledger";
import { type Family, isWood } from "../../materials/face";
import { findMaterial } from "../../materials/find";
import { formatNumber } from "../../units/format";
import { over } from "../../units/tolerance";
import type { DoorResult } from "../door/format";
import { HINGE_RULE } from "../door/leaf";
import { DAILY_SHARE, woodScrewsHoldN } from "../door/screws";
import type { Here } from "../kind";
import { type HingedTo, type LeafJob, sizedOf } from "./job";
import type { Hinges } from "./schema";
import type { LeafWords } from "./words";

/** What a screw holds in a plastic sheet, N for each mm of thread in it (source: door-rules). */
export const PLASTIC_GRIP: Known = { value: 20, low: 12, high: 30, basis: label };
/** Characteristic density of a softwood, C24, kg/m³ (source: en-1995-1-1). */
const C24 = 350;
/** Screws that go 6 diameters into wood hold by the standard; in a board they do so across its plies. */
const PLASTIC: readonly Family[] = ["pvcFoam", "hdpe", "pp", "pe"];
/** A screw or a bolt splits or shatters these: what hangs on them is clamped or bonded. */
const UNDRILLED: readonly Family[] = ["glass", "temperedGlass", "acrylic", "ps"];

const figureOf = (here: Pick<Here, "site">, hinge: string, name: string, unless: number): number =>
  findMaterial(here.site.book, hinge, "hardware")?.labelFigures[name]?.value ?? unless;

/** What one hinge's screws hold in what it is screwed to, N, opened each day; null where nothing is known of it. */
export function screwsHoldN(
  here: Pick<Here, "site">,
  hinge: string,
  into: Pick<HingedTo, "family" | "thicknessMm">,
): number | null {
  const count = figureOf(here, hinge, "screws", 2);
  const diameterMm = figureOf(here, hinge, "screw diameter", 4);
  const threadedMm = Math.min(figureOf(here, hinge, "screw length", 24), into.thicknessMm);
  if (isWood(into.family))
    return DAILY_SHARE * woodScrewsHoldN({ count, diameterMm, threadedMm, densityKgPerM3: C24, angleDeg: 90 });
  if (PLASTIC.includes(into.family)) return DAILY_SHARE * count * PLASTIC_GRIP.value * threadedMm;
  return null;
}

/** How many hinges a leaf wants, in words. */
export const hingeRule = (say: (mm: number) => string): string => {
  const { kg, mm, furtherMm } = HINGE_RULE;
  return `two to ${kg} kg or ${say(mm)}, one more each further ${kg} kg or ${say(furtherMm)}`;
};

/** Clamped where nothing may be drilled; screws where they hold the leaf, bolts where they do not. */
export function fixingFor(here: Pick<Here, "site">, job: LeafJob): Hinges["fixing"] {
  const { hinges } = job.hanging;
  const into = job.hangsOn;
  if (UNDRILLED.includes(into.family)) return "clamped";
  const sized = sizedOf(job);
  const holdN = hinges ? screwsHoldN(here, hinges.hinge, into) : null;
  return sized && holdN !== null && over(sized.hingePullN, holdN) ? "bolts" : "screws";
}

/** Whether there are hinges enough, and whether what they are screwed to holds them. */
export function hingeSnags(here: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Snag[] {
  const { hinges } = job.hanging;
  if (!hinges) return [];
  const { site, own, path, id } = here;
  const list: Snag[] = [];
  if (hinges.count < sized.hingesWanted)
    list.push({
      ...{ rule: "front/few-hinges", subject: own(words.one), severity: "mind", stage: "front" },
      title: `Too few hinges on the ${words.one}`,
      sentence: `${hinges.count} on a leaf of ${formatNumber(sized.leaf.massKg, 1)} kg, ${site.say(sized.leaf.heightMm)} high; ${sized.hingesWanted} are wanted.`,
      reason: `By rule ${hingeRule(site.say)} (from memory). A leaf between them warps.`,
      fix: { label: `Use ${sized.hingesWanted} hinges`, patch: [set(`${path}/hinges/count`, sized.hingesWanted)] },
      figure: id(`${words.one}-hinges`),
    });
  const into = job.hangsOn;
  if (hinges.fixing !== "clamped" && UNDRILLED.includes(into.family))
    list.push({
      ...{ rule: "front/hinge-not-drilled", subject: own(words.one), severity: "stop", stage: "front" },
      title: `Hinges are not ${hinges.fixing === "bolts" ? "bolted" : "screwed"} to ${into.name.toLowerCase()}`,
      sentence: `The ${words.all} ${words.all === words.one ? "hangs" : "hang"} on ${site.say(into.thicknessMm)} of it.`,
      reason: "It splits or shatters where it is drilled. Clamp hinges, or bonded ones, hold by what their maker says.",
      fix: { label: "Clamp or bond the hinges on", patch: [set(`${path}/hinges/fixing`, "clamped")] },
    });
  const holdN = hinges.fixing === "screws" ? screwsHoldN(here, hinges.hinge, into) : null;
  if (holdN !== null && over(sized.hingePullN, holdN)) {
    const bolt: Fix = {
      label: "Bolt the hinges through, with washers",
      patch: [set(`${path}/hinges/fixing`, "bolts")],
    };
    list.push({
      ...{ rule: "front/hinge-pulls-out", subject: own(words.one), severity: "stop", stage: "front" },
      title: "The top hinge pulls its screws out",
      sentence: `It pulls with ${formatNumber(sized.hingePullN, 0)} N; ${figureOf(here, hinges.hinge, "screws", 2)} screws in ${site.say(into.thicknessMm)} of ${into.name.toLowerCase()} hold ${formatNumber(holdN, 0)} N.`,
      reason:
        holdN === 0
          ? "Screws are counted from six diameters of thread in the wood (EN 1995-1-1), and this is thinner."
          : "A third of what screws hold once, for a door that is opened each day (from memory). In plastics by their label, about 20 N for each millimetre of thread.",
      fix: bolt,
      figure: id(`${words.one}-hinge-pull`),
    });
  }
  return list;
}
