import { statedMm } from "../../../design/measure";
import type { Variant } from "../../../design/schema";
import { CAUTION, RATES } from "../../../diary/rates";
import { emptyLedger, type TradeLedger } from "../../../ledgers/ledger";
import type { Site } from "../../../ledgers/site";
import { stackLevels } from "../../../levels/levels";
import { OPEN_SIDE, sheetFace } from "../../../materials/face";
import { findMaterial } from "../../../materials/find";
import type { Book } from "../../../materials/schema";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { Shell, Solid } from "../../shell";
import { boxSeams } from "../boxSeams";
import { surveyStep } from "../foundSteps";
import { layFront } from "../frontFrame";
import { checkTank, starterTank, tankFields, tankFirst, tankPane } from "../glassTank";
import type { ShellKind } from "../kind";
import { stripPanel } from "../stripPanel";
import type { TankOnEndShell } from "./schema";

/** Stood on one end: its length is the height, its height the depth, its open side the front; an end pane is the base. */
function buildOnEnd({ shell: anyShell, seal }: Variant, book: Book): Shell {
  const shell = anyShell as TankOnEndShell;
  const { found } = shell;
  const t = found.glass.value;
  const frame = findMaterial(book, shell.frameMaterial, "sheet")!;
  const inside = {
    widthMm: found.width.value - 2 * t,
    depthMm: found.height.value - t,
    heightMm: found.length.value - 2 * t,
  };
  const profile = boxProfile(inside);
  const levels = stackLevels({
    insideHeightMm: inside.heightMm,
    groundMm: shell.groundDepth?.value,
    waterMm: seal.standingWater?.value,
    damMm: shell.dam?.value ?? 0,
    ventRailMm: shell.ventRail?.value ?? 0,
    headRailMm: shell.headRail?.value ?? 0,
  });
  const { strips, opening } = layFront({ ...shell, stile: null }, inside, levels, sheetFace(frame));
  const panels = strips.map((strip) => stripPanel(strip, frame));
  // The former base is the back; the other four walls are all alike.
  const faces = boxFaces(
    inside,
    (face) => (face === "front" ? OPEN_SIDE : tankPane(found, face === "back" ? "base" : "wall")),
    ["front"],
  );
  return {
    kind: "tankOnEnd",
    words: "glass tank stood on end",
    inside,
    outside: { widthMm: found.width.value, depthMm: found.height.value, heightMm: found.length.value },
    legsMm: shell.legs?.value ?? 0,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "(width − 2 glass) × (former height − glass) × (former length − 2 glass)",
      inputs: [
        { name: "former length, now the height", value: found.length.value, unit: "mm" },
        { name: "width", value: found.width.value, unit: "mm" },
        { name: "former height, now the depth", value: found.height.value, unit: "mm" },
        { name: "glass", value: t, unit: "mm" },
      ],
    },
    faces,
    strips,
    opening: { ...opening, face: "front" },
    panels,
    joints: strips.flatMap((strip) => [
      { id: `joint/${strip.id}-end-1`, lengthMm: strip.heightMm, screws: 0 },
      { id: `joint/${strip.id}-end-2`, lengthMm: strip.heightMm, screws: 0 },
    ]),
    seams: boxSeams(inside, ["front"], strips, levels),
    solids: [
      ...Object.values(faces)
        .filter((f) => !f.open)
        .map((f) => faceSolid(f, FACE_WORDS[f.id])),
      ...strips.map(
        (strip): Solid => ({
          id: `front/${strip.id}`,
          label: strip.label,
          kg: (strip.widthMm * strip.heightMm * frame.thicknessMm * frame.densityKgPerM3.value) / 1e9,
          at: [strip.uMm + strip.widthMm / 2, frame.thicknessMm / 2, strip.vMm + strip.heightMm / 2],
        }),
      ),
    ],
    gaps: [],
    tray: null,
    reusable: [],
    ownPanes: [],
    levels,
    damPath: "/shell/dam",
  };
}

function planOnEnd({ shell, variant, say, at }: Site): TradeLedger {
  const own = variant.shell as TankOnEndShell;
  const metres = shell.joints.reduce((sum, j) => sum + j.lengthMm, 0) / 1000;
  return {
    ...emptyLedger(),
    steps: [
      surveyStep(shell, "Stand it on end and look along every seam; mark which pane is now the base.", [CAUTION.glass]),
      ...(shell.strips.length > 0
        ? [
            {
              id: "shell/glue",
              title: "Set dam and rails into the open side",
              detail: `${shell.strips.length} strips, on silicone, front edges flush with the glass, taped until it holds.`,
              stage: "shell" as const,
              handsOnMinutes: Math.max(15, metres * RATES.jointPerMetre.value),
              waitMinutes: 1440,
              waitFor: "the silicone",
              after: [{ id: "cuts/saw", because: "the strips must be cut" }],
              posture: "onBack" as const,
              holdsPosture: true,
              splittable: true,
              toHand: ["silicone", "masking tape", "alcohol"],
              cautions: [CAUTION.siliconeFumes, CAUTION.glass],
              passSign: "No strip moves under a thumb.",
            },
          ]
        : []),
    ],
    snags: [
      ...(own.legs === null
        ? [
            {
              rule: "shell/no-legs",
              subject: "legs",
              severity: "note" as const,
              stage: "shell" as const,
              title: "It stands on an end pane",
              sentence: `The base is now a former end pane of ${say(own.found.glass.value)} glass with no frame under it.`,
              reason: "Legs or a plinth all round keep a grain of grit from cracking it (trade practice, no source).",
              fix: {
                label: `Stand it on legs of ${say(30)}`,
                patch: [{ op: "add" as const, path: at("/shell/legs"), value: statedMm(30, "30 mm") }],
              },
            },
          ]
        : []),
      ...(shell.levels.waterMm > 0
        ? [
            {
              rule: "shell/end-pane-under-water",
              subject: "base",
              severity: "mind" as const,
              stage: "shell" as const,
              title: "Seams under water they were not made for",
              sentence: `${say(shell.levels.waterMm)} of water stands on a former end pane and its seams.`,
              reason:
                "A tank's maker sizes the base for water; an end pane's seam is thinner. Test it long, or tray it.",
            },
          ]
        : []),
    ],
  };
}

export const tankOnEnd: ShellKind<TankOnEndShell> = {
  kind: "tankOnEnd",
  label: "Glass tank on end",
  words: "stood upright on one end, its open side to the front",
  closures: ["open", "slidingPair"],
  survey: {
    drawing: ["30,6 58,6 58,68 30,68 30,6", "58,6 74,2 74,62 58,68", "30,6 46,2 74,2", "30,58 58,58", "30,12 58,12"],
    first: tankFirst,
    groups: [
      {
        title: "As found, lying",
        fields: tankFields.map((f): (typeof tankFields)[number] => {
          if (f.path.endsWith("/length"))
            return {
              ...f,
              hint: "becomes the height",
              arrow: "25,6 25,68",
            };
          if (f.path.endsWith("/width"))
            return {
              ...f,
              arrow: "30,72 58,72",
            };
          if (f.path.endsWith("/height"))
            return {
              ...f,
              hint: "becomes the depth",
              arrow: "61,71 77,65",
            };
          const { arrow: _, ...rest } = f;
          return rest;
        }),
      },
      {
        title: "As finished",
        fields: [
          { path: "/shell/frameMaterial", label: "Dam and rails of", ask: "sheet" },
          {
            path: "/shell/dam",
            label: "Dam, how high",
            ask: "length",
            optional: true,
            arrow: "44,58 44,68",
          },
          { path: "/shell/ventRail", label: "Vent rail on it", ask: "length", optional: true },
          {
            path: "/shell/headRail",
            label: "Head rail",
            ask: "length",
            optional: true,
            arrow: "44,6 44,12",
          },
          { path: "/shell/legs", label: "Legs, how high", ask: "length", optional: true },
          { path: "/shell/groundDepth", label: "Ground, how deep", ask: "length", optional: true },
          { path: "/shell/topLoadKg", label: "Load on the top", ask: "plain", suffix: "kg" },
        ],
      },
    ],
  },
  starter: () => ({
    shell: {
      kind: "tankOnEnd",
      found: starterTank(),
      frameMaterial: "pvc-foam-10",
      dam: null,
      ventRail: null,
      headRail: null,
      legs: null,
      groundDepth: null,
      topLoadKg: statedMm(0),
    },
  }),
  check: (shell, _, checker) => {
    const { found, dam, ventRail, headRail } = shell;
    checkTank(found, checker);
    if (!findMaterial(checker.book, shell.frameMaterial, "sheet"))
      checker.add("/shell/frameMaterial", `The book has no sheet “${shell.frameMaterial}”. Choose another.`);
    const insideMm = found.length.value - 2 * found.glass.value;
    for (const [key, words] of [
      ["dam", "The dam"],
      ["ventRail", "The vent rail"],
      ["headRail", "The head rail"],
    ] as const)
      checker.between(`/shell/${key}`, shell[key], 5, 2000, words);
    const taken = (dam?.value ?? 0) + (ventRail?.value ?? 0) + (headRail?.value ?? 0);
    if (taken > 0 && taken > insideMm - 40)
      checker.add(
        "/shell/dam",
        `Dam and rails take ${checker.say(taken)} of ${checker.say(insideMm)}; no face is left open. Keep them under ${checker.say(Math.max(0, insideMm - 40))} together.`,
      );
    checker.between("/shell/legs", shell.legs, 5, 1000, "Legs");
    checker.between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, insideMm), "Ground");
  },
  build: buildOnEnd,
  plan: planOnEnd,
};
