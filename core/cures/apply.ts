import { openMesh } from "../escape/airPath";
import type { PlacedWay } from "../escape/way";
import { set } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import { findMaterial, materialsOf } from "../materials/find";
import type { Book } from "../materials/schema";
import type { Site } from "../shell/site";
import { isMesh, newCure } from "./create";
import { CURES, type CureKind } from "./list";
import { CURE_IDS } from "./names";
import type { Cure } from "./schema";

/** The width of a gap as typed, and at its widest, mm. */
function widthOf({ way }: PlacedWay): { nominalMm: number; widestMm: number } {
  if (way.kind === "mesh") {
    const mm = Math.max(...way.apertureMm);
    return { nominalMm: mm, widestMm: mm };
  }
  const nominalMm = way.kind === "slot" ? way.nominalMm : way.diameterMm;
  const more = [...(way.toleranceMm ?? []), way.growthMm ?? 0].reduce((sum, mm) => sum + mm, 0);
  return { nominalMm, widestMm: nominalMm + more };
}

const curedBy = (cure: Pick<Cure, "way">, placed: Pick<PlacedWay, "id">) => cure.way === placed.id;

/** A way out once its cure is in place: what stays open, and what air still passes. */
function cured(placed: PlacedWay, cure: Cure, book: Book): PlacedWay {
  const { words, leavesMm, airtight } = CURES[cure.kind];
  const { way, air } = placed;
  if (isMesh(cure)) {
    const material = cure.mesh === null ? undefined : findMaterial(book, cure.mesh, "mesh");
    if (!material) return placed;
    const screen = openMesh(material);
    const over = way.kind === "mesh" ? Math.max(...way.apertureMm) : undefined;
    const aperture = Math.max(...material.apertureMm);
    return {
      ...placed,
      cover: material.name,
      way:
        over === undefined
          ? { ...way, behindMesh: { apertureMm: material.apertureMm } }
          : { ...way, kind: "mesh", apertureMm: over < aperture ? [over, over] : material.apertureMm },
      ...(air && { air: air.map((path) => ({ ...path, screens: [...path.screens, screen] })) }),
    };
  }
  const { nominalMm, widestMm } = widthOf(placed);
  const left = Math.min(widestMm, leavesMm.value);
  const share = airtight || nominalMm === 0 ? 0 : Math.min(1, left / nominalMm);
  return {
    ...placed,
    cover: words,
    way: { name: way.name, kind: "slot", nominalMm: left },
    ...(air && { air: share === 0 ? [] : air.map((path) => ({ ...path, grossMm2: path.grossMm2 * share })) }),
  };
}

/** Ways out with what has been laid along or over them. */
export function withCures(ways: readonly PlacedWay[], cures: readonly Cure[], book: Book): PlacedWay[] {
  if (cures.length === 0) return [...ways];
  return ways.map((placed) => {
    const cure = cures.find((c) => curedBy(c, placed));
    return cure && suits(CURES[cure.kind], placed) ? cured(placed, cure, book) : placed;
  });
}

/** Whether a cure closes that sort of gap. */
export const suits = ({ seats }: CureKind, { seat }: Pick<PlacedWay, "seat">): boolean =>
  seat !== undefined && seats.includes(seat);

/**
 * What would close a way out for a gap of so many millimetres, the surest first.
 * @param chewed somebody there chews soft seals
 */
export function curesFor(site: Site, placed: PlacedWay, allowedMm: number, chewed: boolean): Fix[] {
  const { cures } = site.variant;
  const index = cures.findIndex((c) => curedBy(c, placed));
  const at = site.at(`/cures/${index < 0 ? "-" : index}`);
  return CURE_IDS.flatMap((kind): Fix[] => {
    const cure = CURES[kind];
    if (!suits(cure, placed) || (chewed && cure.chewed) || cures[index]?.kind === kind) return [];
    const mesh = isMesh({ kind })
      ? materialsOf(site.book, "mesh").find((m) => Math.max(...m.apertureMm) <= allowedMm)
      : undefined;
    if (isMesh({ kind }) ? !mesh : cure.leavesMm.value > allowedMm) return [];
    const value = newCure(placed.id, { kind, mesh: mesh?.id ?? null }, cures);
    return [
      {
        label: mesh ? `Silicone ${mesh.name.toLowerCase()} over it` : cure.label,
        patch: [index < 0 ? set(at, value) : { op: "replace", path: at, value }],
      },
    ];
  });
}
