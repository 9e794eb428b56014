import { SHARP_CD, screenLoss } from "../climate/flow";
import { meshPorosity } from "../escape/airPath";
import { AUDIT } from "../escape/facts";
import type { Facts } from "../ledgers/facts";
import { materialsOf } from "../materials/find";
import type { Site } from "../shell/site";
import { atMost, floor } from "../units/tolerance";

/** A warm shell breathes about so fast through its vents, over their gross area, m/s. From memory. */
const FACE_M_PER_S = 0.05;
/** Holes are bored at twice their bore, centre to centre, in a staggered field: π/(2·√3·4) of it is open (geometry). */
const PITCH = 2;
const FIELD_SHARE = Math.PI / (2 * Math.sqrt(3) * PITCH ** 2);
/** Drill bits for vents are sold by half a millimetre, from 2 mm. */
const BORE = { stepMm: 0.5, leastMm: 2, mostMm: 12 } as const;

/** What could cover a vent, and what it takes to pass as much air as an open one. */
export interface VentCover {
  id: string;
  name: string;
  /** Widest it lets through, mm; whether that keeps everybody in. */
  opensMm: number;
  keepsIn: boolean;
  /** Share of its gross area that is open. */
  openShare: number;
  /** Gross area wanted to pass what `wantedMm2` of open hole passes, mm². */
  grossMm2: number;
}

/** The least any gap may be, for whoever is kept in; undefined while nobody can be judged. */
export const leastAllowedMm = (facts: Facts): number | undefined => {
  const all = facts.one(AUDIT)?.audits.flatMap((a) => a.ways.map((w) => w.allowedMm)) ?? [];
  return all.length === 0 ? undefined : Math.min(...all);
};

/**
 * Meshes of the book, and fields of bored holes, that pass the air of an open hole of a size: the area each takes for it, by
 * its own loss at the speed a warm shell breathes at (source: idelchik; bs-5925), and whether it keeps everybody in.
 * @param wantedMm2 of open hole, mm²
 * @param allowedMm widest a gap may be, mm; undefined while nobody can be judged
 */
export function coversFor({ book }: Pick<Site, "book">, wantedMm2: number, allowedMm: number | undefined): VentCover[] {
  const keepsIn = (mm: number) => allowedMm === undefined || atMost(mm, allowedMm);
  const sharp = 1 / SHARP_CD.value ** 2;
  const meshes = materialsOf(book, "mesh").map(({ id, name, apertureMm, wireMm }): VentCover => {
    const openShare = meshPorosity(apertureMm, wireMm);
    const loss = screenLoss(openShare, wireMm, FACE_M_PER_S / openShare);
    const opensMm = Math.max(...apertureMm);
    return {
      ...{ id, name, opensMm, keepsIn: keepsIn(opensMm), openShare },
      grossMm2: wantedMm2 * Math.sqrt((sharp + loss) / sharp),
    };
  });
  const boreMm =
    allowedMm === undefined
      ? BORE.mostMm
      : Math.min(BORE.mostMm, Math.max(BORE.leastMm, floor(allowedMm / BORE.stepMm) * BORE.stepMm));
  const bored: VentCover = {
    ...{ id: "bored", name: "Bored holes, no mesh", opensMm: boreMm, keepsIn: keepsIn(boreMm), openShare: FIELD_SHARE },
    grossMm2: wantedMm2 / FIELD_SHARE,
  };
  return [...meshes, bored].sort((a, b) => Number(b.keepsIn) - Number(a.keepsIn) || a.grossMm2 - b.grossMm2);
}
