import { type Known, memory } from "../../figures/figure";
import type { Book, MaterialOf } from "../../materials/schema";
import type { DoorInput } from "../door/format";
import { GLASS } from "../door/movement";
import type { LeafMake } from "./schema";

/** What fills a leaf, or is it. */
export type Infill = MaterialOf<"glass"> | MaterialOf<"mesh"> | MaterialOf<"sheet">;

const INFILL_CLASSES: readonly Infill["class"][] = ["glass", "mesh", "sheet"];

/** Glass, mesh or sheet of the book; undefined for what is none. */
export const findInfill = (book: Book, id: string): Infill | undefined =>
  book.materials.find((m): m is Infill => m.id === id && (INFILL_CLASSES as readonly string[]).includes(m.class));

/** What plywood swells by along its face for each per cent of moisture; plastics take up none. From memory. */
const PLY_SWELL: Known = { value: 0.00015, low: 0.0001, high: 0.0003, basis: memory };

/** The thickness a woven mesh would have as a plain sheet of its wire, mm: round wires both ways (geometry). */
function meshThicknessMm({ apertureMm, wireMm }: MaterialOf<"mesh">): number {
  const each = (aperture: number) => 1 / (aperture + wireMm);
  return (Math.PI / 4) * wireMm ** 2 * (each(apertureMm[0]) + each(apertureMm[1]));
}

/** Of a bar's width so much stays free of mesh, so that no wire stands over its edge, mm. From memory. */
const MESH_RIM_MM = 2;
/** How far bars hold a mesh: it is lapped over all of their width but a rim. */
const meshHeld = (barMm: number) => Math.max(0, barMm - MESH_RIM_MM);

/** An infill as the sizing takes it. @param bar what holds it, if anything */
export function infillOf(
  infill: Infill,
  { rebate, play }: Pick<LeafMake, "rebate" | "play">,
  bar: MaterialOf<"bar"> | undefined,
): DoorInput["leaf"]["infill"] {
  if (infill.class === "mesh")
    return {
      ...{ kind: "mesh", thicknessMm: meshThicknessMm(infill), densityKgPerM3: infill.densityKgPerM3.value },
      ...{ rebateMm: bar ? meshHeld(bar.widthMm) : 0, playMm: 0 },
    };
  const held = { rebateMm: bar ? rebate.value : 0, playMm: bar ? play.value : 0 };
  const own = { thicknessMm: infill.thicknessMm, densityKgPerM3: infill.densityKgPerM3.value };
  if (infill.class === "glass")
    return {
      ...{ kind: "glass", ...own, ...held },
      ...{ ...GLASS, growthPerK: infill.growthPerK.value },
    };
  return {
    ...{ kind: "sheet", ...own, ...held },
    ...{ growthPerK: infill.growthPerK.value, modulusGPa: infill.elasticGPa.value },
    moisturePerPercent: infill.plastic === "plywood" ? PLY_SWELL.value : 0,
  };
}
