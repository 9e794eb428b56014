import type { Figure } from "../../../figures/figure";
import { set } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../../../ledgers/ledger";
import { formatNumber } from "../../../units/format";
import { volumeBelowMl } from "../../profile";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import { profileOf } from "./build";
import { type Explanation, explainClaim } from "./claim";
import type { TubShell } from "./schema";

/** What the label says against what the tape says. */
function claimOf(site: Site): { claimMl: number; measuredMl: number; ways: Explanation[] } | null {
  const shell = site.variant.shell as TubShell;
  const profile = profileOf(shell);
  const { claim } = shell.found;
  if (!claim) return null;
  return {
    claimMl: claim.value,
    measuredMl: site.shell.volumeMl,
    ways: explainClaim(shell.found, (z) => volumeBelowMl(profile, z), site.say),
  };
}

/** What only this kind has. */
export function planTub(site: Site): TradeLedger {
  const { found } = site.variant.shell as TubShell;
  const claim = claimOf(site);
  const snags: Snag[] = [];
  const figures: Figure[] = [];
  const add = (snag: Omit<Snag, "stage">) => snags.push({ stage: "shell", ...snag });
  if (claim) {
    const fits = claim.ways.filter((w) => w.fits);
    const litres = (ml: number) => `${formatNumber(ml / 1000)} L`;
    figures.push({
      id: "shell/claim",
      label: "The label against the tape",
      value: claim.measuredMl / 1000,
      unit: "L",
      formula: "measured volume; below it what the label's number could have meant",
      inputs: [
        { name: `the label, “${found.claim!.typed}”`, value: claim.claimMl / 1000, unit: "L" },
        ...claim.ways.map((w) => ({ name: `${w.words}${w.fits ? ": fits" : ""}`, value: w.ml / 1000, unit: "L" })),
      ],
    });
    const off = claim.measuredMl / claim.claimMl - 1;
    if (Math.abs(off) > 0.02)
      add({
        rule: "shell/label-misleads",
        subject: "claim",
        severity: "note",
        title: "The label says another volume",
        sentence: `“${found.claim!.typed}” is ${litres(claim.claimMl)}; as measured it holds ${litres(claim.measuredMl)}, ${formatNumber(Math.abs(off) * 100, 0)} % ${off < 0 ? "less" : "more"}. ${fits.length > 0 ? `Fits: ${fits.map((w) => w.words).join("; ")}.` : "No usual reading of the label fits: measure again."}`,
        reason: "Makers' volume names mislead: quarts get read as gallons. Everything here goes by the tape.",
        figure: "shell/claim",
      });
  }
  if (found.catches < 2)
    add({
      rule: "shell/few-catches",
      subject: "lid",
      severity: "mind",
      title: "The lid is hardly held",
      sentence: `${found.catches === 0 ? "No catch" : "One catch"} on the lid.`,
      reason: "A tub's lid wants a catch on each side, and a strap (trade practice, no source).",
      fix: { label: "Fit a catch on each side", patch: [set(site.at("/shell/found/catches"), 2)] },
    });
  add({
    rule: "shell/nothing-bonds",
    subject: "walls",
    severity: "note",
    title: found.plastic === "ps" ? "Brittle when drilled" : "Nothing bonds this plastic for good",
    sentence:
      found.plastic === "ps"
        ? "Clear polystyrene cracks: step drill, slow, board behind."
        : "On polypropylene and polyethylene silicone and glue peel: hold mesh with screws, rivets or hot glue, and see it again each month.",
    reason: "Trade practice, no source. Try on a scrap.",
  });
  return {
    ...emptyLedger(),
    snags,
    figures,
    steps: [
      surveyStep(site, "Inside sizes at rim and foot, height inside at the middle. Try the lid and every catch."),
    ],
  };
}
