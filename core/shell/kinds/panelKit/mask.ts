import { set } from "../../../ledgers/fix";
import type { Snag, Step } from "../../../ledgers/ledger";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import { FACE_WORDS } from "../../boxFaces";
import type { Site } from "../../site";
import { BESIDE_MM, coatsInJoints, maskedOf } from "./margins";
import type { PanelKitShell } from "./schema";

/** Joints taped off before anything goes on the panels. */
export function maskSteps({ shell: { faces }, say }: Site, shell: PanelKitShell): Step[] {
  const flat = Object.values(faces).filter((f) => f.flat);
  if (flat.length === 0) return [];
  const words = flat.map(({ id }) => {
    const edges = maskedOf(shell, id).map(({ to, mm }) => `${say(mm)} to the ${to}`);
    return `${FACE_WORDS[id]}: ${edges.join(", ")}`;
  });
  const metres = flat.reduce((sum, { room }) => sum + (2 * (room.widthMm + room.heightMm)) / 1000, 0);
  return [
    {
      id: "shell/mask",
      title: "Mask the joints",
      detail: `Tape, from each panel's own edge. ${words.join(". ")}. The neighbour's thickness and ${say(BESIDE_MM)}: nothing may lie in a joint.`,
      stage: "shell",
      handsOnMinutes: metres * RATES.maskPerMetre.value,
      work: "mask",
      waitMinutes: 0,
      after: [{ id: "shell/survey", because: "it is masked to what was measured" }],
      reaches: ["surveyed"],
      splittable: true,
      toHand: ["masking tape", "straight edge", "pencil"],
      cautions: [CAUTION.blade],
      passSign: "A neighbour laid on its place touches no panel that is not taped.",
    },
  ];
}

/** A coat that would lie in a joint. */
export function coatSnags({ say, at, variant, shell: { faces } }: Site, shell: PanelKitShell): Snag[] {
  const worked = Object.values(faces)
    .filter((f) => f.flat)
    .map((f) => f.id)
    .filter(
      (face) =>
        variant.seal.stacks.some((s) => s.face === face && s.layers.length > 0) ||
        variant.background.walls.some((w) => w.face === face),
    );
  const edges = coatsInJoints(shell, worked);
  const worst = edges.reduce<(typeof edges)[number] | undefined>(
    (a, b) => (a && a.wantedMm - a.maskedMm >= b.wantedMm - b.maskedMm ? a : b),
    undefined,
  );
  if (!worst) return [];
  return [
    {
      rule: "kit/coat-in-joint",
      subject: "margin",
      severity: "stop",
      stage: "shell",
      title: "A coat lies in the joint",
      sentence: `${say(worst.maskedMm)} is masked; the ${FACE_WORDS[worst.face].toLowerCase()} wants ${say(worst.wantedMm)} where it meets the ${FACE_WORDS[worst.meets.neighbour].toLowerCase()}.`,
      reason:
        "The panels no longer close, the box grows by a coat at each joint, and what holds the joint holds the coat, not the panel.",
      fix: {
        label: `Mask the neighbour's thickness and ${say(BESIDE_MM)}`,
        patch: [set(at("/shell/putUp/margin"), null)],
      },
    },
  ];
}
