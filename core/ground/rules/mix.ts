import { set } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { MIX, mixSum, RECIPES } from "../mix";
import { groundIsPlanned } from "../site";

/** Recipes that do not sum, and what some parts do to animals and plants. */
export function mixSnags(site: Site): Snag[] {
  const { variant, at, brief } = site;
  const { mix, plants } = variant.ground;
  const list: Snag[] = [];
  const add = (severity: Severity, subject: string, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject, severity, ...snag });
  if (mix.parts.length === 0) {
    if (groundIsPlanned(site) && site.shell.levels.strata.some((s) => s.id === "mix"))
      add("note", "mix", {
        rule: "ground/no-mix",
        title: "Of what is the substrate?",
        sentence: "No mix is chosen, so nothing of it is on the shopping list.",
        reason: "Recipes are parts by volume; every one is a starting point.",
        fix: { label: `Mix “${RECIPES[0]!.name}”`, patch: [set(at("/ground/mix"), RECIPES[0]!.mix)] },
      });
    return list;
  }
  const sum = mixSum(mix);
  if (mix.unit === "percent" && Math.abs(sum - 100) > 0.5) {
    const last = mix.parts.length - 1;
    const { what, amount } = mix.parts[last]!;
    const right = amount.value + 100 - sum;
    const stated = (value: number) => ({ typed: formatNumber(value, 1), value, how: "stated" });
    add("stop", "mix", {
      rule: "ground/does-not-sum",
      title: "The mix does not sum",
      sentence: `Its parts come to ${formatNumber(sum)} of a hundred${right > 0 ? `; ${MIX[what].name} would be ${formatNumber(right)} %, not ${formatNumber(amount.value)}` : ""}.`,
      reason: "Parts of a hundred must make a hundred. Plain parts need not: change what they are told in.",
      fix:
        right > 0
          ? {
              label: `Make ${MIX[what].name} ${formatNumber(right)} %`,
              patch: [set(at(`/ground/mix/parts/${last}/amount`), stated(right))],
            }
          : { label: "Take them as plain parts", patch: [set(at("/ground/mix/unit"), "parts")] },
      otherFixes: [{ label: "Take them as plain parts", patch: [set(at("/ground/mix/unit"), "parts")] }],
    });
  }
  if (sum <= 0)
    add("stop", "mix", {
      rule: "ground/mix-of-nothing",
      title: "A mix of nothing",
      sentence: "Every part is zero.",
      reason: "Type how many parts of each, by volume.",
      fix: { label: "Leave the mix open", patch: [set(at("/ground/mix/parts"), [])] },
    });
  const at2 = mix.parts.findIndex((p) => p.what === "perlite" && p.amount.value > 0);
  const who = brief.residents.find((r) => r.traits.wetSkin || r.traits.eatsGround);
  if (at2 >= 0 && who)
    add("mind", "perlite", {
      rule: "ground/perlite",
      title: "Perlite under a wet belly",
      sentence: `${who.name} ${who.traits.eatsGround ? "eats substrate" : "lies on it with a wet skin"}; the mix holds perlite.`,
      reason:
        "No fertiliser, no perlite, no wetting agents where animals swallow or soak in it (common practice, no source).",
      fix: { label: "Leave the perlite out", patch: [{ op: "remove", path: at(`/ground/mix/parts/${at2}`) }] },
    });
  const [only] = mix.parts.filter((p) => p.amount.value > 0);
  if (mix.parts.filter((p) => p.amount.value > 0).length === 1 && only?.what === "coir" && plants.some((p) => p.live))
    add("note", "coir", {
      rule: "ground/coir-alone",
      title: "Coir alone feeds nothing",
      sentence: "The substrate is all coir, and live plants stand in it.",
      reason: "Some grow in it, others see plants starve: careful builders differ.",
    });
  return list;
}
