import { newLid } from "../../../closures/kinds/lid/schema";
import { statedMm } from "../../../design/measure";
import type { Variant } from "../../../document/schema";
import { emptyLedger, gather, type TradeLedger } from "../../../ledgers/ledger";
import { stackLevels } from "../../../levels/levels";
import { OPEN_SIDE } from "../../../materials/face";
import type { Book } from "../../../materials/schema";
import { CAUTION } from "../../../workshop/cautions";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { starterScreen } from "../../found/schema";
import { checkScreen, FIXED_SCREEN, planScreen, screenFields, screenGaps } from "../../found/screen";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { Shell } from "../../shell";
import type { Site } from "../../site";
import type { Size3 } from "../../size";
import { boxSeams } from "../boxSeams";
import { finishedFields } from "../finished";
import { surveyStep } from "../foundSteps";
import { checkTank, starterTank, tankDrawing, tankFields, tankFirst, tankPane, tankSecondHand } from "../glassTank";
import type { ShellKind } from "../kind";
import type { TankShell } from "./schema";

/** Inside sizes: four walls and a base. */
const insideOf = ({ length, width, height, glass }: TankShell["found"]): Size3 => ({
  widthMm: length.value - 2 * glass.value,
  depthMm: width.value - 2 * glass.value,
  heightMm: height.value - glass.value,
});

/** A tank as it stands: five panes, open above. */
function buildTank({ shell: anyShell, seal, ground }: Variant, book: Book): Shell {
  const shell = anyShell as TankShell;
  const { found } = shell;
  const t = found.glass.value;
  const inside = insideOf(found);
  const profile = boxProfile(inside);
  const levels = stackLevels({
    insideHeightMm: inside.heightMm,
    groundMm: shell.groundDepth?.value,
    ground,
    waterMm: seal.standingWater?.value,
    damMm: inside.heightMm,
  });
  const faces = boxFaces(
    inside,
    (face) => (face === "top" ? OPEN_SIDE : tankPane(found, face === "base" ? "base" : "wall")),
    ["top"],
  );
  return {
    kind: "tank",
    words: "glass tank, upright",
    inside,
    outside: { widthMm: found.length.value, depthMm: found.width.value, heightMm: found.height.value },
    legsMm: 0,
    underBasePath: null,
    baseHangs: false,
    profile,
    volumeMl: volumeBelowMl(profile, inside.heightMm),
    volumeWorking: {
      formula: "(length − 2 glass) × (width − 2 glass) × (height − glass)",
      inputs: [
        { name: "length outside", value: found.length.value, unit: "mm" },
        { name: "width outside", value: found.width.value, unit: "mm" },
        { name: "height outside", value: found.height.value, unit: "mm" },
        { name: "glass", value: t, unit: "mm" },
      ],
    },
    faces,
    strips: [],
    openings: [{ id: "top", face: "top", uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: inside.depthMm }],
    panels: [],
    joints: [],
    seams: boxSeams(inside, ["top"], [], levels, true),
    solids: Object.values(faces)
      .filter((f) => !f.open)
      .map((f) => faceSolid(f, FACE_WORDS[f.id])),
    gaps: shell.lid.there ? screenGaps(shell.lid, book, inside, "top", "/shell/lid") : [],
    doors: null,
    held: shell.lid.there && shell.lid.fixed ? { top: FIXED_SCREEN } : {},
    lining: null,
    secondFloor: null,
    heldWalls: found.rim === null ? [] : ["left", "right", "back", "front"],
    tray: null,
    reusable: [],
    ownPanes: [],
    glassPanes: [],
    levels,
    damPath: null,
    damStart: null,
    insidePaths: null,
  };
}

function planTank(site: Site): TradeLedger {
  const { found, lid } = site.variant.shell as TankShell;
  const used = tankSecondHand(site, found);
  return gather([
    {
      ...emptyLedger(),
      steps: [
        surveyStep(
          site,
          "Look along every silicone seam and edge for chips; find which panes are tempered before any thought of a hole.",
          [CAUTION.glass],
        ),
        ...used.steps,
      ],
      snags: used.snags,
    },
    lid.there ? planScreen(site, lid) : emptyLedger(),
  ]);
}

export const tank: ShellKind<TankShell> = {
  kind: "tank",
  label: "Glass tank",
  words: "stood upright, reached from above",
  openings: ({ lid }) => [{ id: "top", face: "top", shutAsFound: lid.there, mayStandOpen: true }],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
  survey: {
    drawing: tankDrawing,
    first: tankFirst,
    groups: [
      {
        title: "As found",
        fields: tankFields({
          length: { arrow: "14,72 66,72" },
          width: { arrow: "70,70 88,54" },
          height: { arrow: "9,24 9,68" },
          glass: { arrow: "14,20 18,20" },
          rim: { arrow: "40,24 40,29" },
        }),
      },
      {
        title: "A lid of its own",
        fields: [
          { path: "/shell/lid/there", label: "It came with a screened lid", ask: "tick" },
          ...screenFields("/shell/lid").map((field) => ({
            ...field,
            when: field.when ?? { path: "/shell/lid/there", is: true },
          })),
        ],
      },
      {
        title: "As finished",
        fields: [...finishedFields("Substrate, how deep", "Load on the lid")],
      },
    ],
  },
  starter: () => ({
    shell: {
      kind: "tank",
      found: starterTank(),
      lid: { there: false, ...starterScreen() },
      groundDepth: null,
      topLoadKg: statedMm(0),
    },
    closures: [newLid("top")],
  }),
  check: ({ found, lid, groundDepth }, _, checker) => {
    checkTank(found, checker);
    if (lid.there) checkScreen(lid, "/shell/lid", insideOf(found), checker);
    checker.between(
      "/shell/groundDepth",
      groundDepth,
      1,
      Math.max(1, found.height.value - found.glass.value),
      "Substrate",
    );
  },
  build: buildTank,
  plan: planTank,
};
