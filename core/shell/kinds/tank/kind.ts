import { newLid } from "../../../closures/kinds/lid/schema";
import { statedMm } from "../../../design/measure";
import type { Variant } from "../../../document/schema";
import { emptyLedger } from "../../../ledgers/ledger";
import { stackLevels } from "../../../levels/levels";
import { OPEN_SIDE } from "../../../materials/face";
import { CAUTION } from "../../../workshop/cautions";
import { boxFaces, FACE_WORDS, faceSolid } from "../../boxFaces";
import { boxProfile, volumeBelowMl } from "../../profile";
import type { Shell } from "../../shell";
import { boxSeams } from "../boxSeams";
import { finishedFields } from "../finished";
import { surveyStep } from "../foundSteps";
import { checkTank, starterTank, tankDrawing, tankFields, tankFirst, tankPane } from "../glassTank";
import type { ShellKind } from "../kind";
import type { TankShell } from "./schema";

/** A tank as it stands: five panes, open above. */
function buildTank({ shell: anyShell, seal, ground }: Variant): Shell {
  const shell = anyShell as TankShell;
  const { found } = shell;
  const t = found.glass.value;
  const inside = {
    widthMm: found.length.value - 2 * t,
    depthMm: found.width.value - 2 * t,
    heightMm: found.height.value - t,
  };
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
    seams: boxSeams(inside, ["top"], [], levels),
    solids: Object.values(faces)
      .filter((f) => !f.open)
      .map((f) => faceSolid(f, FACE_WORDS[f.id])),
    gaps: [],
    doorLeaves: 0,
    heldWalls: found.rim === null ? [] : ["left", "right", "back", "front"],
    tray: null,
    reusable: [],
    ownPanes: [],
    levels,
    damPath: null,
    insidePaths: null,
  };
}

export const tank: ShellKind<TankShell> = {
  kind: "tank",
  label: "Glass tank",
  words: "stood upright, reached from above",
  openings: [{ id: "top", face: "top", shutAsFound: false, mayStandOpen: true }],
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
        title: "As finished",
        fields: [...finishedFields("Ground, how deep", "Load on the lid")],
      },
    ],
  },
  starter: () => ({
    shell: { kind: "tank", found: starterTank(), groundDepth: null, topLoadKg: statedMm(0) },
    closures: [newLid("top")],
  }),
  check: ({ found, groundDepth }, _, checker) => {
    checkTank(found, checker);
    checker.between(
      "/shell/groundDepth",
      groundDepth,
      1,
      Math.max(1, found.height.value - found.glass.value),
      "Ground",
    );
  },
  build: buildTank,
  plan: (site) => ({
    ...emptyLedger(),
    steps: [
      surveyStep(
        site,
        "Look along every silicone seam and edge for chips; find which panes are tempered before any thought of a hole.",
        [CAUTION.glass],
      ),
    ],
  }),
};
