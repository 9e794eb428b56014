import { set } from "../../ledgers/fix";
import type { Severity, Snag } from "../../ledgers/ledger";
import { LIES, UNSAID } from "../../levels/strata";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { floorOf } from "../area";
import { partsOf } from "../layers/mixed";
import type { LayerOf } from "../layers/schema";
import { mixSum, RECIPES } from "../mix";
import { groundIsPlanned } from "../site";
import { layersIn } from "../strataIn";

const stated = (value: number) => ({ typed: formatNumber(value, 1), value, how: "stated" });

/** Recipes that do not sum, and what some parts do to animals and plants. */
export function mixSnags(site: Site): Snag[] {
  const { layers } = site.variant.ground;
  return [
    ...unsaidSnags(site),
    ...layers.flatMap((layer, i) => (layer.kind === "mix" ? recipeSnags(site, layer, `/ground/layers/${i}`) : [])),
  ];
}

/** Ground of which nobody said what it is. */
function unsaidSnags(site: Site): Snag[] {
  const land = floorOf(site).zones.filter((z) => !z.pool);
  const open = land.some((z) => !layersIn(site, z.id).some((l) => LIES[l.kind] === "fills"));
  if (!open || !groundIsPlanned(site) || site.variant.shell.groundDepth === null || site.shell.levels.typedMm <= 0)
    return [];
  if (!site.shell.levels.strata.some((s) => s.id === UNSAID)) return [];
  return [
    {
      ...{ stage: "ground", subject: "ground", severity: "note" },
      rule: "ground/no-mix",
      title: "Of what is the substrate?",
      sentence: "No mix is chosen, so nothing of it is on the shopping list.",
      reason: "Recipes are parts by volume; every one is a starting point.",
      fix: {
        label: `Mix “${RECIPES[0]!.name}”`,
        patch: [
          set(site.at(`/ground/layers/${site.variant.ground.layers.length}`), {
            ...{ id: freeId(site, "mix"), kind: "mix", zone: null, depth: null },
            ...RECIPES[0]!.mix,
          }),
        ],
      },
    },
  ];
}

/** An id that no layer has yet. */
export function freeId({ variant }: Pick<Site, "variant">, word: string): string {
  const taken = (id: string) => variant.ground.layers.some((l) => l.id === id);
  if (!taken(word)) return word;
  let n = 2;
  while (taken(`${word}-${n}`)) n++;
  return `${word}-${n}`;
}

function recipeSnags(site: Site, mix: LayerOf<"mix">, path: string): Snag[] {
  const { at, brief, variant } = site;
  const list: Snag[] = [];
  const add = (severity: Severity, snag: Omit<Snag, "stage" | "subject" | "severity">) =>
    list.push({ stage: "ground", subject: mix.id, severity, ...snag });
  if (mix.parts.length + mix.own.length === 0) {
    add("note", {
      rule: "ground/no-mix",
      title: "Of what is the substrate?",
      sentence: "Nothing is mixed yet, so nothing of it is on the shopping list.",
      reason: "Recipes are parts by volume; every one is a starting point.",
      fix: {
        label: `Mix “${RECIPES[0]!.name}”`,
        patch: [set(at(`${path}/unit`), RECIPES[0]!.mix.unit), set(at(`${path}/parts`), RECIPES[0]!.mix.parts)],
      },
    });
    return list;
  }
  const sum = mixSum(mix);
  if (mix.unit === "percent" && Math.abs(sum - 100) > 0.5) {
    const list = mix.own.length > 0 ? "own" : "parts";
    const last = mix[list].length - 1;
    const { name, amount } = partsOf(site, mix).at(-1)!;
    const right = amount.value + 100 - sum;
    const plain = { label: "Take them as plain parts", patch: [set(at(`${path}/unit`), "parts")] };
    add("stop", {
      rule: "ground/does-not-sum",
      title: "The mix does not sum",
      sentence: `Its parts come to ${formatNumber(sum)} of a hundred${right > 0 ? `; ${name} would be ${formatNumber(right)} %, not ${formatNumber(amount.value)}` : ""}.`,
      reason: "Parts of a hundred must make a hundred. Plain parts need not: change what they are told in.",
      fix:
        right > 0
          ? {
              label: `Make ${name} ${formatNumber(right)} %`,
              patch: [set(at(`${path}/${list}/${last}/amount`), stated(right))],
            }
          : plain,
      otherFixes: [plain],
    });
  }
  if (sum <= 0)
    add("stop", {
      rule: "ground/mix-of-nothing",
      title: "A mix of nothing",
      sentence: "Every part is zero.",
      reason: "Type how many parts of each, by volume.",
      fix: { label: "Leave the mix open", patch: [set(at(`${path}/parts`), []), set(at(`${path}/own`), [])] },
    });
  const at2 = mix.parts.findIndex((p) => p.what === "perlite" && p.amount.value > 0);
  const who = brief.residents.find((r) => r.traits.wetSkin || r.traits.eatsGround);
  if (at2 >= 0 && who)
    add("mind", {
      rule: "ground/perlite",
      title: "Perlite under a wet belly",
      sentence: `${who.name} ${who.traits.eatsGround ? "eats substrate" : "lies on it with a wet skin"}; the mix holds perlite.`,
      reason:
        "No fertiliser, no perlite, no wetting agents where animals swallow or soak in it (common practice, no source).",
      fix: { label: "Leave the perlite out", patch: [{ op: "remove", path: at(`${path}/parts/${at2}`) }] },
    });
  const [only, ...others] = [...mix.parts, ...mix.own].filter((p) => p.amount.value > 0);
  if (
    others.length === 0 &&
    only &&
    "what" in only &&
    only.what === "coir" &&
    variant.ground.plants.some((p) => p.live)
  )
    add("note", {
      rule: "ground/coir-alone",
      title: "Coir alone feeds nothing",
      sentence: "The substrate is all coir, and live plants stand in it.",
      reason: "Some grow in it, others see plants starve: careful builders differ.",
    });
  return list;
}
