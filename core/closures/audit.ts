import { curesFor } from "../cures/apply";
import type { Measure } from "../design/basics";
import { type Audit, auditEscape, type EscapeInput } from "../escape/escape";
import type { PlacedWay } from "../escape/way";
import { constant, type Figure } from "../figures/figure";
import type { Snag, Step } from "../ledgers/ledger";
import { chewers } from "../residents/chews";
import { GAP_FACTOR } from "../residents/factors";
import type { Resident } from "../residents/schema";
import type { Site } from "../shell/site";

/** The smallest a guessed measure may be, or the measure. */
const least = (measure: Measure) => measure.low ?? measure.value;

/** A resident as the audit takes it, or undefined while neither its measure nor a refused gap is known. */
export function auditResident(resident: Resident): EscapeInput["resident"] | undefined {
  const refused = resident.refusedGap === null ? {} : { refusedGapMm: least(resident.refusedGap) };
  if (resident.narrowestRigid === null && resident.refusedGap === null) return undefined;
  return {
    name: resident.name,
    narrowestRigidMm: resident.narrowestRigid === null ? least(resident.refusedGap!) : least(resident.narrowestRigid),
    factor: GAP_FACTOR[resident.body].value,
    ...refused,
  };
}

/** Every way out, with what could close it, and how each resident passes them. */
interface Audited {
  ways: PlacedWay[];
  audits: Audit[];
}

/** Every way out against every resident that can be judged. */
export function auditAll(site: Site, ways: PlacedWay[]): Audited {
  const audits = site.brief.residents.flatMap((resident, residentIndex): Audit[] => {
    const audited = auditResident(resident);
    if (!audited) return [];
    const { ways: judged, largest } = auditEscape(
      { resident: audited, ways: ways.map((w) => w.way) },
      site.brief.units,
    );
    return [
      {
        residentIndex,
        name: resident.name,
        ways: judged.map((w, i) => ({ ...w, id: ways[i]!.id })),
        largest,
      },
    ];
  });
  return { ways, audits };
}

/** One stop for each way a resident passes, told for the resident that passes it most easily. */
export function auditSnags(site: Site, { ways, audits }: Audited): Snag[] {
  const told = new Map(ways.map((w) => [w.id, w]));
  const worst = new Map<string, { audit: Audit; way: Audit["ways"][number] }>();
  for (const audit of audits)
    for (const way of audit.ways)
      if (
        !way.passes &&
        !told.get(way.id)?.standsOpen &&
        (worst.get(way.id)?.way.allowedMm ?? Infinity) > way.allowedMm
      )
        worst.set(way.id, { audit, way });
  const chewed = chewers(site.brief.residents).length > 0;
  return [...worst.values()].map(({ audit, way }): Snag => {
    const placed = told.get(way.id)!;
    const mend = placed.mend?.(way.allowedMm);
    const [fix, ...otherFixes] = [...(mend ? [mend] : []), ...curesFor(site, placed, way.allowedMm, chewed)];
    return {
      rule: "front/way-out",
      subject: way.id,
      severity: "stop",
      stage: placed.stage,
      title: `${audit.name}: a way out ${way.kind === "slot" ? way.name : `through ${way.name}`}`,
      sentence: `${site.say(way.worstMm, "up")} at worst fit; ${site.say(way.allowedMm, "down")} allowed.`,
      reason: `Allowed is a share of the narrowest rigid measure of the smallest stage. Here ${way.why}.`,
      ...(fix && { fix, otherFixes }),
      figure: "front/audit",
    };
  });
}

/** Trying every gap, once all is shut. */
export const auditStep = (audited: boolean): Step => ({
  id: "front/audit",
  title: "Walk round every gap",
  detail: "Doors shut and locked. Try each way out with a gauge of the allowed width: meets, edges, vents, corners.",
  stage: "front",
  handsOnMinutes: 15,
  waitMinutes: 0,
  after: [
    { reached: "stands", because: "the gaps are those of the finished shell" },
    { reached: "closed", because: "doors and lock are part of the audit" },
    { reached: "meshed", because: "vents are ways out too" },
  ],
  reaches: ["audited"],
  splittable: true,
  toHand: ["drill bits or rods as gauges"],
  cautions: [],
  passSign: "No gauge of the allowed size passes anywhere.",
  ...(audited && { figure: "front/audit" }),
});

/** The largest way out, against the resident that passes it most easily. */
export function auditFigures(site: Site, audits: readonly Audit[]): Figure[] {
  const tightest = audits.reduce<{ audit: Audit; ratio: number } | undefined>((best, audit) => {
    const ratio = Math.max(0, ...audit.ways.map((w) => w.worstMm / w.allowedMm));
    return best && best.ratio >= ratio ? best : { audit, ratio };
  }, undefined);
  if (!tightest) return [];
  const { audit } = tightest;
  const worst = audit.ways.find((w) => w.name === audit.largest)!;
  const resident = site.brief.residents[audit.residentIndex]!;
  const audited = auditResident(resident)!;
  return [
    {
      id: "front/audit",
      label: `Largest way out: ${worst.name}`,
      value: worst.worstMm,
      unit: "mm",
      rounding: "up",
      formula:
        audited.refusedGapMm === undefined
          ? "nominal + tolerances summed + growth; allowed = factor × narrowest rigid measure"
          : "nominal + tolerances summed + growth; allowed = the gap seen refused",
      inputs: [
        ...audit.ways.map((w) => ({ name: `${w.name}, at worst`, value: w.worstMm, unit: "mm" })),
        { name: `allowed for ${audit.name}`, value: worst.allowedMm, unit: "mm" },
        { name: "narrowest rigid measure, at least", value: audited.narrowestRigidMm, unit: "mm" },
        constant(`factor for ${GAP_FACTOR[resident.body].words}`, GAP_FACTOR[resident.body], "×"),
      ],
    },
  ];
}
