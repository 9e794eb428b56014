import type { FaceId } from "../../design/names";
import { set } from "../../ledgers/fix";
import type { Fix, Snag } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { SURFACES } from "../bonds/names";
import { bondWords } from "../bonds/snag";
import { type JudgedLayer, judgeStack } from "./judgeStack";
import { SURFACE_OF } from "./surfaceOf";

/** The stack of each face, judged. */
export const judgedStacks = (site: Site): { face: FaceId; at: number; layers: JudgedLayer[] }[] =>
  site.variant.seal.stacks.map(({ face, layers }, at) => ({
    face,
    at,
    layers: judgeStack(SURFACE_OF[site.shell.faces[face].material.family], layers),
  }));

/** What is wrong between neighbours of each stack, with what would cure it. */
export function stackSnags(site: Site): Snag[] {
  return judgedStacks(site).flatMap(({ face, at, layers }): Snag[] => {
    const path = site.at(`/seal/stacks/${at}/layers`);
    if (layers.length > 0 && site.shell.faces[face].open)
      return [
        {
          rule: "seal/stack-on-nothing",
          subject: face,
          severity: "stop",
          stage: "seal",
          title: "A stack with nothing under it",
          sentence: `The ${face} has no wall, and ${layers.length} ${layers.length === 1 ? "layer" : "layers"} on it.`,
          reason: "Layers need a wall to go on.",
          fix: { label: "Take the stack off", patch: [{ op: "remove", path: site.at(`/seal/stacks/${at}`) }] },
        },
      ];
    return [
      ...beadSnag(site, face, at, layers),
      ...layers.flatMap((judged, n) => [
        ...bondSnag(face, judged, n, path, layers),
        ...openingSnag(face, judged, n, path, site),
      ]),
    ];
  });
}

/** Beads in a stack where no seam is sealed: there is no line for them to run along. */
function beadSnag(site: Site, face: FaceId, at: number, layers: JudgedLayer[]): Snag[] {
  const n = layers.findIndex((l) => l.kind.kind === "bead");
  const { seams } = site.shell;
  if (n < 0 || (site.variant.seal.seams !== "none" && seams.length > 0)) return [];
  const path = site.at(`/seal/stacks/${at}/layers/${n}`);
  return [
    {
      rule: "seal/bead-without-seam",
      subject: face,
      severity: "mind",
      stage: "seal",
      title: "A bead on a seam that is not there",
      sentence: `The ${face} has beads in its stack, and ${seams.length === 0 ? "this shell has no seams" : "no seam is chosen"}.`,
      reason: "A bead runs along a seam between two walls; a moulded shell has none.",
      fix:
        seams.length > 0
          ? { label: "Bead every seam", patch: [set(site.at("/seal/seams"), "all")] }
          : { label: "Take the beads off", patch: [{ op: "remove", path }] },
    },
  ];
}

function bondSnag(face: FaceId, judged: JudgedLayer, n: number, path: string, layers: JudgedLayer[]): Snag[] {
  const { holding, bond, kind, on, layer } = judged;
  if (!holding || holding === "holds" || !bond || !on) return [];
  const under = layer.damp && kind.fibre ? "damp fibre" : SURFACES[on];
  return [
    {
      rule: "seal/bond",
      subject: `${face}/${layer.id}`,
      stage: "seal",
      ...bondWords(kind.name, holding, bond),
      sentence: `On the ${face}: ${kind.name.toLowerCase()} on ${under}.`,
      ...cures(judged, n, path, layers),
    },
  ];
}

/** Changes of the stack that could cure a bond, the nearest first. */
function cures(
  { holding, bond, layer, kind, on }: JudgedLayer,
  n: number,
  path: string,
  layers: JudgedLayer[],
): Pick<Snag, "fix" | "otherFixes"> {
  const fixes: Fix[] = [];
  const work = (id: string, name: "key" | "carve", label: string) =>
    fixes.push({ label, patch: [set(`${path}/${n}`, { id, layer: name, coats: null, damp: false })] });
  if (layer.damp && kind.fibre) fixes.push({ label: "Dry the fibre first", patch: [set(`${path}/${n}/damp`, false)] });
  if (bond?.needs === "keyed") work(`${layer.id}-key`, "key", "Sand to a key first");
  if (on === "foamSkin") work(`${layer.id}-carve`, "carve", "Take the skin off first");
  const before = layers.findIndex(
    (l, i) => i < n && (l.kind.leaves === "curedSilicone" || l.kind.leaves === "roughSilicone"),
  );
  if (holding === "never" && before >= 0 && (on === "curedSilicone" || on === "roughSilicone")) {
    const move = { op: "move", from: `${path}/${n}`, path: `${path}/${before}` } as const;
    const key = set(`${path}/${before}`, { id: `${layer.id}-key`, layer: "key", coats: null, damp: false });
    fixes.push({ label: "Put it on before the silicone", patch: [move] });
    fixes.push({ label: "Put it on before the silicone, sanded to a key first", patch: [move, key] });
  }
  fixes.push({ label: "Leave this layer off", patch: [{ op: "remove", path: `${path}/${n}` }] });
  const [fix, ...otherFixes] = fixes;
  return holding === "unknown" ? {} : { fix: fix!, otherFixes };
}

function openingSnag(face: FaceId, { cutsThrough }: JudgedLayer, n: number, path: string, site: Site): Snag[] {
  if (!cutsThrough) return [];
  const metal = ["steel", "galvanised"].includes(site.shell.faces[face].material.family);
  return [
    {
      rule: "seal/openings-after-coat",
      subject: face,
      severity: "stop",
      stage: "seal",
      title: "Openings cut after the coat",
      sentence: `On the ${face} the openings are cut through the ${cutsThrough.name.toLowerCase()}.`,
      reason: `The raw edges stay exposed: they ${metal ? "rust" : "chip and drink"}. Cut first, or coat again afterwards (common practice, no source).`,
      fix: { label: "Cut the openings first", patch: [{ op: "move", from: `${path}/${n}`, path: `${path}/0` }] },
      otherFixes: [
        { label: "Leave the cutting where the diary has it", patch: [{ op: "remove", path: `${path}/${n}` }] },
      ],
    },
  ];
}
