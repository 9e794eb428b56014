import { statedMm } from "../../../design/measure";
import { FACES } from "../../../design/names";
import { CAUTION, RATES } from "../../../diary/rates";
import { set } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type Step, type TradeLedger } from "../../../ledgers/ledger";
import type { Site } from "../../../ledgers/site";
import { FOUND_IDS, FOUND_MATERIALS } from "../../../materials/face";
import { FACE_WORDS } from "../../boxFaces";
import { SIZE_LIMIT_MM } from "../../limits";
import { surveyStep } from "../foundSteps";
import type { Checker, ShellKind, SurveyField } from "../kind";
import { buildCabinet } from "./build";
import type { CabinetShell } from "./schema";
import { cutShelves } from "./tray";

const MATERIAL_OPTIONS = FOUND_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const);

const board = (thicknessMm: number): CabinetShell["found"]["faces"]["base"] => ({
  material: "chipboard",
  thickness: statedMm(thicknessMm),
});

export const starterCabinet = (): CabinetShell => ({
  kind: "cabinet",
  found: {
    width: statedMm(900),
    depth: statedMm(450),
    height: statedMm(1500),
    faces: {
      base: board(16),
      top: board(16),
      left: board(16),
      right: board(16),
      back: { material: "mdf", thickness: statedMm(4) },
      front: { material: "glass", thickness: statedMm(4) },
    },
    doors: { leaves: 2, meetingGap: statedMm(3), edgeGap: statedMm(2) },
    frame: statedMm(0),
    shelves: [],
    holes: { count: 0, dia: statedMm(5), plugged: false },
    legs: null,
  },
  tray: null,
  groundDepth: null,
  topLoadKg: statedMm(0),
});

function check(shell: CabinetShell, _: unknown, { between, add, say }: Checker): void {
  const { found, tray } = shell;
  const walls = { width: ["left", "right"], depth: ["front", "back"], height: ["base", "top"] } as const;
  for (const [key, [a, b]] of Object.entries(walls) as [keyof typeof walls, (typeof walls)["width"]][]) {
    const name = key[0]!.toUpperCase() + key.slice(1);
    const path = `/shell/found/${key}`;
    between(path, found[key], SIZE_LIMIT_MM.low, SIZE_LIMIT_MM.high, name);
    const taken = found.faces[a].thickness.value + found.faces[b].thickness.value;
    if (found[key].value >= SIZE_LIMIT_MM.low && found[key].value < taken + SIZE_LIMIT_MM.low)
      add(
        path,
        `${name} of ${say(found[key].value)} leaves no inside between faces of ${say(taken)} together. Type ${say(taken + SIZE_LIMIT_MM.low)} or more.`,
      );
  }
  for (const face of FACES)
    between(`/shell/found/faces/${face}/thickness`, found.faces[face].thickness, 0.4, 60, FACE_WORDS[face]);
  between("/shell/found/doors/meetingGap", found.doors.meetingGap, 0, 60, "The gap where doors meet");
  between("/shell/found/doors/edgeGap", found.doors.edgeGap, 0, 60, "The gap round the doors");
  const narrowest = Math.min(found.width.value, found.height.value);
  between("/shell/found/frame", found.frame, 0, Math.max(0, narrowest / 2 - 40), "The frame");
  between("/shell/found/holes/dia", found.holes.dia, 0.5, 200, "A hole");
  between("/shell/found/legs", found.legs, 5, 1500, "Legs");
  found.shelves.forEach((shelf, i) => {
    const path = `/shell/found/shelves/${i}`;
    between(`${path}/width`, shelf.width, 30, found.width.value, "A shelf's width");
    between(`${path}/depth`, shelf.depth, 30, found.depth.value, "A shelf's depth");
    between(`${path}/thickness`, shelf.thickness, 2, 60, "A shelf");
  });
  if (tray) {
    const glass = cutShelves(shell)[0]?.thickness.value ?? 4;
    const insideMm = found.height.value - found.faces.base.thickness.value - found.faces.top.thickness.value;
    between("/shell/tray/height", tray.height, glass + 10, Math.max(glass + 10, insideMm / 2), "The tray");
  }
  between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, found.height.value / 2), "Ground");
}

function steps({ shell, variant }: Site): Step[] {
  const { found } = variant.shell as CabinetShell;
  const list = [
    surveyStep(
      shell,
      "Doors and loose shelves off where they come off without harm. Every face: what it is, how thick, which holes.",
      [CAUTION.glass],
    ),
  ];
  const metres = shell.ownPanes.reduce((sum, p) => sum + (2 * p.qty * (p.lengthMm + p.widthMm)) / 1000, 0);
  if (shell.ownPanes.length > 0)
    list.push({
      id: "shell/cut-shelves",
      title: "Cut the shelves for the tray",
      detail: `${shell.ownPanes.reduce((n, p) => n + p.qty, 0)} panes from ${shell.reusable.reduce((n, r) => n + r.count, 0)} shelves. Score once, snap over an edge, stone every edge.`,
      stage: "shell",
      handsOnMinutes: metres * RATES.cutGlassPerMetre.value,
      waitMinutes: 0,
      after: [{ id: "shell/survey", because: "the tray is measured from the cabinet's inside" }],
      splittable: true,
      toHand: ["glass cutter", "oil", "straight edge", "whetstone", "gloves", "goggles"],
      cautions: [CAUTION.glass, "Never cut tempered glass: it shatters."],
      passSign: "Both diagonals of the base agree within 1 mm; no edge cuts a thumb in a glove.",
    });
  if (found.holes.count > 0 && found.holes.plugged)
    list.push({
      id: "shell/plug-holes",
      title: `Plug ${found.holes.count} hardware holes`,
      detail: "From outside, flush inside, sealed over.",
      stage: "shell",
      handsOnMinutes: found.holes.count * RATES.plugHole.value,
      waitMinutes: 1440,
      waitFor: "the filler",
      after: [{ id: "shell/survey", because: "every hole must be found first" }],
      splittable: true,
      toHand: ["plugs or filler"],
      cautions: [],
      passSign: "A torch inside shows no point of light.",
    });
  return list;
}

function snags(site: Site): Snag[] {
  const shell = site.variant.shell as CabinetShell;
  const { found } = shell;
  const { at, say } = site;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage">) => list.push({ stage: "shell", ...snag });
  const hard = cutShelves(shell).find((s) => s.material === "temperedGlass");
  if (hard)
    add({
      rule: "shell/tempered-shelf",
      subject: hard.name,
      severity: "stop",
      title: `${hard.name} cannot be cut`,
      sentence: "It is tempered: under a cutter it shatters whole.",
      reason: "Tempered glass is never cut or drilled. Have the tray's panes cut by a glazier.",
      fix: {
        label: "Keep it as a shelf",
        patch: [set(at(`/shell/found/shelves/${found.shelves.indexOf(hard)}/use`), "keep")],
      },
    });
  const thick = new Set(cutShelves(shell).map((s) => s.thickness.value));
  if (thick.size > 1)
    add({
      rule: "shell/mixed-shelves",
      subject: "tray",
      severity: "mind",
      title: "Shelves of different thickness",
      sentence: `${[...thick].map((mm) => say(mm)).join(" and ")}: the tray is worked out with ${say(cutShelves(shell)[0]!.thickness.value)}.`,
      reason: "Walls of another thickness change every deduction.",
    });
  const boards = FACES.filter((f) => ["chipboard", "mdf"].includes(found.faces[f].material));
  if (boards.length > 0 && !shell.tray && (site.shell.levels.groundMm > 0 || site.shell.levels.waterMm > 0))
    add({
      rule: "shell/board-swells",
      subject: "base",
      severity: "stop",
      title: "Board swells under damp ground",
      sentence: `${boards.length} faces are board, and nothing holds water off the base.`,
      reason: "Chipboard and MDF swell once and for good. A tray of its own glass shelves is the usual cure.",
      ...(found.shelves.some((s) => s.material === "glass") && {
        fix: {
          label: "Cut its glass shelves into a tray",
          patch: [
            set(at("/shell/tray"), { height: statedMm(Math.max(100, site.shell.levels.groundMm + 20)) }),
            ...found.shelves.flatMap((s, i) =>
              s.material === "glass" ? [set(at(`/shell/found/shelves/${i}/use`), "cutUp")] : [],
            ),
          ],
        },
      }),
    });
  if (shell.tray && cutShelves(shell).length === 0)
    add({
      rule: "shell/tray-without-glass",
      subject: "tray",
      severity: "stop",
      title: "Nothing to cut the tray from",
      sentence: `A tray of ${say(shell.tray.height.value)} is wanted, and no shelf is given up for it.`,
      reason: "Say under the shelves which of them may be cut, or leave the tray out.",
      fix: { label: "Leave the tray out", patch: [set(at("/shell/tray"), null)] },
    });
  if (found.holes.count > 0 && !found.holes.plugged)
    add({
      rule: "shell/open-holes",
      subject: "hardware",
      severity: "mind",
      title: "Hardware holes are open",
      sentence: `${found.holes.count} holes up to ${say(found.holes.dia.value)}.`,
      reason: "Each is a way out and a way in for damp behind the lining.",
      fix: { label: "Plan to plug them", patch: [set(at("/shell/found/holes/plugged"), true)] },
    });
  return list;
}

const faceFields = FACES.flatMap((face): SurveyField[] => [
  {
    path: `/shell/found/faces/${face}/material`,
    label: `${FACE_WORDS[face]} is`,
    ask: "choice",
    options: MATERIAL_OPTIONS,
  },
  { path: `/shell/found/faces/${face}/thickness`, label: `${FACE_WORDS[face]}, how thick`, ask: "length" },
]);

export const cabinet: ShellKind<CabinetShell> = {
  kind: "cabinet",
  label: "Cabinet",
  words: "timber, board, or metal and glass, with its doors and shelves",
  closures: ["found"],
  survey: {
    drawing: [
      "26,8 62,8 62,66 26,66 26,8",
      "44,8 44,66",
      "62,8 76,3 76,60 62,66",
      "26,8 40,3 76,3",
      "28,27 42,27",
      "46,27 60,27",
      "28,46 42,46",
      "46,46 60,46",
      "28,66 28,71",
      "60,66 60,71",
    ],
    first: [
      { path: "/shell/found/width", label: "Width outside", example: '1120 or 44"' },
      { path: "/shell/found/depth", label: "Depth outside, doors shut", example: '560 or 22"' },
      { path: "/shell/found/height", label: "Height outside, without legs", example: '760 or 30"' },
    ],
    groups: [
      {
        title: "As found",
        fields: [
          {
            path: "/shell/found/width",
            label: "Width outside",
            ask: "length",
            arrow: "26,73 62,73",
          },
          {
            path: "/shell/found/depth",
            label: "Depth outside",
            ask: "length",
            arrow: "65,69 79,63",
          },
          {
            path: "/shell/found/height",
            label: "Height outside",
            ask: "length",
            arrow: "21,8 21,66",
          },
          {
            path: "/shell/found/legs",
            label: "Legs, how high",
            ask: "length",
            optional: true,
            arrow: "24,66 24,71",
          },
          { path: "/shell/found/frame", label: "Frame round the doors", ask: "length" },
          { path: "/shell/found/doors/leaves", label: "Door leaves", ask: "count", min: 1, max: 2 },
          {
            path: "/shell/found/doors/meetingGap",
            label: "Gap where they meet",
            ask: "length",
            arrow: "42,36 46,36",
          },
          {
            path: "/shell/found/doors/edgeGap",
            label: "Gap round them",
            ask: "length",
            arrow: "60,14 64,14",
          },
          { path: "/shell/found/holes/count", label: "Hardware holes", ask: "count", max: 500 },
          { path: "/shell/found/holes/dia", label: "Widest hole", ask: "length" },
          { path: "/shell/found/holes/plugged", label: "Holes get plugged", ask: "tick" },
        ],
      },
      { title: "Face by face", fields: faceFields },
      {
        title: "As finished",
        fields: [
          { path: "/shell/groundDepth", label: "Ground, how deep", ask: "length", optional: true },
          { path: "/shell/topLoadKg", label: "Load on the top", ask: "plain", suffix: "kg" },
        ],
      },
    ],
  },
  starter: () => ({ shell: starterCabinet(), closure: { kind: "found", lock: "none" } }),
  check,
  build: buildCabinet,
  plan: (site): TradeLedger => ({ ...emptyLedger(), steps: steps(site), snags: snags(site) }),
};
