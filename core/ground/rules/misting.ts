import { type Known, memory } from "../../figures/figure";
import type { MistFact } from "../../fixtures/facts";
import { set } from "../../ledgers/fix";
import type { Fix, Snag } from "../../ledgers/ledger";
import { WET_RH } from "../../seal/water";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { over } from "../../units/tolerance";

/** What is typed and what the nozzles give may differ by so much of the larger before it is told. From memory. */
const DIFFERS: Known = { value: 0.2, basis: memory };

/** How much is misted: asked for, or taken from the nozzles' own flow and time. */
export function mistingSnags({ variant: { ground }, brief, at }: Site, mist: MistFact): Snag[] {
  if (!ground.layers.some((l) => l.kind === "drain")) return [];
  const mlADay = Math.round(mist.mlADay);
  const take: Fix = {
    label: `Take the nozzles’ ${formatNumber(mlADay)} mL a day`,
    patch: [set(at("/ground/misting"), { typed: String(mlADay), value: mlADay, how: "stated" })],
  };
  // A layer that fills for sure is not left without a way out, nor untested.
  const withPipe: Fix = {
    label: `${take.label}, and stand a siphon pipe in the layer`,
    patch: [...take.patch, set(at("/ground/outlet"), "standpipe")],
  };
  const told = (
    rule: string,
    severity: Snag["severity"],
    words: Pick<Snag, "title" | "sentence" | "reason">,
  ): Snag => ({
    ...{ rule: `ground/${rule}`, subject: "misting", stage: "ground", severity, ...words },
    ...(mlADay > 0 && mist.unknown.length === 0 && { fix: take, otherFixes: [withPipe] }),
  });
  const typed = ground.misting?.value;
  if (typed === undefined) {
    const wettest = Math.max(0, ...brief.residents.map((r) => r.bands.rh?.low ?? 0));
    if (mlADay <= 0 && wettest < WET_RH) return [];
    return [
      told("misting-unknown", "note", {
        title: "How much is misted?",
        sentence:
          mist.unknown.length > 0
            ? `The flow of ${mist.unknown.join(", ").toLowerCase()} is not known, so the day the drainage layer fills is not either.`
            : mlADay > 0
              ? `The nozzles give ${formatNumber(mlADay)} mL a day by their flow and time; it is not counted yet.`
              : "Nobody has typed it, so the day the drainage layer fills is not known.",
        reason: "A bottle's worth is enough: what goes into the reservoir in a week, by seven.",
      }),
    ];
  }
  if (
    mlADay <= 0 ||
    mist.unknown.length > 0 ||
    !over(Math.abs(typed - mlADay) / Math.max(typed, mlADay), DIFFERS.value)
  )
    return [];
  return [
    told("misting-differs", "mind", {
      title: "Two amounts of mist",
      sentence: `${formatNumber(typed)} mL a day is typed; the nozzles give ${formatNumber(mlADay)} by their flow and time.`,
      reason:
        "The day the drainage layer fills follows from what is typed. One of them is wrong, or it is misted by hand too.",
    }),
  ];
}
