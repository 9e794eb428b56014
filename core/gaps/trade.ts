import { levelSlot } from "../escape/airPath";
import type { Way } from "../escape/escape";
import { type PlacedWay, WAYS } from "../escape/way";
import { frontStage } from "../features/stages";
import type { Checker } from "../ledgers/checker";
import { fact } from "../ledgers/facts";
import { emptyLedger, type Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import type { MeasuredGap } from "./schema";

/** A gap somebody measured, as a way out. */
function wayOf({ shell }: Site, gap: MeasuredGap): PlacedWay {
  const tolerance = gap.tolerance ? { toleranceMm: [gap.tolerance.value] } : {};
  const mm = gap.size.high ?? gap.size.value;
  const way: Way =
    gap.kind === "slot"
      ? { name: gap.name, kind: "slot", nominalMm: mm, ...tolerance }
      : { name: gap.name, kind: "round", diameterMm: mm, ...tolerance };
  const lengthMm = gap.length?.value ?? 0;
  const zMm =
    gap.where === "top" ? shell.levels.topMm : gap.where === "base" ? 0 : (gap.height?.value ?? shell.levels.topMm / 2);
  return {
    ...{ id: `gap-${gap.id}`, way, where: gap.where, stage: "front", cover: "nothing" },
    ...{ seat: gap.seat, lengthMm: lengthMm || mm },
    air: gap.kind === "slot" ? levelSlot(mm, lengthMm, zMm) : levelSlot(mm, (Math.PI / 4) * mm, zMm),
  };
}

/** A slot of no known length is judged, and not aired through. */
const lengthSnag = (gap: MeasuredGap): Snag[] =>
  gap.kind === "slot" && gap.length === null
    ? [
        {
          rule: "gaps/no-length",
          subject: gap.id,
          severity: "note",
          stage: "front",
          title: `${gap.name}: how long?`,
          sentence: "Nobody has measured its length, so the air through it is not counted.",
          reason: "It is judged as a way out all the same: that goes by how wide it is.",
        },
      ]
    : [];

/** Limits of a measured gap, each with the number that would be right. */
function checkGap(gap: MeasuredGap, path: string, { between, add, say }: Checker): void {
  between(`${path}/size`, gap.size, 0, 300, "A gap");
  between(`${path}/tolerance`, gap.tolerance, 0, 100, "What it moves");
  between(`${path}/length`, gap.length, 1, 8000, "A gap's length");
  between(`${path}/height`, gap.height, 0, 4000, "A gap's height");
  if (gap.tolerance && gap.tolerance.value > 0 && gap.size.value <= 0)
    add(
      `${path}/size`,
      `A gap of ${say(0)} that moves by ${say(gap.tolerance.value)} is open when it has moved. Type ${say(gap.tolerance.value / 2)}, give or take ${say(gap.tolerance.value / 2)}, or leave out what it moves.`,
    );
}

/** The free list of gaps, on any shell. */
export const gapsTrade: Trade = {
  id: "gaps",
  stage: frontStage,
  reads: ["gaps"],
  needs: [],
  gives: [WAYS],
  check({ gaps }, checker) {
    gaps.forEach((gap, i) => {
      checkGap(gap, `/gaps/${i}`, checker);
    });
  },
  plan: (site) => ({
    ...emptyLedger(),
    snags: site.variant.gaps.flatMap(lengthSnag),
    facts:
      site.variant.gaps.length > 0
        ? [
            fact(
              WAYS,
              site.variant.gaps.map((gap) => wayOf(site, gap)),
            ),
          ]
        : [],
  }),
};
