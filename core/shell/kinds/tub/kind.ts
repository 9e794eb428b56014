import { statedMm } from "../../../design/measure";
import type { Variant } from "../../../design/schema";
import type { Figure } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../../../ledgers/ledger";
import type { Site } from "../../../ledgers/site";
import { stackLevels } from "../../../levels/levels";
import { foundFace } from "../../../materials/face";
import { formatNumber } from "../../../units/format";
import { FACE_WORDS, faceSolid } from "../../boxFaces";
import { SIZE_LIMIT_MM } from "../../limits";
import { type Profile, volumeBelowMl } from "../../profile";
import type { Shell } from "../../shell";
import { surveyStep } from "../foundSteps";
import type { Checker, ShellKind } from "../kind";
import { type Explanation, explainClaim } from "./claim";
import type { TubShell } from "./schema";
import { taperedFaces } from "./taper";

const profileOf = ({ found }: TubShell): Profile => ({
  round: false,
  footWidthMm: found.footLength.value,
  footDepthMm: found.footWidth.value,
  rimWidthMm: found.rimLength.value,
  rimDepthMm: found.rimWidth.value,
  heightMm: found.height.value,
  cornerRadiusMm: found.cornerRadius.value,
});

function buildTub({ shell: anyShell, seal }: Variant): Shell {
  const shell = anyShell as TubShell;
  const { found } = shell;
  const profile = profileOf(shell);
  const wallMm = found.wall.value;
  const faces = taperedFaces(profile, foundFace(found.plastic, wallMm));
  const inside = { widthMm: profile.rimWidthMm, depthMm: profile.rimDepthMm, heightMm: profile.heightMm };
  return {
    kind: "tub",
    words: `plastic tub, ${found.clear ? "clear" : "opaque"}`,
    inside,
    outside: {
      widthMm: found.lidLength?.value ?? inside.widthMm + 2 * wallMm,
      depthMm: found.lidWidth?.value ?? inside.depthMm + 2 * wallMm,
      heightMm: inside.heightMm + 2 * wallMm,
    },
    legsMm: 0,
    profile,
    volumeMl: volumeBelowMl(profile, profile.heightMm),
    volumeWorking: {
      formula: "h/6 · (foot area + 4 · middle area + rim area), rounded corners taken off: prismoidal rule",
      inputs: [
        { name: "rim length", value: found.rimLength.value, unit: "mm" },
        { name: "rim width", value: found.rimWidth.value, unit: "mm" },
        { name: "foot length", value: found.footLength.value, unit: "mm" },
        { name: "foot width", value: found.footWidth.value, unit: "mm" },
        { name: "height inside", value: found.height.value, unit: "mm" },
        { name: "corner radius", value: found.cornerRadius.value, unit: "mm" },
      ],
    },
    faces,
    strips: [],
    opening: { face: "top", uMm: 0, vMm: 0, widthMm: profile.rimWidthMm, heightMm: profile.rimDepthMm },
    panels: [],
    joints: [],
    seams: [],
    solids: Object.values(faces).map((f) => faceSolid(f, f.id === "top" ? "Lid" : FACE_WORDS[f.id])),
    gaps: [{ id: "lid", label: "round the lid", kind: "slot", mm: found.lidGap.value }],
    tray: null,
    reusable: [],
    ownPanes: [],
    levels: stackLevels({
      insideHeightMm: inside.heightMm,
      groundMm: shell.groundDepth?.value,
      waterMm: seal.standingWater?.value,
      damMm: inside.heightMm,
    }),
    damPath: null,
  };
}

function check({ found, groundDepth }: TubShell, _: unknown, { between, add, say }: Checker): void {
  for (const [key, words] of [
    ["rimLength", "The rim's length"],
    ["rimWidth", "The rim's width"],
    ["footLength", "The foot's length"],
    ["footWidth", "The foot's width"],
    ["height", "The height"],
  ] as const)
    between(`/shell/found/${key}`, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
  for (const [foot, rim, words] of [
    ["footLength", "rimLength", "long"],
    ["footWidth", "rimWidth", "wide"],
  ] as const)
    if (found[foot].value > found[rim].value)
      add(
        `/shell/found/${foot}`,
        `A foot ${say(found[foot].value)} ${words} under a rim of ${say(found[rim].value)} could never leave its mould. Type ${say(found[rim].value)} or less, or swap the two.`,
      );
  between("/shell/found/wall", found.wall, 0.4, 15, "The wall");
  between(
    "/shell/found/cornerRadius",
    found.cornerRadius,
    0,
    Math.max(0, Math.min(found.footLength.value, found.footWidth.value) / 2),
    "The corner radius",
  );
  between("/shell/found/lidGap", found.lidGap, 0, 50, "The gap round the lid");
  for (const [lid, rim, words] of [
    ["lidLength", "rimLength", "long"],
    ["lidWidth", "rimWidth", "wide"],
  ] as const) {
    const measure = found[lid];
    const least = found[rim].value + 2 * found.wall.value;
    if (measure && measure.value < least)
      add(
        `/shell/found/${lid}`,
        `A lid ${say(measure.value)} ${words} does not reach over a rim of ${say(least)} outside. Type ${say(least)} or more.`,
      );
  }
  if (found.claim && (found.claim.value <= 0 || found.claim.value > 3e6))
    add("/shell/found/claim", "A tub holds between 1 mL and 3000 L. Type for example 58 qt or 64 L.");
  between("/shell/groundDepth", groundDepth, 1, Math.max(1, found.height.value), "Ground");
}

/** What the label says against what the tape says. */
export function claimOf(site: Site): { claimMl: number; measuredMl: number; ways: Explanation[] } | null {
  const shell = site.variant.shell as TubShell;
  const profile = profileOf(shell);
  const { claim } = shell.found;
  if (!claim) return null;
  return {
    claimMl: claim.value,
    measuredMl: site.shell.volumeMl,
    ways: explainClaim(shell.found, (z) => volumeBelowMl(profile, z)),
  };
}

function planTub(site: Site): TradeLedger {
  const { found } = site.variant.shell as TubShell;
  const claim = claimOf(site);
  const snags: Snag[] = [];
  const figures: Figure[] = [];
  const add = (snag: Omit<Snag, "stage">) => snags.push({ stage: "shell", ...snag });
  if (claim) {
    const fits = claim.ways.filter((w) => w.fits);
    const litres = (ml: number) => `${formatNumber(ml / 1000)} L`;
    figures.push({
      id: "shell/claim",
      label: "The label against the tape",
      value: claim.measuredMl / 1000,
      unit: "L",
      formula: "measured volume; below it what the label's number could have meant",
      inputs: [
        { name: `the label, “${found.claim!.typed}”`, value: claim.claimMl / 1000, unit: "L" },
        ...claim.ways.map((w) => ({ name: `${w.words}${w.fits ? ": fits" : ""}`, value: w.ml / 1000, unit: "L" })),
      ],
    });
    const off = claim.measuredMl / claim.claimMl - 1;
    if (Math.abs(off) > 0.02)
      add({
        rule: "shell/label-misleads",
        subject: "claim",
        severity: "note",
        title: "The label says another volume",
        sentence: `“${found.claim!.typed}” is ${litres(claim.claimMl)}; as measured it holds ${litres(claim.measuredMl)}, ${formatNumber(Math.abs(off) * 100, 0)} % ${off < 0 ? "less" : "more"}. ${fits.length > 0 ? `Fits: ${fits.map((w) => w.words).join("; ")}.` : "No usual reading of the label fits: measure again."}`,
        reason: "Makers' volume names mislead: quarts get read as gallons. Everything here goes by the tape.",
        figure: "shell/claim",
      });
  }
  if (found.catches < 2)
    add({
      rule: "shell/few-catches",
      subject: "lid",
      severity: "mind",
      title: "The lid is hardly held",
      sentence: `${found.catches === 0 ? "No catch" : "One catch"} on the lid.`,
      reason: "A tub's lid wants a catch on each side, and a strap (trade practice, no source).",
      fix: { label: "Fit a catch on each side", patch: [set(site.at("/shell/found/catches"), 2)] },
    });
  add({
    rule: "shell/nothing-bonds",
    subject: "walls",
    severity: "note",
    title: found.plastic === "ps" ? "Brittle when drilled" : "Nothing bonds this plastic for good",
    sentence:
      found.plastic === "ps"
        ? "Clear polystyrene cracks: step drill, slow, board behind."
        : "On polypropylene and polyethylene silicone and glue peel: hold mesh with screws, rivets or hot glue, and see it again each month.",
    reason: "Trade practice, no source. Try on a scrap.",
  });
  return {
    ...emptyLedger(),
    snags,
    figures,
    steps: [
      surveyStep(site.shell, "Inside sizes at rim and foot, height inside at the middle. Try the lid and every catch."),
    ],
  };
}

export const tub: ShellKind<TubShell> = {
  kind: "tub",
  label: "Plastic tub",
  words: "a latching tub or tote whose walls taper",
  closures: ["open", "found"],
  survey: {
    drawing: ["12,18 76,18 68,66 20,66 12,18", "12,18 24,8 88,8 76,18", "88,8 80,56 68,66"],
    first: [
      { path: "/shell/found/rimLength", label: "Length inside at the rim", example: '550 or 21 5/8"' },
      { path: "/shell/found/rimWidth", label: "Width inside at the rim", example: '380 or 15"' },
      { path: "/shell/found/footLength", label: "Length inside at the foot", example: '480 or 18 7/8"' },
      { path: "/shell/found/footWidth", label: "Width inside at the foot", example: '320 or 12 5/8"' },
      { path: "/shell/found/height", label: "Height inside", example: '350 or 13 3/4"' },
    ],
    groups: [
      {
        title: "As found, inside",
        fields: [
          {
            path: "/shell/found/rimLength",
            label: "Rim, long",
            ask: "length",
            arrow: "12,22 75,22",
          },
          {
            path: "/shell/found/rimWidth",
            label: "Rim, wide",
            ask: "length",
            arrow: "9,17 21,7",
          },
          {
            path: "/shell/found/footLength",
            label: "Foot, long",
            ask: "length",
            arrow: "20,71 68,71",
          },
          {
            path: "/shell/found/footWidth",
            label: "Foot, wide",
            ask: "length",
            arrow: "71,69 83,58",
          },
          {
            path: "/shell/found/height",
            label: "Height",
            ask: "length",
            arrow: "46,18 46,66",
          },
          {
            path: "/shell/found/cornerRadius",
            label: "Corner radius",
            ask: "length",
            arrow: "20,62 24,66",
          },
          {
            path: "/shell/found/wall",
            label: "Wall, how thick",
            ask: "length",
            arrow: "76,14 79,14",
          },
          {
            path: "/shell/found/plastic",
            label: "Plastic",
            ask: "choice",
            options: [
              ["pp", "polypropylene, PP"],
              ["pe", "polyethylene, PE"],
              ["ps", "polystyrene, PS"],
            ],
            hint: "in the triangle underneath",
          },
          { path: "/shell/found/clear", label: "Clear", ask: "tick" },
        ],
      },
      {
        title: "Label and lid",
        fields: [
          { path: "/shell/found/claim", label: "The label says", ask: "volume", optional: true },
          { path: "/shell/found/lidLength", label: "Lid, long, outside", ask: "length", optional: true },
          { path: "/shell/found/lidWidth", label: "Lid, wide, outside", ask: "length", optional: true },
          { path: "/shell/found/lidGap", label: "Gap round the lid", ask: "length", hint: "the widest, shut" },
          { path: "/shell/found/catches", label: "Catches", ask: "count", max: 12 },
        ],
      },
      {
        title: "As finished",
        fields: [
          { path: "/shell/groundDepth", label: "Ground, how deep", ask: "length", optional: true },
          { path: "/shell/topLoadKg", label: "Load on the lid", ask: "plain", suffix: "kg" },
        ],
      },
    ],
  },
  starter: () => ({
    shell: {
      kind: "tub",
      found: {
        rimLength: statedMm(550),
        rimWidth: statedMm(380),
        footLength: statedMm(480),
        footWidth: statedMm(320),
        height: statedMm(350),
        wall: statedMm(2),
        cornerRadius: statedMm(0),
        plastic: "pp",
        clear: true,
        claim: null,
        lidLength: null,
        lidWidth: null,
        lidGap: statedMm(1),
        catches: 2,
        note: "",
      },
      groundDepth: null,
      topLoadKg: statedMm(0),
    },
    closure: { kind: "found", lock: "none" },
    seal: {
      sealant: "silicone-neutral",
      leg: statedMm(6),
      seams: "none",
      standingWater: null,
      airingDays: statedMm(3),
    },
  }),
  check,
  build: buildTub,
  plan: planTub,
};
