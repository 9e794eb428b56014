import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useRef } from "react";
import type { FaceId } from "#core/design/names";
import type { Build } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { moveOnFace } from "#core/shell/net";
import { isPlaced, type PlacedThing } from "#core/things/placed";
import { type Held, isSame, useBuildHandle } from "../state/context";
import type { Planner } from "../state/store";
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
  /** Which way the drawing shows the face, where that is not as on the net. */
  moves?: ((dx: number, dy: number) => { uMm: number; vMm: number }) | undefined;
}

/** Moves a thing on its face, and with it all else in hand; sizes it by keys; takes it off. */
export function useHandled({ held, face, scale, snapped, moves }: Handled) {
  const { api, take, letGo, picked } = useBuildHandle();
  const { put, stepMm } = usePut();
  const from = useRef<PlacedThing[]>([]);

  /** All that moves with this one: itself, and what else is in hand. */
  const together = (): PlacedThing[] => {
    const all = picked.getState().held;
    const own = all.some((h) => isSame(h, held)) ? all : [held];
    const lying = api.shown.getState().seen.things.filter(isPlaced);
    return own.flatMap((h) => lying.find((t) => isSame(t, h)) ?? []);
  };
  const stepOn = (on: FaceId, dx: number, dy: number) =>
    moves && on === face ? moves(dx, dy) : moveOnFace(on, dx, dy);
  /** Moves what there was by so much of the drawing, mm, y down. */
  const moved =
    (all: readonly PlacedThing[], dxMm: number, dyMm: number) =>
    (draft: Build, { itemIn }: Planner) => {
      for (const { kind, id, placed: was } of all) {
        const item = itemIn(draft, kind, id)?.item;
        if (!item) continue;
        const step = stepOn(was.face, dxMm, dyMm);
        item.u = put(was.uMm + step.uMm);
        item.v = put(was.vMm + step.vMm);
      }
    };

  const bind = useDrag(
    ({ first, last, movement: [px, py], canceled, event }) => {
      event.preventDefault();
      event.stopPropagation();
      if (first) {
        // One of several in hand is taken hold of with the others; with Shift it comes to them, or leaves them.
        const has = picked.getState().held.some((h) => isSame(h, held));
        if (!has || event.shiftKey) take(held, event.shiftKey);
        from.current = together();
      }
      if (canceled) return api.drop();
      const own = from.current.find((f) => isSame(f, held))?.placed;
      if (!last && own && (px !== 0 || py !== 0)) {
        const step = stepOn(face, px / scale, py / scale);
        const to = { uMm: own.uMm + step.uMm, vMm: own.vMm + step.vMm };
        // Drawn to edges, middles and equal gaps it comes near, unless Alt is held.
        const at = event.altKey ? to : snapped(to.uMm, to.vMm, SNAP_PX / scale);
        // Turned back into the drawing's own way: which way an axis runs is the same there and back.
        const back = stepOn(face, at.uMm - own.uMm, at.vMm - own.vMm);
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
      return api.commit((draft, { THINGS }) => {
        for (const { kind, id } of all) THINGS[kind].off?.(chosenVariant(draft), id, draft);
      });
    }
    if (event.key === "Escape") return letGo();
    const nudge = NUDGES[event.key];
    if (!nudge) return;
    event.preventDefault();
    const by = (event.shiftKey ? 10 : 1) * stepMm;
    if (event.altKey)
      return api.commit((draft, { itemIn, grow }) => {
        const found = itemIn(draft, held.kind, held.id);
        if (found) grow(found.item, found.placed, nudge[0] * by, -nudge[1] * by, put);
      });
    api.commit(moved(together(), nudge[0] * by, nudge[1] * by));
  };

  return { bind, onKeyDown };
}
