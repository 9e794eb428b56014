import { meshPorosity } from "../escape/airPath";
import type { PlacedWay } from "../escape/way";
import { set } from "../ledgers/fix";
import type { Fix } from "../ledgers/ledger";
import { findMaterial, materialsOf } from "../materials/find";
import type { Book } from "../materials/schema";
import type { Site } from "../shell/site";
import { CURES, type CureKind } from "./list";
import { CURE_IDS, type CureId } from "./names";
import type { Cure } from "./schema";

/** The width of a gap as typed, mm. */
const nominalOf = ({ way }: PlacedWay): number =>
  way.kind === "mesh" ? Math.max(...way.apertureMm) : way.kind === "slot" ? way.nominalMm : way.diameterMm;

const curedBy = (cure: Pick<Cure, "way">, placed: Pick<PlacedWay, "id">) => cure.way === placed.id;

/** A way out once its cure is in place: what stays open, and what air still passes. */
function cured(placed: PlacedWay, { kind, mesh }: Cure, book: Book): PlacedWay {
  const { words, leavesMm, airtight } = CURES[kind];
  const { way, air } = placed;
  if (kind === "mesh") {
    const material = mesh === null ? undefined : findMaterial(book, mesh, "mesh");
    if (!material) return placed;
    const screen = { porosity: meshPorosity(material.apertureMm, material.wireMm), wireMm: material.wireMm };
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
  const was = nominalOf(placed);
  const left = Math.min(was, leavesMm.value);
  const share = airtight || was === 0 ? 0 : left / was;
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
    const mesh =
      kind === "mesh" ? materialsOf(site.book, "mesh").find((m) => Math.max(...m.apertureMm) <= allowedMm) : undefined;
    if (kind === "mesh" ? !mesh : cure.leavesMm.value > allowedMm) return [];
    const value: Cure = {
      id: cureId(kind, placed.id, cures),
      way: placed.id,
      kind,
      origin: "made",
      mesh: mesh?.id ?? null,
    };
    return [
      {
        label: mesh ? `Silicone ${mesh.name.toLowerCase()} over it` : cure.label,
        patch: [index < 0 ? set(at, value) : { op: "replace", path: at, value }],
      },
    ];
  });
}

/** An id of meaning for a cure; a number where one of that kind was there before. */
function cureId(kind: CureId, way: string, cures: readonly Cure[]): string {
  const stem = `${way}-${kind}`
    .toLowerCase()
    .replace(/[^a-z0-9-]/g, "-")
    .slice(0, 58);
  let id = stem;
  for (let n = 2; cures.some((c) => c.id === id); n++) id = `${stem}-${n}`;
  return id;
}
