import type { Fate, Measure } from "../../design/basics";
import type { Checker } from "../../ledgers/checker";
import { ADHESIVE, glueSupply } from "../../ledgers/glue";
import type { Part, Step, Supply } from "../../ledgers/ledger";
import { findMaterial } from "../../materials/find";
import { CAUTION } from "../../workshop/cautions";
import { RATES } from "../../workshop/rates";
import type { Site } from "../site";

/** Mesh that is put over found mesh, over a hole or over a gap laps it by this all round, mm (common practice, no source). */
export const LAP_MM = 20;

/** The least patch for a hole. */
export const leastPatchMm = (hole: Measure): number => (hole.high ?? hole.value) + 2 * LAP_MM;

/** A hole in mesh that was found, and the patch over it. */
export interface Holed {
  hole?: Measure | null;
  patch?: Measure | null;
}

/** A patch that does not cover its hole, with its lap. @param path of what holds both */
export function checkPatch({ hole = null, patch = null }: Holed, path: string, { between, add, say }: Checker): void {
  between(`${path}/hole`, hole, 1, 1000, "The hole in the mesh");
  if (!patch) return;
  if (!hole) {
    add(`${path}/patch`, "A patch needs a hole. Type how wide the hole is, or leave the patch empty.");
    return;
  }
  const least = leastPatchMm(hole);
  if (patch.value < least)
    add(
      `${path}/patch`,
      `A patch of ${say(patch.value)} over a hole of ${say(hole.value)} laps it by less than ${say(LAP_MM)} all round. Type ${say(least)} or more.`,
    );
}

/** Mesh that was found, and what becomes of it. */
export interface FoundMesh extends Holed {
  /** Ids of what it makes begin with this. */
  id: string;
  name: string;
  fate?: Fate;
  /** Mesh of the book, for a patch or for new mesh. */
  materialId: string | null;
  /** Over what it is laid, mm, and how far it laps. */
  widthMm: number;
  heightMm: number;
  lapMm: number;
}

/** The mesh to cut for found mesh that is mended or replaced. */
export function foundMeshParts({ book, saySum }: Pick<Site, "book" | "saySum">, mesh: FoundMesh): Part[] {
  const { id, name, fate = "kept", hole, patch, widthMm, heightMm, lapMm } = mesh;
  const material = mesh.materialId === null ? undefined : findMaterial(book, mesh.materialId, "mesh");
  if (!material || fate === "kept" || (fate === "mended" && !hole)) return [];
  const part = { materialId: material.id, kind: "mesh", thicknessMm: 0, qty: 1, grainLocked: false } as const;
  if (fate === "mended" && hole) {
    const sideMm = patch?.value ?? leastPatchMm(hole);
    return [
      {
        ...{ id: `${id}/patch`, label: `Patch for ${name}`, ...part },
        ...{ lengthMm: sideMm, widthMm: sideMm },
        working: {
          length: saySum([hole.value, " hole + 2 × ", LAP_MM, patch ? " lap at the least; as typed" : " lap"]),
          width: "as long",
        },
      },
    ];
  }
  return [
    {
      ...{ id: `${id}/mesh`, label: `Mesh for ${name}`, ...part },
      ...{ lengthMm: widthMm + 2 * lapMm, widthMm: heightMm + 2 * lapMm },
      working: {
        length: saySum([widthMm, " opening + 2 × ", lapMm, " lap"]),
        width: saySum([heightMm, " opening + 2 × ", lapMm, " lap"]),
      },
    },
  ];
}

/** Patching it, or taking it off and fitting new. */
export function foundMeshSteps({ id, name, fate = "kept", hole, materialId }: FoundMesh, stage: string): Step[] {
  if (fate === "kept" || materialId === null || (fate === "mended" && !hole)) return [];
  const fit = {
    stage,
    waitMinutes: 1440,
    waitFor: "the adhesive round the mesh",
    reaches: ["meshed" as const],
    uses: [materialId, ADHESIVE],
    splittable: true,
    toHand: ["mesh", "scissors", "adhesive"],
    cautions: [CAUTION.mesh],
    passSign: "No corner lifts.",
  };
  if (fate === "mended")
    return [
      {
        ...{ id: `${id}/patch`, title: `Patch the mesh: ${name}` },
        detail: "Over the hole from inside, lapped all round, edges covered so that nothing catches a toe.",
        handsOnMinutes: RATES.meshPanel.value / 2,
        work: "mesh",
        after: [{ reached: "surveyed", because: "every hole in it must be found first" }],
        ...fit,
      },
    ];
  return [
    {
      ...{ id: `${id}/off`, title: `Take the old mesh off: ${name}`, stage },
      detail: "Strip or staples out, its groove brushed clean.",
      handsOnMinutes: RATES.meshOff.value,
      waitMinutes: 0,
      after: [{ reached: "surveyed", because: "the frame is measured with its mesh in" }],
      splittable: true,
      toHand: ["flat blade", "pliers"],
      cautions: [CAUTION.mesh],
    },
    {
      ...{ id: `${id}/mesh`, title: `Fit new mesh: ${name}` },
      detail: "Drawn tight and square, lapped all round, edges covered so that nothing catches a toe.",
      handsOnMinutes: RATES.meshPanel.value,
      work: "mesh",
      after: [{ id: `${id}/off`, because: "the old mesh must be off" }],
      ...fit,
    },
  ];
}

/** Mesh is bought by area; pieces rarely fit edge to edge, so a fifth more is the likely need. */
export function meshSupplies({ book }: Pick<Site, "book">, parts: readonly Part[], stem: string): Supply[] {
  const byMesh = new Map<string, Part[]>();
  for (const part of parts)
    if (part.kind === "mesh") byMesh.set(part.materialId, [...(byMesh.get(part.materialId) ?? []), part]);
  return [...byMesh].map(([materialId, pieces]): Supply => {
    const area = pieces.reduce((sum, p) => sum + p.lengthMm * p.widthMm * p.qty, 0);
    return {
      id: `${stem}/mesh/${materialId}`,
      label: findMaterial(book, materialId, "mesh")!.name,
      materialId,
      unit: "mm2",
      likely: area * 1.2,
      low: area,
      high: area * 1.6,
      why: `${pieces.length} ${pieces.length === 1 ? "piece" : "pieces"}, laps in it`,
    };
  });
}

/** The adhesive that mesh is glued down with, round every piece. */
export function meshGlue({ book }: Pick<Site, "book">, parts: readonly Part[], stem: string): Supply[] {
  const roundMm = parts.reduce((sum, p) => (p.kind === "mesh" ? sum + 2 * (p.lengthMm + p.widthMm) * p.qty : sum), 0);
  return glueSupply(book, `${stem}/mesh-adhesive`, roundMm, "round every mesh");
}
