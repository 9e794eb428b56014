import { statedMm } from "../../../design/measure";
import { findMaterial } from "../../../materials/find";
import { checkDam } from "../../dam/check";
import { behindFrame } from "../../dam/schema";
import { finishedFields } from "../finished";
import { checkTank, starterTank, tankFields, tankFirst } from "../glassTank";
import type { ShellKind } from "../kind";
import { buildOnEnd } from "./build";
import { planOnEnd } from "./plan";
import type { TankOnEndShell } from "./schema";

export const tankOnEnd: ShellKind<TankOnEndShell> = {
  kind: "tankOnEnd",
  label: "Glass tank on end",
  words: "stood upright on one end, its open side to the front",
  openings: () => [{ id: "front", face: "front", shutAsFound: false, mayStandOpen: true }],
  found: true,
  tapeBefore: "“Survey and clean it” is ticked off",
  survey: {
    drawing: ["30,6 58,6 58,68 30,68 30,6", "58,6 74,2 74,62 58,68", "30,6 46,2 74,2", "30,58 58,58", "30,12 58,12"],
    first: tankFirst,
    groups: [
      {
        title: "As found, lying",
        fields: tankFields({
          length: { hint: "becomes the height", arrow: "25,6 25,68" },
          width: { arrow: "30,72 58,72" },
          height: { hint: "becomes the depth", arrow: "61,71 77,65" },
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
          ...finishedFields(),
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
    checkDam(
      behindFrame(shell),
      [],
      {
        widthMm: found.width.value - 2 * found.glass.value,
        depthMm: found.height.value - found.glass.value,
        heightMm: insideMm,
      },
      checker,
      "/shell/damPane",
    );
    checker.between("/shell/legs", shell.legs, 5, 1000, "Legs");
    checker.between("/shell/groundDepth", shell.groundDepth, 1, Math.max(1, insideMm), "Substrate");
  },
  build: buildOnEnd,
  plan: planOnEnd,
};
