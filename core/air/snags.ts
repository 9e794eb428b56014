import { featureName } from "../features/feature";
import { ventsOf } from "../features/vents";
import { setMm } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";

/** What vents are judged by beside their place and what passes them. */
export const airSnags = (site: Site): Snag[] => [...bridgeSnags(site), ...crossFlowSnags(site)];

/** Holes keep a diameter of sheet between them. */
function bridgeSnags({ variant, say, at }: Site): Snag[] {
  return variant.features.flatMap((feature, index): Snag[] => {
    if (feature.kind !== "holes" || feature.pitch.value >= 2 * feature.holeDia.value - 1e-6) return [];
    const wantedMm = 2 * feature.holeDia.value;
    return [
      {
        rule: "air/holes-too-close",
        subject: feature.id,
        severity: "mind",
        stage: "air",
        title: `${featureName(feature)}: thin bridges between holes`,
        sentence: `${say(feature.pitch.value - feature.holeDia.value, "down")} between holes of ${say(feature.holeDia.value)}.`,
        reason: "Keep one hole diameter between holes in brittle plastic (trade practice, no source).",
        fix: { label: `Set the pitch to ${say(wantedMm)}`, patch: [setMm(at(`/features/${index}/pitch`), wantedMm)] },
      },
    ];
  });
}

function crossFlowSnags(site: Site): Snag[] {
  // A box that is open at the top has all the air of the room.
  if (site.variant.closure.kind === "open" && site.shell.opening.face === "top") return [];
  const features = ventsOf(site.variant);
  if (features.length === 0)
    return [
      {
        rule: "air/no-vents",
        subject: "shell",
        severity: "stop",
        stage: "air",
        title: "No air yet",
        sentence: "There is no vent in any face.",
        reason:
          "A closed box goes stale, fogs and moulds. A low inlet on one side and a high outlet on the other is the usual start.",
      },
    ];
  const middle = site.shell.inside.heightMm / 2;
  const low = features.filter((f) => f.face !== "top" && f.v.value < middle);
  const high = features.filter((f) => f.face === "top" || f.v.value >= middle);
  const crossing = low.some((a) => high.some((b) => a.face !== b.face));
  if (crossing) return [];
  return [
    {
      rule: "air/no-cross-flow",
      subject: "shell",
      severity: "mind",
      stage: "air",
      title: "No cross-flow",
      sentence:
        low.length === 0
          ? "Every vent is high: nothing lets fresh air in low down."
          : high.length === 0
            ? "Every vent is low: warm, damp air has no way out at the top."
            : "Low and high vents are on the same face: air short-circuits along it.",
      reason:
        "Low inlet one side, high outlet the other carries air across the whole shell (trade practice, no source).",
    },
  ];
}
