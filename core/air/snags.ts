import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import type { Airway } from "./paths";

/** Whether air crosses the shell. Gaps that nobody meant are no vents. */
export function airSnags(site: Site, airways: readonly Airway[]): Snag[] {
  // A box that is open at the top has all the air of the room.
  const open = site.shell.openings.filter((o) => !site.variant.closures.some((c) => c.opening === o.id));
  if (open.some((o) => o.face === "top")) return [];
  const vents = airways.filter((a) => a.vent);
  if (vents.length === 0)
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
  const isLow = ({ where, paths }: Airway) => where !== "top" && paths[0]!.zMm < middle;
  const low = vents.filter(isLow);
  const high = vents.filter((v) => !isLow(v));
  const crossing = low.some((a) => high.some((b) => a.where !== b.where));
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
