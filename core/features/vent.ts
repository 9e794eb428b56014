import type { Way } from "../escape/escape";
import type { PlacedWay } from "../escape/way";
import type { Checker } from "../ledgers/checker";
import { set } from "../ledgers/fix";
import { ADHESIVE } from "../ledgers/glue";
import type { Fix, Part, Step } from "../ledgers/ledger";
import { findMaterial, materialsOf } from "../materials/find";
import { checkPatch, type FoundMesh, foundMeshParts, foundMeshSteps } from "../shell/found/mesh";
import type { Site } from "../shell/site";
import { CAUTION } from "../workshop/cautions";
import { RATES } from "../workshop/rates";
import { cutStepId } from "./cutStep";
import type { Holes } from "./holes/schema";
import type { Extent } from "./kind";
import type { MeshPanel } from "./mesh/schema";
import { featureName } from "./name";

/** What holes and openings for air have alike: the mesh over them. */
type Vent = Holes | MeshPanel;

/** The mesh of a vent, as the book has it. */
export const meshMaterial = ({ book }: Pick<Site, "book">, { mesh }: Pick<Vent, "mesh">) =>
  mesh === null ? undefined : findMaterial(book, mesh, "mesh");

/** Mesh that was there already, and what becomes of it. */
const foundMesh = (feature: Vent, { widthMm, heightMm }: Extent, lapMm: number): FoundMesh => ({
  ...{ id: `air/${feature.id}`, name: featureName(feature), fate: feature.fate ?? "kept" },
  ...{ hole: feature.hole ?? null, patch: feature.patch ?? null, materialId: feature.mesh },
  ...{ widthMm, heightMm, lapMm },
});

/** The mesh to cut for a vent. Mesh that was there already is not cut again, but patched or replaced. */
export function meshParts(site: Site, feature: Vent, { widthMm, heightMm }: Extent, lapMm: number): Part[] {
  const mesh = meshMaterial(site, feature);
  if (!mesh) return [];
  if (feature.meshOrigin === "found") return foundMeshParts(site, foundMesh(feature, { widthMm, heightMm }, lapMm));
  return [
    {
      id: `air/${feature.id}/mesh`,
      label: `Mesh for ${featureName(feature)}`,
      materialId: mesh.id,
      kind: "mesh",
      lengthMm: widthMm + 2 * lapMm,
      widthMm: heightMm + 2 * lapMm,
      thicknessMm: 0,
      qty: 1,
      grainLocked: false,
      working: {
        length: site.saySum([widthMm, " opening + 2 × ", lapMm, " lap"]),
        width: site.saySum([heightMm, " opening + 2 × ", lapMm, " lap"]),
      },
    },
  ];
}

/** Fitting the mesh, where there is one to fit. */
export function meshSteps(feature: Vent): Step[] {
  if (feature.mesh === null) return [];
  if (feature.meshOrigin === "found") return foundMeshSteps(foundMesh(feature, { widthMm: 0, heightMm: 0 }, 0), "air");
  return [
    {
      id: `air/mesh/${feature.id}`,
      title: `Fit the mesh: ${featureName(feature)}`,
      detail: "Inside, lapped all round, edges covered so that nothing catches a toe.",
      stage: "air",
      handsOnMinutes: RATES.meshPanel.value,
      work: "mesh",
      waitMinutes: 1440,
      waitFor: "the adhesive round the mesh",
      after: [
        { id: cutStepId(feature), because: "the opening must be there" },
        { reached: "stands", because: "mesh is torn by clamps and screws" },
      ],
      reaches: ["meshed"],
      uses: [feature.mesh, ADHESIVE],
      splittable: true,
      toHand: ["mesh", "frame or strips", "adhesive"],
      cautions: [CAUTION.mesh],
      passSign: "No corner lifts.",
    },
  ];
}

/** A finer mesh of the book over a vent. */
function finerMesh({ book }: Site, feature: Vent, path: string, allowedMm: number, verb: string): Fix | undefined {
  const mesh = materialsOf(book, "mesh").find((m) => Math.max(...m.apertureMm) <= allowedMm);
  // Mesh that was found does not become finer by being called so: new mesh takes its place.
  const made = feature.meshOrigin === "found" ? [set(`${path}/meshOrigin`, "made")] : [];
  return mesh && { label: `${verb} ${mesh.name.toLowerCase()}`, patch: [set(`${path}/mesh`, mesh.id), ...made] };
}

/** A hole in found mesh that nobody mends. */
function tornWay(feature: Vent, path: string): PlacedWay[] {
  const { hole, fate = "kept" } = feature;
  if (feature.mesh === null || feature.meshOrigin !== "found" || !hole || fate !== "kept") return [];
  return [
    {
      ...{ id: `${feature.id}-torn`, where: feature.face, stage: "air", cover: "nothing" },
      way: { name: `a hole in the mesh of ${featureName(feature)}`, kind: "round", diameterMm: hole.value },
      mend: () => ({ label: "Patch it", patch: [set(`${path}/fate`, "mended")] }),
    },
  ];
}

/** A vent as a way out. */
export const ventWay = (site: Site, feature: Vent, path: string, way: Way, verb: string): PlacedWay[] => [
  {
    ...{ id: feature.id, way, where: feature.face, stage: "air" },
    cover: meshMaterial(site, feature)?.name ?? "nothing: it stands open",
    mend: (allowedMm) => finerMesh(site, feature, path, allowedMm, verb),
  },
  ...tornWay(feature, path),
];

/** Limits of the mesh over a vent. */
export function checkVentMesh(feature: Vent, path: string, checker: Checker): void {
  const { add, book } = checker;
  if (feature.mesh !== null && !findMaterial(book, feature.mesh, "mesh"))
    add(`${path}/mesh`, `The book has no mesh “${feature.mesh}”. Choose another.`);
  if (feature.meshOrigin === "found") checkPatch(feature, path, checker);
}

/** How the mesh of a vent is reached. */
export const ventReached = (feature: Vent, through: string) =>
  feature.mesh === null
    ? []
    : [
        {
          label: `Mesh of ${featureName(feature)}`,
          way: `${through}; brushed clean, looked at for tears and rust each year`,
        },
      ];

/** A vent under foam is none. */
export const ventStaysFree = { title: "Over an opening", reason: "A vent or window under foam is none." };
