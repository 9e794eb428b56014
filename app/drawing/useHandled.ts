import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useRef } from "react";
import type { FaceId } from "#core/design/names";
import type { Build, Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { moveOnFace } from "#core/shell/net";
import { grow, itemOf } from "#core/things/handle";
import { THINGS } from "#core/things/list";
import type { PlacedItem } from "#core/things/thing";
import { type Held, useBuildHandle } from "../state/context";
import { usePut } from "./usePut";

/** What is dragged is drawn to what it comes this near, in pixels of the screen. */
const SNAP_PX = 4;

const NUDGES: Record<string, readonly [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface Handled {
  held: Held;
  face: FaceId;
  /** px a millimetre. */
  scale: number;
  /** Where a middle is drawn to, given how near is near in mm. */
  snapped: (uMm: number, vMm: number, withinMm: number) => { uMm: number; vMm: number };
}

/** Moves a thing on its face, and with it all else in hand; sizes it by keys; takes it off. */
export function useHandled({ held, face, scale, snapped }: Handled) {
  const { api, take, letGo, picked } = useBuildHandle();
  const { put, stepMm } = usePut();
  const from = useRef<{ held: Held; item: PlacedItem }[]>([]);

  const find = (variant: Variant, { kind, id }: Held) => {
    const { placed } = THINGS[kind];
    const item = placed && itemOf(variant, placed, id);
    return item && placed ? { placed, item } : undefined;
  };
  /** All that moves with this one: itself, and what else is in hand. */
  const together = (): { held: Held; item: PlacedItem }[] => {
    const variant = chosenVariant(api.store.getState().design);
    const all = picked.getState().held;
    const own = all.some((h) => h.kind === held.kind && h.id === held.id) ? all : [held];
    return own.flatMap((h) => {
      const found = find(variant, h);
      return found ? [{ held: h, item: found.item }] : [];
    });
  };
  /** Moves what there was by so much of the drawing, mm, y down. */
  const moved = (all: { held: Held; item: PlacedItem }[], dxMm: number, dyMm: number) => (draft: Build) => {
    for (const { held: h, item: was } of all) {
      const found = find(chosenVariant(draft), h);
      if (!found) continue;
      const step = moveOnFace(was.face, dxMm, dyMm);
      found.item.u = put(was.u.value + step.uMm);
      found.item.v = put(was.v.value + step.vMm);
    }
  };

  const bind = useDrag(
    ({ first, last, movement: [px, py], canceled, event }) => {
      event.preventDefault();
      event.stopPropagation();
      if (first) {
        // One of several in hand is taken hold of with the others; with Shift it comes to them, or leaves them.
        const has = picked.getState().held.some((h) => h.kind === held.kind && h.id === held.id);
        if (!has || event.shiftKey) take(held, event.shiftKey);
        from.current = together();
      }
      if (canceled) return api.drop();
      const own = from.current.find((f) => f.held.kind === held.kind && f.held.id === held.id);
      if (!last && own && (px !== 0 || py !== 0)) {
        const step = moveOnFace(face, px / scale, py / scale);
        const to = { uMm: own.item.u.value + step.uMm, vMm: own.item.v.value + step.vMm };
        // Drawn to edges, middles and equal gaps it comes near, unless Alt is held.
        const at = event.altKey ? to : snapped(to.uMm, to.vMm, SNAP_PX / scale);
        // Turned back into the drawing's own way: which way an axis runs is the same there and back.
        const back = moveOnFace(face, at.uMm - own.item.u.value, at.vMm - own.item.v.value);
        api.show(moved(from.current, back.uMm, back.vMm));
      }
      if (last) api.settle();
    },
    { filterTaps: false, pointer: { keys: false } },
  );

  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === "Delete" || event.key === "Backspace") {
      event.preventDefault();
      const all = together();
      letGo();
      return api.commit((draft) => {
        for (const { held: h } of all) THINGS[h.kind].off?.(chosenVariant(draft), h.id, draft);
      });
    }
    if (event.key === "Escape") return letGo();
    const nudge = NUDGES[event.key];
    if (!nudge) return;
    event.preventDefault();
    const by = (event.shiftKey ? 10 : 1) * stepMm;
    if (event.altKey)
      return api.commit((draft) => {
        const found = find(chosenVariant(draft), held);
        if (found) grow(found.item, found.placed, nudge[0] * by, -nudge[1] * by, put);
      });
    api.commit(moved(together(), nudge[0] * by, nudge[1] * by));
  };

  return { bind, onKeyDown };
}
