import { bondOf } from "../bonds/judge";
import type { Surface } from "../bonds/names";
import type { Bond, Holding } from "../bonds/table";
import type { Layer } from "../schema";
import { type LayerKind, layerKind } from "./layers";

/** A layer judged against what it meets. */
export interface JudgedLayer {
  layer: Layer;
  kind: LayerKind;
  /** What it meets; undefined where nothing is under it. */
  on: Surface | undefined;
  /** Whether it holds there, what it asks for counted; undefined for work, which is put on nothing. */
  holding: Holding | undefined;
  bond: Bond | undefined;
  /** Openings are cut here, through what was put on before. */
  cutsThrough: LayerKind | undefined;
}

/**
 * Judges each layer of a face against the one before it, by direction, key and dryness.
 * @param wall what the bare wall is; undefined where there is none
 * @param layers from the wall outwards
 */
export function judgeStack(wall: Surface | undefined, layers: readonly Layer[]): JudgedLayer[] {
  let on = wall;
  let keyed = false;
  let beaded = false;
  let coat: LayerKind | undefined;
  return layers.map((layer, at): JudgedLayer => {
    const kind = layerKind(layer.layer);
    if (kind.kind === "work") {
      const cutsThrough = layer.layer === "openings" ? coat : undefined;
      const met = on;
      // Work leaves what it says where that can be: only foam is carved.
      if (layer.layer === "carve" && on === "foamSkin") on = kind.leaves;
      if (layer.layer === "key") keyed = true;
      return { layer, kind, on: met, holding: undefined, bond: undefined, cutsThrough };
    }
    // Beads run along the edges of a face: what lies on the face does not lie on them.
    if (kind.kind === "bead") {
      const bond = on && !sheetOver(layers.slice(at + 1)) ? bondWith(kind, layer, on) : undefined;
      beaded = true;
      return { layer, kind, on, holding: bond && heldBy(bond, layer, keyed), bond, cutsThrough: undefined };
    }
    // A coat over a face with beads meets both: where it never holds on the beads, that is what counts.
    const edge = beaded && kind.kind === "coat" ? bondWith(kind, layer, "curedSilicone") : undefined;
    const met = edge?.holding === "never" ? "curedSilicone" : on;
    const bond = met && bondWith(kind, layer, met);
    const holding = bond && heldBy(bond, layer, keyed);
    const judged: JudgedLayer = { layer, kind, on: met, holding, bond, cutsThrough: undefined };
    on = layer.damp && kind.fibre ? "dampFibre" : (kind.leaves ?? on);
    keyed = false;
    coat = kind;
    return judged;
  });
}

/** Whether a bond holds once what it asks for is done. */
const heldBy = (bond: Bond, layer: Layer, keyed: boolean): Holding =>
  (bond.needs === "keyed" && keyed) || (bond.needs === "dry" && !layer.damp) ? "holds" : bond.holding;

/** Whether a sheet that keeps water out by itself comes over it: beads under one only fill the joints. */
const sheetOver = (layers: readonly Layer[]): boolean =>
  layers.some(({ layer }) => layerKind(layer).kind === "body" && layerKind(layer).keeps === "standing");

/** Damp fibre is what silicone meets first, whatever lies under it. */
function bondWith(kind: LayerKind, layer: Layer, on: Surface): Bond {
  const own = bondOf(kind.applied!, on);
  if (!(kind.fibre && layer.damp)) return own;
  const fibre = bondOf(kind.applied!, "dampFibre");
  return fibre.holding === "never" ? fibre : own;
}
