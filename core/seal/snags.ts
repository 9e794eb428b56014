import { practice } from "../figures/figure";
import { set, setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import { materialsOf } from "../materials/find";
import { raiseDam } from "../shell/dam/raise";
import { HOLLOW_DEPTH } from "../shell/fillet";
import type { Seam } from "../shell/shell";
import type { Site } from "../shell/site";
import { formatMinutes, formatNumber } from "../units/format";
import { sealantOf, unheldSeams } from "./beads";
import { TEST_OVER_MM } from "./testLevel";
import { hasDam, waterStands } from "./water";

/** Airing before animals after silicone: 3 days to 2 weeks (source: sealing). */
const AIRING_DAYS = { low: 3, high: 14, basis: practice } as const;

/** What is wrong with the beads, the water line and the airing. */
export function sealSnags(site: Site, seams: Seam[]): Snag[] {
  const { seal } = site.variant;
  const { at, say, saySpan, shell } = site;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => list.push({ stage: "seal", subject: "seams", ...snag });
  const sealant = sealantOf(site);
  const unheld = unheldSeams(site);
  if (unheld.length > 0)
    add({
      rule: "seal/silicone-lets-go",
      severity: waterStands(site) ? "stop" : "mind",
      title: "Silicone does not hold this plastic",
      sentence: `${unheld.length} seams were chosen for a bead; none is planned there: ${shell.faces.base.material.name}.`,
      reason: waterStands(site)
        ? "Nothing seals polyethylene or polypropylene for good: water stands in a tray, a pot or a moulded tub, not in this box."
        : "Nothing seals polyethylene or polypropylene for good. Against splashes its own joint has to do.",
      ...(!waterStands(site) && { fix: { label: "Run no beads", patch: [set(at("/seal/seams"), "none")] } }),
    });
  const clean = materialsOf(site.book, "sealant").find((s) => !s.mouldInhibitor);
  if (seams.length > 0 && sealant.mouldInhibitor)
    add({
      rule: "seal/mould-inhibitor",
      severity: "stop",
      title: "This sealant poisons",
      sentence: `${sealant.name} holds a mould inhibitor.`,
      reason:
        "It leaches where small animals sit and drink. Use a sealant whose label says 100 % silicone, no additives.",
      ...(clean && {
        fix: { label: `Use ${clean.name.toLowerCase()}`, patch: [set(at("/seal/sealant"), clean.id)] },
      }),
    });
  if (seal.standingWater !== null && hasDam(site) && seal.standingWater.value > shell.levels.damTopMm) {
    const wanted = seal.standingWater.value + TEST_OVER_MM;
    add({
      rule: "seal/water-over-dam",
      severity: "stop",
      title: "The water line is above the dam",
      sentence: `Water to ${say(seal.standingWater.value)}, dam ${say(shell.levels.damTopMm)}.`,
      reason: `The dam must top the water line, with freeboard to test it ${say(20)} higher.`,
      ...(shell.damPath !== null && {
        fix: { label: `Make the dam ${say(wanted)} high`, patch: raiseDam(site, wanted) },
      }),
    });
  }
  if (!waterStands(site) && shell.levels.groundMm > 0)
    add({
      rule: "seal/splash-only",
      severity: "note",
      title: "Sealed against splashes only",
      sentence: "No water can stand in it as planned, so the diary holds no water test.",
      reason:
        "A spilt dish is a splash. A drainage layer is standing water sooner or later: plan its level if there will be one.",
    });
  if (seams.length > 0 && shell.faces.base.material.family === "pvcFoam")
    add({
      rule: "seal/key-the-pvc",
      severity: "note",
      title: "Key the PVC before the bead",
      sentence: "Silicone holds weakly on PVC sheet: scuff and degrease both faces of every seam.",
      reason: "It seals the seam; the cement and screws hold the joint.",
    });
  if (seal.airingDays.value < AIRING_DAYS.low && seams.length > 0)
    add({
      rule: "seal/airing-too-short",
      severity: "mind",
      title: "Too short to air out",
      sentence: `${formatNumber(seal.airingDays.value)} days; builders wait ${AIRING_DAYS.low} to ${AIRING_DAYS.high}.`,
      reason: "Curing silicone gives off acid or alcohol until it is through (trade practice, no source).",
      fix: {
        label: `Air for ${AIRING_DAYS.low} days`,
        patch: [
          set(at("/seal/airingDays"), {
            typed: String(AIRING_DAYS.low),
            value: AIRING_DAYS.low,
            how: "stated",
          }),
        ],
      },
    });
  const cureDays = (HOLLOW_DEPTH * seal.leg.value) / (sealant.cureMmPerDay.low ?? sealant.cureMmPerDay.value);
  if (seams.length > 0 && cureDays > 3)
    add({
      rule: "seal/bead-too-thick",
      severity: "mind",
      title: "A very thick bead",
      sentence: `A leg of ${say(seal.leg.value)} cures through in about ${formatMinutes(Math.ceil(cureDays) * 1440)}.`,
      reason: `Silicone cures ${saySpan(2, 3)} a day from its face inward (maker's label); two thinner beads are surer.`,
      fix: { label: `Lay it ${say(8)} in the leg`, patch: [setMm(at("/seal/leg"), 8)] },
      figure: "seal/cure",
    });
  return list;
}
