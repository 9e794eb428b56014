import type { Way } from "../escape/escape";
import type { PlacedWay } from "../escape/way";
import { set } from "../ledgers/fix";
import type { Fix, Part, Step } from "../ledgers/ledger";
import { findMaterial, materialsOf } from "../materials/find";
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

/** The mesh to cut for a vent. Mesh that was there already is not cut again. */
export function meshParts(site: Site, feature: Vent, { widthMm, heightMm }: Extent, lapMm: number): Part[] {
  const mesh = meshMaterial(site, feature);
  if (!mesh || feature.meshOrigin === "found") return [];
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
  if (feature.mesh === null || feature.meshOrigin === "found") return [];
  return [
    {
      id: `air/mesh/${feature.id}`,
      title: `Fit the mesh: ${featureName(feature)}`,
      detail: "Inside, lapped all round, edges covered so that nothing catches a toe.",
      stage: "air",
      handsOnMinutes: RATES.meshPanel.value,
      waitMinutes: 1440,
      waitFor: "the adhesive round the mesh",
      after: [
        { id: cutStepId(feature), because: "the opening must be there" },
        { reached: "stands", because: "mesh is torn by clamps and screws" },
      ],
      reaches: ["meshed"],
      uses: [feature.mesh],
      splittable: true,
      toHand: ["mesh", "frame or strips", "adhesive"],
      cautions: [CAUTION.mesh],
      passSign: "No corner lifts.",
    },
  ];
}

/** A finer mesh of the book over a vent. */
function finerMesh({ book }: Site, path: string, allowedMm: number, verb: string): Fix | undefined {
  const mesh = materialsOf(book, "mesh").find((m) => Math.max(...m.apertureMm) <= allowedMm);
  return mesh && { label: `${verb} ${mesh.name.toLowerCase()}`, patch: [set(`${path}/mesh`, mesh.id)] };
}

/** A vent as a way out. */
export const ventWay = (site: Site, feature: Vent, path: string, way: Way, verb: string): PlacedWay[] => [
  {
    ...{ id: feature.id, way, where: feature.face, stage: "air" },
    cover: meshMaterial(site, feature)?.name ?? "nothing: it stands open",
    mend: (allowedMm) => finerMesh(site, path, allowedMm, verb),
  },
];

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
