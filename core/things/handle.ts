import type { Measure } from "../design/basics";
import { freeId } from "../design/freeId";
import { statedMm } from "../design/measure";
import type { FaceId } from "../design/names";
import type { Variant } from "../document/schema";
import { levelWith } from "../features/align";
import { LEAST_MM } from "../features/fit";
import { moveOnFace } from "../shell/net";
import type { Shell } from "../shell/shell";
import type { Handle } from "./handles";
import type { Placed, PlacedItem, PlacedKind } from "./thing";

/** What is done with a thing on a face; each writes to a draft of the variant. */

/** Writes a length as the build's own units have it: whole millimetres, or sixteenths. */
export type Put = (mm: number) => Measure;

const toTenth = (mm: number): Measure => statedMm(Math.round(10 * mm) / 10);

/** The item of an id; undefined where it is gone. */
export const itemOf = (variant: Variant, { items }: PlacedKind, id: string): PlacedItem | undefined =>
  items(variant).find((i) => i.id === id);

/** Where an item lies on its face. */
export const placedAt = (item: PlacedItem, { rect }: PlacedKind): Placed => ({
  ...{ face: item.face, uMm: item.u.value, vMm: item.v.value },
  rect: rect(item),
});

const OPPOSITE: Partial<Record<FaceId, FaceId>> = { left: "right", right: "left", front: "back", back: "front" };

/** The face opposite one, where a thing of a kind may be copied to it. */
export const across = (item: PlacedItem, { faces }: PlacedKind): FaceId | undefined => {
  const face = OPPOSITE[item.face];
  return face && faces.includes(face) ? face : undefined;
};

/** Puts a copy of a thing on another face. @returns its id */
export function copyTo(variant: Variant, kind: PlacedKind, own: PlacedItem, face: FaceId): string {
  const items = kind.items(variant);
  const id = freeId(items, "copy");
  items.push({ ...structuredClone(own), id, name: `${kind.nameOf(own)}, across`, face });
  return id;
}

/** Puts a copy on the same face, as far from its other edge. @returns its id */
export function mirror(variant: Variant, kind: PlacedKind, own: PlacedItem, { faces }: Pick<Shell, "faces">): string {
  const items = kind.items(variant);
  const { room } = faces[own.face];
  const id = freeId(items, "mirror");
  const u = toTenth(2 * room.uMm + room.widthMm - own.u.value);
  items.push({ ...structuredClone(own), id, name: `${kind.nameOf(own)}, mirrored`, u });
  return id;
}

/** Sets a thing in the middle of its face, from side to side. */
export function centre(item: PlacedItem, { faces }: Pick<Shell, "faces">): void {
  const { room } = faces[item.face];
  item.u = toTenth(room.uMm + room.widthMm / 2);
}

/** Sets a thing as high as another. */
export function setLevel(item: PlacedItem, other: PlacedItem, { faces }: Pick<Shell, "faces">): void {
  item.v = toTenth(levelWith(item, other, faces));
}

/**
 * Drags edges of a thing: those opposite stay where they are, whatever size its kind can be.
 * @param from the thing as it was when the drag began
 * @param dxMm,dyMm how far the handle was dragged on the drawing, mm, y down
 */
export function dragEdges(
  item: PlacedItem,
  from: PlacedItem,
  { rect, size }: PlacedKind,
  handle: Handle,
  dxMm: number,
  dyMm: number,
  put: Put,
): void {
  const before = rect(from);
  size(
    item,
    Math.max(LEAST_MM, before.widthMm + handle.x * dxMm),
    Math.max(LEAST_MM, before.heightMm + handle.y * dyMm),
    put,
  );
  const after = rect(item);
  const step = moveOnFace(
    item.face,
    (handle.x * (after.widthMm - before.widthMm)) / 2,
    (handle.y * (after.heightMm - before.heightMm)) / 2,
  );
  if (step.uMm !== 0) item.u = toTenth(from.u.value + step.uMm);
  if (step.vMm !== 0) item.v = toTenth(from.v.value + step.vMm);
}

/** Makes a thing larger or smaller about its middle. */
export function grow(
  item: PlacedItem,
  { rect, size }: PlacedKind,
  byWidthMm: number,
  byHeightMm: number,
  put: Put,
): void {
  const { widthMm, heightMm } = rect(item);
  size(item, Math.max(LEAST_MM, widthMm + byWidthMm), Math.max(LEAST_MM, heightMm + byHeightMm), put);
}
