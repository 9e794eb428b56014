import { coverDepths } from "../background/cover";
import type { Figure } from "../figures/figure";
import { mixDepthMm } from "../ground/site";
import { set, setMm } from "../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import { isClear } from "../materials/face";
import { areaAtMm2 } from "../shell/profile";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { formatNumber } from "../units/format";
import { SET_MM, under } from "../units/tolerance";
import { DRY_RH } from "./factors";
import type { Resident } from "./schema";

/** Who lives here against what the shell gives: size, ground, dryness, and what is not known yet. */
function planResidents(site: Site): TradeLedger {
  return {
    ...emptyLedger(),
    figures: fitFigures(site),
    snags: [...residentSnags(site), ...site.brief.residents.flatMap((r) => fitSnags(site, r)), ...oldHomeSnags(site)],
  };
}

/** What the shell gives within its walls: the longer and the shorter side of its floor, and the height above the ground. */
function given({ shell, variant }: Site): { length: number; width: number; height: number } {
  const { heightMm } = shell.profile;
  const walls = coverDepths(variant, shell);
  const footWidthMm = shell.profile.footWidthMm - walls.left - walls.right;
  const footDepthMm = shell.profile.footDepthMm - walls.back;
  return {
    length: Math.max(footWidthMm, footDepthMm),
    width: Math.min(footWidthMm, footDepthMm),
    height: heightMm - shell.levels.groundMm,
  };
}

function fitFigures(site: Site): Figure[] {
  const { profile, levels } = site.shell;
  const floor: Figure = {
    id: "fit/floor",
    label: "Floor",
    value: areaAtMm2(profile, 0) / 1e6,
    unit: "m²",
    formula: "inside width × depth at the foot",
    inputs: [
      { name: "width", value: profile.footWidthMm, unit: "mm" },
      { name: "depth", value: profile.footDepthMm, unit: "mm" },
    ],
  };
  const headroom: Figure = {
    id: "fit/headroom",
    label: "Height above the substrate",
    value: profile.heightMm - levels.groundMm,
    unit: "mm",
    rounding: "down",
    formula: "inside height − substrate",
    inputs: [
      { name: "inside height", value: profile.heightMm, unit: "mm" },
      { name: "ground", value: levels.groundMm, unit: "mm" },
    ],
  };
  const { oldHome } = site.brief;
  if (!oldHome) return [floor, headroom];
  const oldM2 = (oldHome.width.value * oldHome.depth.value) / 1e6;
  return [
    floor,
    headroom,
    {
      id: "fit/old-home",
      label: "Floor, times the old home's",
      value: floor.value / oldM2,
      unit: "×",
      formula: "this floor ÷ the old floor",
      inputs: [
        { name: "this floor", value: floor.value, unit: "m²" },
        { name: "old floor", value: oldM2, unit: "m²" },
      ],
    },
  ];
}

function fitSnags(site: Site, resident: Resident): Snag[] {
  const { say, at, brief } = site;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => list.push({ stage: "brief", subject: resident.id, ...snag });
  const have = given(site);
  const short = (["length", "width", "height"] as const).filter(
    (side) => resident.needs[side] && under(have[side], resident.needs[side].value, SET_MM),
  );
  if (short.length > 0) {
    const words = short.map((side) => `${side} ${say(have[side], "down")} of ${say(resident.needs[side]!.value)}`);
    add({
      rule: "fit/too-small",
      severity: brief.sizeSchool === "stepUp" ? "note" : "mind",
      title: `${resident.name}: smaller than it needs`,
      sentence: `${words.join(", ")}${brief.sizeSchool === "stepUp" ? `; you step up as it copes${brief.sizeReason ? `: ${brief.sizeReason}` : ""}` : ""}.`,
      reason:
        "Needs are from memory until you overwrite them: check with keepers and a vet. Two schools: a community's minimum, or stepping up as the animal copes.",
      ...enlarge(site, resident, short),
      figure: short.includes("height") ? "fit/headroom" : "fit/floor",
    });
    if (brief.sizeSchool === "undecided")
      add({
        rule: "fit/choose-school",
        severity: "mind",
        title: "Say which school of size you follow",
        sentence: `The shell is smaller than ${resident.name} needs, and no choice is recorded.`,
        reason: "Careful keepers differ; Hornwort never picks for you. The choice and its reason stay with the build.",
        otherFixes: [
          { label: "Stepping up as it copes", patch: [set("/brief/sizeSchool", "stepUp")] },
          { label: "A community's minimum", patch: [set("/brief/sizeSchool", "minimum")] },
        ],
      });
  }
  const groundMm = mixDepthMm(site);
  if (groundMm > 0 && resident.groundDepth && groundMm < resident.groundDepth.value)
    add({
      rule: "fit/ground-too-shallow",
      severity: "mind",
      title: `${resident.name}: too little substrate`,
      sentence: `${say(groundMm)} planned, ${say(resident.groundDepth.value)} wanted${resident.traits.digs ? "; it digs" : ""}.`,
      reason:
        "Substrate it digs in and roots stand in settles by a tenth to a fifth besides (trade practice, no source).",
    });
  const { rh } = resident.bands;
  if (rh && rh.high <= DRY_RH.value && site.shell.levels.waterMm > 0)
    add({
      rule: "fit/dry-animal-wet-shell",
      severity: "stop",
      title: `${resident.name} is kept dry`,
      sentence: `Its air is ${formatNumber(rh.low, 0)} to ${formatNumber(rh.high, 0)} %; ${say(site.shell.levels.waterMm)} of standing water is planned.`,
      reason: "Arid animals kept damp get airway disease.",
      fix: { label: "Plan no standing water", patch: [set(at("/seal/standingWater"), null)] },
    });
  const clear = (["left", "right", "back"] as const).every((face) => isClear(site.shell.faces[face].material.family));
  if (resident.traits.wantsPrivacy && clear)
    add({
      rule: "fit/no-privacy",
      severity: "note",
      title: `${resident.name} wants cover`,
      sentence: "Three walls are clear: film or a background on two of them.",
      reason: "What sees through its walls paces them, or hides all day (trade practice, no source).",
    });
  return list;
}

/** For a box of sheet given by its inside, the sizes it lacks can be typed in for the builder. */
function enlarge(site: Site, { needs }: Resident, short: ("length" | "width" | "height")[]): Pick<Snag, "fix"> {
  const { insidePaths, inside } = site.shell;
  if (!insidePaths) return {};
  const [long, wide] =
    inside.widthMm >= inside.depthMm ? (["widthMm", "depthMm"] as const) : (["depthMm", "widthMm"] as const);
  const side = { length: long, width: wide, height: "heightMm" } as const;
  return {
    fix: {
      label: "Make it as large as it needs",
      patch: short.map((key) =>
        setMm(site.at(insidePaths[side[key]]), needs[key]!.value + (key === "height" ? site.shell.levels.groundMm : 0)),
      ),
    },
  };
}

/** Moving into less than one has is told. */
function oldHomeSnags(site: Site): Snag[] {
  const { oldHome } = site.brief;
  if (!oldHome) return [];
  const { inside } = site.shell;
  const less = (
    [
      ["width", inside.widthMm],
      ["depth", inside.depthMm],
      ["height", inside.heightMm],
    ] as const
  ).filter(([side, mm]) => under(mm, oldHome[side].value, SET_MM));
  if (less.length === 0) return [];
  return [
    {
      rule: "fit/smaller-than-before",
      subject: "old-home",
      severity: "mind",
      stage: "brief",
      title: "Smaller than the old home",
      sentence: `${less.map(([side, mm]) => `${side} ${site.say(mm)}, was ${site.say(oldHome[side].value)}`).join("; ")}.`,
      reason: "Compare before buying: length, depth, height, floor (trade practice, no source).",
      figure: "fit/floor",
    },
  ];
}

function residentSnags(site: Site): Snag[] {
  const { residents } = site.brief;
  if (residents.length === 0)
    return [
      {
        rule: "brief/no-resident",
        subject: "brief",
        severity: "mind",
        stage: "brief",
        title: "Nobody lives here yet",
        sentence: "No gap can be judged until the smallest resident's narrowest rigid measure is known.",
        reason: "The escape audit compares every gap with the smallest animal.",
      },
    ];
  return residents.flatMap((resident): Snag[] => {
    if (resident.narrowestRigid === null && resident.refusedGap === null)
      return [
        {
          rule: "brief/not-measured",
          subject: resident.id,
          severity: "mind",
          stage: "brief",
          title: `Measure ${resident.name}`,
          sentence: "Its narrowest rigid measure is not known, so no gap is judged for it.",
          reason: "The smallest hole its hardest, widest part passes, at its smallest stage: hatchlings if they breed.",
        },
      ];
    if (resident.refusedGap === null && resident.narrowestRigid?.how === "guessed")
      return [
        {
          rule: "brief/guessed",
          subject: resident.id,
          severity: "note",
          stage: "brief",
          title: `${resident.name}: a guess`,
          sentence: `Gaps are judged by the low end of the guess, ${site.say(resident.narrowestRigid.low ?? resident.narrowestRigid.value, "down")}. Measure before the audit.`,
          reason: "Starter figures are from memory: check with a keeper's or a vet's reference.",
        },
      ];
    return [];
  });
}

export const residentsTrade: Trade = {
  id: "residents",
  stage: { id: "brief", key: "1", label: "Brief", group: "design" },
  reads: ["background", "ground", "dividers", "vessels"],
  needs: [],
  gives: [],
  plan: planResidents,
};
