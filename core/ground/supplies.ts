import { constant, memory } from "../figures/figure";
import type { Part } from "../ledgers/ledger";
import { type Need, need } from "../ledgers/needs";
import type { ClothForm, FillForm } from "../materials/names";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { BARRIER } from "./barrier";
import { DRAINS } from "./drain";
import { fillOf } from "./mass";
import { mixLitres, SETTLES } from "./mix";
import type { DrainBody } from "./names";
import { laysGround, siteFloor } from "./site";

const fillId = ({ book }: Site, form: FillForm) =>
  book.materials.find((m) => m.class === "fill" && m.form === form)?.id ?? `fill-${form.toLowerCase()}`;
const clothId = ({ book }: Site, form: ClothForm) =>
  book.materials.find((m) => m.class === "cloth" && m.form === form)?.id ?? `cloth-${form.toLowerCase()}`;

/** Poured litres are heaped and spilt by this share either way: from memory. */
const POURED = { value: 1, low: 0.95, high: 1.15, basis: memory } as const;
const POURED_RATE = constant("heaped and spilt", POURED, "×");
const CUT_RATE = constant("cut off the roll", { value: 1, low: 1, high: 1.3, basis: memory }, "×");

/** The land as the rectangle its barrier is cut for, and what is cut out of it. */
function landRect(site: Site): { widthMm: number; depthMm: number; cutOut: boolean } {
  const floor = siteFloor(site);
  const { pool } = site.variant.ground;
  if (!pool) return { widthMm: floor.widthMm, depthMm: floor.depthMm, cutOut: false };
  const across = pool.length.value >= floor.depthMm * 0.9;
  const along = pool.width.value >= floor.widthMm * 0.9;
  if (across) return { widthMm: Math.max(0, floor.widthMm - pool.width.value), depthMm: floor.depthMm, cutOut: false };
  if (along) return { widthMm: floor.widthMm, depthMm: Math.max(0, floor.depthMm - pool.length.value), cutOut: false };
  return { widthMm: floor.widthMm, depthMm: floor.depthMm, cutOut: true };
}

/** The material of the book that a drainage layer's body is of: poured, or cut. */
const MATERIAL_OF: Record<DrainBody, (site: Site) => string> = {
  clay: (site) => fillId(site, "clay"),
  stones: (site) => fillId(site, "stones"),
  eggCrate: (site) => clothId(site, "eggCrate"),
  sponge: (site) => clothId(site, "sponge"),
};
export const drainMaterial = (site: Site, body: DrainBody): string => MATERIAL_OF[body](site);

/** Barrier, grid and mat, cut to the land; the barrier oversize by its curl all round. */
export function groundParts(site: Site): Part[] {
  const { barrier, drain } = site.variant.ground;
  const { widthMm, depthMm, cutOut } = landRect(site);
  if (widthMm <= 0 || depthMm <= 0) return [];
  const cut = cutOut ? ", the pool cut out of it" : "";
  const part = (
    id: string,
    label: string,
    materialId: string,
    over: number,
    qty: number,
    thicknessMm: number,
  ): Part => ({
    ...{
      id: `ground/${id}`,
      label,
      materialId,
      kind: "cloth",
      qty,
      thicknessMm,
      grainLocked: false,
    },
    lengthMm: Math.max(widthMm, depthMm) + 2 * over,
    widthMm: Math.min(widthMm, depthMm) + 2 * over,
    working: {
      length: over > 0 ? `land + 2 × ${formatNumber(over)} curl${cut}` : `land${cut}`,
      width: over > 0 ? `land + 2 × ${formatNumber(over)} curl` : "land",
    },
  });
  const parts: Part[] = [];
  if (drain && DRAINS[drain.body].bought === "cloth")
    parts.push(part("drain", DRAINS[drain.body].name, drainMaterial(site, drain.body), 0, 1, drain.depth.value));
  if (barrier) {
    const kind = BARRIER[barrier.kind];
    parts.push(part("barrier", `Barrier, ${kind.name}`, clothId(site, kind.form), barrier.curl.value, kind.layers, 0));
  }
  return parts;
}

/** Litres and square metres of the ground, each part of its mix by itself. */
export function groundNeeds(site: Site): Need[] {
  const { ground } = site.variant;
  const fills = fillOf(site.shell, site.variant);
  const litres = (id: string) => fills.find((f) => f.id === id)?.litres ?? 0;
  const pour = (
    materialId: string,
    why: string,
    l: number,
    low = l * POURED.low,
    high = l * POURED.high,
    rates = [POURED_RATE],
  ): Need => need(materialId, "mL", why, [l * 1000, low * 1000, high * 1000], rates);
  const needs: Need[] = [];
  if (ground.drain && DRAINS[ground.drain.body].bought === "fill")
    needs.push(
      pour(
        drainMaterial(site, ground.drain.body),
        `${site.say(ground.drain.depth.value)} of drainage layer`,
        litres("drain"),
      ),
    );
  for (const part of groundParts(site)) {
    const mm2 = part.lengthMm * part.widthMm * part.qty;
    needs.push(need(part.materialId, "mm2", part.label.toLowerCase(), [mm2, mm2, mm2 * 1.3], [CUT_RATE]));
  }
  if (ground.charcoal)
    needs.push(pour(fillId(site, "charcoal"), `${site.say(ground.charcoal.value)} of charcoal`, litres("charcoal")));
  const lies = laysGround(site) ? litres("mix") : 0;
  const [likely, low, high] = [SETTLES.value, SETTLES.low!, SETTLES.high!].map((s) => mixLitres(ground.mix, lies, s));
  for (const [i, { what, litres: l }] of likely!.entries())
    needs.push(
      pour(
        fillId(site, what),
        `${formatNumber(lies)} L of substrate as it lies`,
        l,
        low![i]!.litres * POURED.low,
        high![i]!.litres * POURED.high,
        [constant("loose substrate settles by", SETTLES, ""), POURED_RATE],
      ),
    );
  if (ground.litter)
    needs.push(
      pour(
        fillId(site, "litter"),
        `${site.say(ground.litter.value)} of leaves`,
        siteFloor(site).landM2 * ground.litter.value,
      ),
    );
  return needs;
}

/** Materials that each step of the ground uses, by what the step does. */
export function usedBy(site: Site) {
  const { ground } = site.variant;
  const body = ground.drain && DRAINS[ground.drain.body];
  const poured = ground.drain && body?.bought === "fill" ? [drainMaterial(site, ground.drain.body)] : [];
  const laid = body?.bought === "cloth" && ground.drain ? [drainMaterial(site, ground.drain.body)] : [];
  const litter = ground.litter ? [fillId(site, "litter")] : [];
  const used = {
    rinse: poured,
    drain: [...poured, ...laid],
    barrier: ground.barrier ? [clothId(site, BARRIER[ground.barrier.kind].form)] : [],
    charcoal: [fillId(site, "charcoal")],
    litter,
    lay: [...ground.mix.parts.filter((p) => p.amount.value > 0).map((p) => fillId(site, p.what)), ...litter],
  };
  return { of: (step: keyof typeof used): string[] => [...new Set(used[step])] };
}
