import type { FaceId } from "../../../design/names";
import { FACE_WORDS } from "../../boxFaces";
import type { Rect } from "../../faces";
import { faceStuff } from "./measure";
import type { KitFound as Found, PanelKitShell } from "./schema";

/** Left bare beside a neighbour, mm, so that nothing lies in the joint. Common practice, no source. */
export const BESIDE_MM = 5;

/** An edge of a face: the neighbour there, and whether the panel runs under it. */
interface Meets {
  neighbour: FaceId;
  under: boolean;
}
type Edges = Record<"low" | "high" | "foot" | "head", Meets | null>;

/** What meets at each edge of a face, u from `low` to `high` and v from `foot` to `head`. */
function edgesOf(found: Found, face: FaceId): Edges {
  const over = found.box === "topBaseOver";
  const back = found.back === "overlaid";
  const meets = (neighbour: FaceId, under: boolean): Meets => ({ neighbour, under });
  switch (face) {
    // Base and top run under the sides, or stand between them; their front edge is free.
    case "base":
    case "top":
      return { low: meets("left", over), high: meets("right", over), foot: null, head: meets("back", !back) };
    case "left":
    case "right":
      return { low: null, high: meets("back", !back), foot: meets("base", !over), head: meets("top", !over) };
    default:
      return {
        low: meets("left", back),
        high: meets("right", back),
        foot: meets("base", back),
        head: meets("top", back),
      };
  }
}

/** What a panel wants masked at an edge, from its own edge, mm: the neighbour's thickness where it runs under it, and 5 mm. */
const wantedMm = (found: Found, { neighbour, under }: Meets): number =>
  (under ? faceStuff(found, neighbour).thicknessMm : 0) + BESIDE_MM;

/** Each edge of a face with what it wants masked and what is masked of it, from the panel's own edge, mm. */
function maskedAt({ found, putUp }: PanelKitShell, face: FaceId) {
  return Object.entries(edgesOf(found, face)).flatMap(([edge, meets]) =>
    meets
      ? [
          {
            edge: edge as keyof Edges,
            meets,
            wantedMm: wantedMm(found, meets),
            maskedMm: putUp.margin?.value ?? wantedMm(found, meets),
            underMm: meets.under ? faceStuff(found, meets.neighbour).thicknessMm : 0,
          },
        ]
      : [],
  );
}

/** What may be worked of a face on the bench, on that face as it will stand; `whole` is all of it. */
export function workedOf(shell: PanelKitShell, face: FaceId, whole: Rect): Rect {
  const inset = { low: 0, high: 0, foot: 0, head: 0 };
  // What lies under a neighbour is not on the face: only what is masked beside it.
  for (const { edge, maskedMm, underMm } of maskedAt(shell, face)) inset[edge] = Math.max(0, maskedMm - underMm);
  return {
    uMm: whole.uMm + inset.low,
    vMm: whole.vMm + inset.foot,
    widthMm: Math.max(0, whole.widthMm - inset.low - inset.high),
    heightMm: Math.max(0, whole.heightMm - inset.foot - inset.head),
  };
}

/** What is masked of a panel at each of its joints, from its own edge, mm. */
export const maskedOf = (shell: PanelKitShell, face: FaceId): { to: string; mm: number }[] =>
  maskedAt(shell, face).map(({ meets, maskedMm }) => ({ to: FACE_WORDS[meets.neighbour].toLowerCase(), mm: maskedMm }));

/** Edges at which a coat would lie in the joint: what is masked, and what would be right, mm. */
export const coatsInJoints = (shell: PanelKitShell, faces: readonly FaceId[]) =>
  faces.flatMap((face) =>
    maskedAt(shell, face)
      .filter(({ maskedMm, wantedMm }) => maskedMm < wantedMm - 1e-9)
      .map((edge) => ({ face, ...edge })),
  );
