import { statedMm } from "../../../design/measure";
import type { FaceId, Variant } from "../../../design/schema";
import { type Figure, memory, practice } from "../../../figures/figure";
import { setMm } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../../../ledgers/ledger";
import type { Site } from "../../../ledgers/site";
import { stackLevels } from "../../../levels/levels";
import { foundFace } from "../../../materials/face";
import { formatNumber } from "../../../units/format";
import { FACE_WORDS, faceSolid } from "../../boxFaces";
import { SIZE_LIMIT_MM } from "../../limits";
import { disc, trapezium } from "../../outline";
import { type Profile, volumeBelowMl } from "../../profile";
import type { Shell, ShellFace } from "../../shell";
import { slantMm } from "../../space";
import { surveyStep } from "../foundSteps";
import type { Checker, ShellKind } from "../kind";
import type { RoundTubShell } from "./schema";
import { tubeHole } from "./tube";

/** Steeper than this ants and beetles slip back and carry nothing. */
const STEEPEST = { value: 30, basis: memory } as const;
/** A tube kinks when bent tighter than this many bores. */
const BEND_BORES = { value: 4, basis: memory } as const;

const profileOf = ({ found }: RoundTubShell): Profile => ({
  round: true,
  footWidthMm: found.footDiameter.value,
  footDepthMm: found.footDiameter.value,
  rimWidthMm: found.rimDiameter.value,
  rimDepthMm: found.rimDiameter.value,
  heightMm: found.height.value,
  cornerRadiusMm: 0,
});

/** Where each quarter of the wall looks, and which way its u runs round. */
const QUARTERS = {
  left: [Math.PI, -1],
  right: [0, 1],
  back: [Math.PI / 2, -1],
  front: [-Math.PI / 2, 1],
} as const;

function roundFaces(shell: RoundTubShell): Record<FaceId, ShellFace> {
  const { found } = shell;
  const [foot, rim, height] = [found.footDiameter.value, found.rimDiameter.value, found.height.value];
  const material = foundFace(found.plastic, found.wall.value);
  const centre = [foot / 2, foot / 2] as const;
  const slope = slantMm(height, (rim - foot) / 2);
  const quarter = (id: keyof typeof QUARTERS): ShellFace => {
    const [footArc, rimArc] = [(Math.PI * foot) / 4, (Math.PI * rim) / 4];
    const [middle, turn] = QUARTERS[id];
    const widest = Math.max(footArc, rimArc);
    const room = Math.min(footArc, rimArc);
    return {
      id,
      material,
      open: false,
      frame: {
        kind: "arc",
        centre,
        footRadiusMm: foot / 2,
        rimRadiusMm: rim / 2,
        heightMm: height,
        middle,
        turn,
        middleU: widest / 2,
      },
      outline: trapezium(footArc, rimArc, slope),
      room: { uMm: (widest - room) / 2, vMm: 0, widthMm: room, heightMm: slope },
    };
  };
  const round = (id: "base" | "top", z: number, dia: number, out: 1 | -1): ShellFace => {
    const side = dia / Math.SQRT2;
    return {
      id,
      material,
      open: false,
      frame: {
        kind: "plane",
        origin: [centre[0] - dia / 2, centre[1] - dia / 2, z],
        u: [1, 0, 0],
        v: [0, 1, 0],
        out: [0, 0, out],
      },
      outline: disc(dia),
      room: { uMm: (dia - side) / 2, vMm: (dia - side) / 2, widthMm: side, heightMm: side },
    };
  };
  return {
    base: round("base", 0, foot, -1),
    top: round("top", height, rim, 1),
    left: quarter("left"),
    right: quarter("right"),
    back: quarter("back"),
    front: quarter("front"),
  };
}

function buildRound({ shell: anyShell, seal }: Variant): Shell {
  const shell = anyShell as RoundTubShell;
  const { found } = shell;
  const profile = profileOf(shell);
  const faces = roundFaces(shell);
  const wall = found.wall.value;
  const inside = { widthMm: found.rimDiameter.value, depthMm: found.rimDiameter.value, heightMm: found.height.value };
  return {
    kind: "roundTub",
    words: "round tub",
    inside,
    outside: {
      widthMm: inside.widthMm + 2 * wall,
      depthMm: inside.depthMm + 2 * wall,
      heightMm: inside.heightMm + 2 * wall,
    },
    legsMm: 0,
    profile,
    volumeMl: volumeBelowMl(profile, profile.heightMm),
    volumeWorking: {
      formula: "π·h/12 · (D² + D·d + d²), a cone's frustum",
      inputs: [
        { name: "rim diameter", value: found.rimDiameter.value, unit: "mm" },
        { name: "foot diameter", value: found.footDiameter.value, unit: "mm" },
        { name: "height inside", value: found.height.value, unit: "mm" },
      ],
    },
    faces,
    strips: [],
    opening: { face: "top", uMm: 0, vMm: 0, widthMm: found.rimDiameter.value, heightMm: found.rimDiameter.value },
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
      groundMm: Math.max(shell.groundDepth?.value ?? 0, shell.floorDepth?.value ?? 0),
      waterMm: seal.standingWater?.value,
      damMm: inside.heightMm,
    }),
    damPath: null,
  };
}

function check(shell: RoundTubShell, _: unknown, { between, add, say }: Checker): void {
  const { found, tube, floorDepth } = shell;
  for (const [key, words] of [
    ["rimDiameter", "The rim"],
    ["footDiameter", "The foot"],
    ["height", "The height"],
  ] as const)
    between(`/shell/found/${key}`, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, words);
  if (found.footDiameter.value > found.rimDiameter.value)
    add(
      "/shell/found/footDiameter",
      `A foot of ${say(found.footDiameter.value)} under a rim of ${say(found.rimDiameter.value)} could never leave its mould. Type ${say(found.rimDiameter.value)} or less, or swap the two.`,
    );
  between("/shell/found/wall", found.wall, 0.4, 15, "The wall");
  between("/shell/found/lidGap", found.lidGap, 0, 50, "The gap round the lid");
  between("/shell/floorDepth", floorDepth, 1, Math.max(1, found.height.value - 10), "The poured floor");
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, found.height.value), "Ground");
  if (!tube) return;
  between("/shell/tube/outer", tube.outer, 2, 120, "The tube");
  between("/shell/tube/bore", tube.bore, 1, Math.max(1, tube.outer.value), "The bore");
  between(
    "/shell/tube/height",
    tube.height,
    tube.outer.value / 2,
    Math.max(1, found.height.value - tube.outer.value / 2),
    "The middle of the tube's hole",
  );
  between("/shell/tube/rise", tube.rise, 0, 2000, "The rise");
  between("/shell/tube/run", tube.run, 10, 5000, "The run");
  between("/shell/tube/bendRadius", tube.bendRadius, 1, 5000, "The bend");
}

function planRound(site: Site): TradeLedger {
  const shell = site.variant.shell as RoundTubShell;
  const { say, at } = site;
  const snags: Snag[] = [];
  const figures: Figure[] = [];
  const add = (snag: Omit<Snag, "stage" | "subject">) => snags.push({ stage: "shell", subject: "tube", ...snag });
  const { tube, floorDepth } = shell;
  if (floorDepth)
    figures.push({
      id: "shell/floor-pour",
      label: "Poured floor",
      value: volumeBelowMl(site.shell.profile, floorDepth.value) / 1000,
      unit: "L",
      formula: "volume of the tub up to the floor's depth × 1.0",
      inputs: [{ name: "depth", value: floorDepth.value, unit: "mm", basis: practice }],
    });
  if (tube) {
    const hole = tubeHole(tube.outer.value, tube.rise.value, tube.run.value);
    figures.push({
      id: "shell/tube-hole",
      label: "Oval for the tube, the long way",
      value: hole.longMm,
      unit: "mm",
      formula: "tube ÷ sin(angle between tube and wall)",
      inputs: [
        { name: "tube outside, the short way of the oval", value: tube.outer.value, unit: "mm" },
        { name: "slope of the tube", value: hole.slopeDegrees, unit: "°" },
        { name: "angle between tube and wall", value: 90 - hole.slopeDegrees, unit: "°" },
      ],
    });
    if (hole.slopeDegrees > STEEPEST.value + 1e-9) {
      const run = Math.ceil(tube.rise.value / Math.tan((STEEPEST.value * Math.PI) / 180));
      add({
        rule: "shell/tube-steep",
        severity: "mind",
        title: "The tube is too steep",
        sentence: `${formatNumber(hole.slopeDegrees, 1, "up")}° over ${say(tube.run.value)}; ${STEEPEST.value}° is what they climb with a load.`,
        reason: "A steep or smooth tube is not used (from memory).",
        fix: { label: `Give it a run of ${say(run)}`, patch: [setMm(at("/shell/tube/run"), run)] },
        figure: "shell/tube-hole",
      });
    }
    const least = BEND_BORES.value * tube.bore.value;
    if (tube.bendRadius.value < least)
      add({
        rule: "shell/tube-kinks",
        severity: "mind",
        title: "The tube will kink",
        sentence: `Bent to ${say(tube.bendRadius.value)}; a bore of ${say(tube.bore.value)} wants ${say(least)} or more.`,
        reason: `Bend radius of ${BEND_BORES.value} bores at least (from memory); try it dry before the hole is cut.`,
        fix: { label: `Bend it to ${say(least)}`, patch: [setMm(at("/shell/tube/bendRadius"), least)] },
      });
  }
  return {
    ...emptyLedger(),
    snags,
    figures,
    steps: [
      surveyStep(
        site.shell,
        "Two diameters at rim and foot, crossing; height inside. Try the tube dry against the wall.",
      ),
    ],
  };
}

export const roundTub: ShellKind<RoundTubShell> = {
  kind: "roundTub",
  label: "Round tub",
  words: "with a poured floor and a tube to the next box",
  closures: ["open", "found"],
  survey: {
    drawing: [
      "20,16 28,11 46,9 64,11 72,16 64,21 46,23 28,21 20,16",
      "20,16 26,62 34,66 46,67 58,66 66,62 72,16",
      "70,40 92,32",
      "69,46 92,38",
    ],
    first: [
      { path: "/shell/found/rimDiameter", label: "Diameter inside at the rim", example: '250 or 9 7/8"' },
      { path: "/shell/found/footDiameter", label: "Diameter inside at the foot", example: '230 or 9"' },
      { path: "/shell/found/height", label: "Height inside", example: '140 or 5 1/2"' },
    ],
    groups: [
      {
        title: "As found, inside",
        fields: [
          {
            path: "/shell/found/rimDiameter",
            label: "Rim, across",
            ask: "length",
            arrow: "20,16 72,16",
          },
          {
            path: "/shell/found/footDiameter",
            label: "Foot, across",
            ask: "length",
            arrow: "26,71 66,71",
          },
          {
            path: "/shell/found/height",
            label: "Height",
            ask: "length",
            arrow: "14,16 14,66",
          },
          { path: "/shell/found/wall", label: "Wall, how thick", ask: "length" },
          {
            path: "/shell/found/plastic",
            label: "Plastic",
            ask: "choice",
            options: [
              ["pp", "polypropylene, PP"],
              ["pe", "polyethylene, PE"],
              ["ps", "polystyrene, PS"],
              ["acrylic", "acrylic"],
            ],
          },
          { path: "/shell/found/lidGap", label: "Gap round the lid", ask: "length", hint: "the widest, shut" },
        ],
      },
      {
        title: "As finished",
        fields: [
          { path: "/shell/floorDepth", label: "Poured floor, how deep", ask: "length", optional: true },
          { path: "/shell/groundDepth", label: "Ground on it, to what height", ask: "length", optional: true },
          { path: "/shell/topLoadKg", label: "Load on the lid", ask: "plain", suffix: "kg" },
        ],
      },
    ],
  },
  starter: () => ({
    shell: {
      kind: "roundTub",
      found: {
        rimDiameter: statedMm(250),
        footDiameter: statedMm(230),
        height: statedMm(140),
        wall: statedMm(2),
        plastic: "pp",
        lidGap: statedMm(0.5),
      },
      floorDepth: null,
      tube: null,
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
  build: buildRound,
  plan: planRound,
};
