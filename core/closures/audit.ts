import { curesFor } from "../cures/apply";
import type { Measure } from "../design/basics";
import { type Audit, auditEscape, type EscapeInput, type Life } from "../escape/escape";
import { AUDIT_FIGURE } from "../escape/facts";
import { pushN } from "../escape/push";
import type { PlacedWay } from "../escape/way";
import { constant, type Figure } from "../figures/figure";
import type { Snag, Step } from "../ledgers/ledger";
import { chewers } from "../residents/chews";
import { GAP_FACTOR } from "../residents/factors";
import type { OtherLife, Resident } from "../residents/schema";
import type { Site } from "../shell/site";

/** The smallest a guessed measure may be, or the measure. */
const least = (measure: Measure) => measure.low ?? measure.value;

/** The largest a guessed measure may be, or the measure. */
const most = (measure: Measure) => measure.high ?? measure.value;

/** A resident as the audit takes it, or undefined while neither its measure nor a refused gap is known. */
export function auditResident(resident: Resident): EscapeInput["resident"] | undefined {
  const { girth, head } = resident;
  const refused = resident.refusedGap === null ? {} : { refusedGapMm: least(resident.refusedGap) };
  if (resident.narrowestRigid === null && resident.refusedGap === null) return undefined;
  return {
    name: resident.name,
    narrowestRigidMm: resident.narrowestRigid === null ? least(resident.refusedGap!) : least(resident.narrowestRigid),
    factor: GAP_FACTOR[resident.body].value,
    ...refused,
    ...(girth && { girthMm: most(girth) }),
    ...(head && { headMm: least(head) }),
  };
}

/** Another body kept in or out with it, as the audit takes it. */
const auditOther = ({ name, body, narrowestRigid, girth, life }: OtherLife): EscapeInput["resident"] | undefined =>
  narrowestRigid === null
    ? undefined
    : {
        ...{ name, life, narrowestRigidMm: least(narrowestRigid), factor: GAP_FACTOR[body].value },
        ...(girth && { girthMm: most(girth) }),
      };

/** Everybody that is judged: each resident as it is, and then what else of it is known. */
const judgedOf = (residents: readonly Resident[]) =>
  residents.flatMap((resident, residentIndex) =>
    [
      { who: auditResident(resident), life: "adult" as Life, body: resident.body, pushN: pushN(resident) ?? 0 },
      ...(resident.lives ?? []).map((other) => ({
        ...{ who: auditOther(other), life: other.life as Life, body: other.body, pushN: 0 },
      })),
    ].flatMap(({ who, ...rest }) => (who ? [{ ...rest, who, residentIndex }] : [])),
  );

/** What is neither resident nor young: its getting out is a nuisance, not a loss. */
const BESIDE: readonly Life[] = ["feeder", "crew"];

type JudgedPlace = Audit["ways"][number];

/** Every way out, with what could close it, and how each resident passes them. */
interface Audited {
  ways: PlacedWay[];
  audits: Audit[];
}

/** Every way out against every resident that can be judged. */
export function auditAll(site: Site, ways: PlacedWay[]): Audited {
  const audits = judgedOf(site.brief.residents).map(({ who, life, body, residentIndex, pushN: newtons }): Audit => {
    const pushed = ways.map(({ way, mmPerN = 0 }) =>
      mmPerN * newtons > 0 ? { ...way, pushMm: mmPerN * newtons } : way,
    );
    const { ways: judged, largest } = auditEscape({ resident: who, ways: pushed }, site.brief.units);
    return {
      ...{ residentIndex, life, name: who.name, pushN: newtons, judged: who, body, largest },
      ways: judged.map((w, i) => ({ ...w, id: ways[i]!.id })),
    };
  });
  return { ways, audits };
}

/** How it is told that somebody passes a gap: out of the shell, or behind something in it. */
function passedBy(
  { inside }: PlacedWay,
  { life, name }: Audit,
  way: JudgedPlace,
): Pick<Snag, "rule" | "severity" | "title"> {
  if (inside) return { rule: "front/gets-behind", severity: "mind", title: `${name}: gets ${way.name}` };
  const title = `${name}: a way out ${way.kind === "slot" ? way.name : `through ${way.name}`}`;
  return BESIDE.includes(life)
    ? { rule: "front/way-out-beside", severity: "mind", title }
    : { rule: "front/way-out", severity: "stop", title };
}

/** One stop for each way a resident passes, told for the resident that passes it most easily. */
export function auditSnags(site: Site, { ways, audits }: Audited): Snag[] {
  const told = new Map(ways.map((w) => [w.id, w]));
  const chewed = chewers(site.brief.residents).length > 0;
  /** What would close a way, the simplest first. */
  const closing = (way: JudgedPlace, { pushN: newtons }: Audit) => {
    const placed = told.get(way.id)!;
    const mend = placed.mend?.(way.allowedMm);
    const [fix, ...otherFixes] = [
      ...(mend ? [mend] : []),
      ...(placed.mends?.(way.allowedMm, newtons) ?? []),
      ...curesFor(site, placed, way.allowedMm, chewed),
    ];
    return fix ? { fix, otherFixes } : {};
  };
  const isShut = ({ id }: JudgedPlace) => !told.get(id)?.standsOpen;
  /** Of those a gap is judged for, the one that passes it most easily. */
  const worstOf = (of: readonly Audit[], counts: (way: JudgedPlace) => boolean) => {
    const worst = new Map<string, { audit: Audit; way: JudgedPlace }>();
    for (const audit of of)
      for (const way of audit.ways)
        if (counts(way) && isShut(way) && (worst.get(way.id)?.way.allowedMm ?? Infinity) > way.allowedMm)
          worst.set(way.id, { audit, way });
    return [...worst.values()];
  };
  const kept = audits.filter(({ life }) => !BESIDE.includes(life));
  const beside = audits.filter(({ life }) => BESIDE.includes(life));
  const passable = (way: JudgedPlace) => !way.passes;
  const snares = worstOf(kept, ({ snare }) => snare === true).map(
    ({ audit, way }): Snag => ({
      rule: "front/snare",
      subject: way.id,
      severity: "stop",
      stage: told.get(way.id)!.stage,
      title: `${audit.name}: caught ${way.kind === "slot" ? way.name : `in ${way.name}`}`,
      sentence: `At worst ${site.say(way.worstMm, "up")}: a head goes in and the body behind it does not.`,
      reason: `What goes in backwards comes out by its own weight or not at all, even where nobody gets out. Here ${way.why}.`,
      ...closing(way, audit),
      figure: AUDIT_FIGURE,
    }),
  );
  const out = [...worstOf(kept, passable), ...worstOf(beside, passable)].map(({ audit, way }): Snag => {
    const placed = told.get(way.id)!;
    return {
      ...passedBy(placed, audit, way),
      subject: way.id,
      stage: placed.stage,
      sentence: `${site.say(way.worstMm, "up")} at worst fit; ${site.say(way.allowedMm, "down")} allowed.`,
      reason: `Allowed is a share of the narrowest rigid measure of the smallest stage. Here ${way.why}.`,
      ...closing(way, audit),
      figure: AUDIT_FIGURE,
    };
  });
  return [...out, ...snares];
}

/** Trying every gap, once all is shut. */
export const auditStep = (audited: boolean): Step => ({
  id: "front/audit",
  title: "Walk round every gap",
  detail:
    "Doors shut and locked. Try each way out with a gauge of the allowed width: meets, edges, vents, corners. From then on pull at every catch after each opening.",
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
  ...(audited && { figure: AUDIT_FIGURE }),
});

/** The largest way out, against the resident that passes it most easily. */
export function auditFigures({ ways, audits }: Audited): Figure[] {
  const inside = new Set(ways.flatMap((w) => (w.inside ? [w.id] : [])));
  const judgedWays = audits.flatMap((audit) =>
    audit.ways.filter((w) => !inside.has(w.id)).map((way) => ({ audit, way, ratio: way.worstMm / way.allowedMm })),
  );
  const tightest = judgedWays.reduce<(typeof judgedWays)[number] | undefined>(
    (most, w) => (most && most.ratio >= w.ratio ? most : w),
    undefined,
  );
  if (!tightest) return [];
  const { audit, way: worst } = tightest;
  const { judged, body } = audit;
  return [
    {
      id: AUDIT_FIGURE,
      label: `Largest way out: ${worst.name}`,
      value: worst.worstMm,
      unit: "mm",
      rounding: "up",
      formula:
        judged.refusedGapMm === undefined
          ? "nominal + tolerances summed + growth; allowed = factor × narrowest rigid measure"
          : "nominal + tolerances summed + growth; allowed = the gap seen refused",
      inputs: [
        ...audit.ways.map((w) => ({ name: `${w.name}, at worst`, value: w.worstMm, unit: "mm" })),
        { name: `allowed for ${audit.name}`, value: worst.allowedMm, unit: "mm" },
        { name: "narrowest rigid measure, at least", value: judged.narrowestRigidMm, unit: "mm" },
        constant(`factor for ${GAP_FACTOR[body].words}`, GAP_FACTOR[body], "×"),
      ],
    },
  ];
}
