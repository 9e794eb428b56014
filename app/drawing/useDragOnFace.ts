import { useDrag } from "@use-gesture/react";
import { type KeyboardEvent, useRef } from "react";
import type { Measure } from "#core/design/basics";
import type { FaceId } from "#core/design/names";
import { readAt } from "#core/design/pointer";
import type { Build } from "#core/document/schema";
import { variantPath } from "#core/document/variant";
import { moveOnFace } from "#core/shell/net";
import { formatLength } from "#core/units/format";
import { useBuildHandle, useUnits } from "../state/context";

/** What is dragged is drawn to what it comes this near, in pixels of the screen. */
const SNAP_PX = 4;

const NUDGES: Record<string, [number, number]> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

interface Dragged {
  /** Its place in the variant: what is there has a middle `u`, `v`. */
  path: string;
  id: string;
  face: FaceId;
  u: Measure;
  v: Measure;
  /** Drawing units a millimetre. */
  scale: number;
  /** Where a middle is drawn to, given how near is near in mm. */
  snapped: (uMm: number, vMm: number, withinMm: number) => { uMm: number; vMm: number };
}

/** Drags something by its middle on its face, or nudges it by arrow keys, 1 mm and with Shift 10. */
export function useDragOnFace({ path, id, face, u, v, scale, snapped }: Dragged) {
  const { api, choose } = useBuildHandle();
  const { units } = useUnits();
  const mark = useRef<SVGGElement>(null);
  const start = useRef({ u: 0, v: 0 });

  /** Moves the middle; whole millimetres, or sixteenths in an inch build. */
  const moved = (uMm: number, vMm: number) => {
    const snap = (mm: number): Measure => {
      const step = units.unit === "in" ? 25.4 / units.denominator : 1;
      const value = Math.round(mm / step) * step;
      return { typed: formatLength(value, units), value, how: "stated" };
    };
    return (draft: Build) => {
      const target = readAt(draft, variantPath(draft, path)) as { u: Measure; v: Measure };
      target.u = snap(uMm);
      target.v = snap(vMm);
    };
  };

  const bind = useDrag(
    ({ first, last, movement: [px, py], canceled, event }) => {
      event.preventDefault();
      if (first) {
        start.current = { u: u.value, v: v.value };
        choose(id);
      }
      if (canceled) return api.drop();
      const zoom = mark.current?.ownerSVGElement?.getScreenCTM()?.a ?? 1;
      const step = moveOnFace(face, px / zoom / scale, py / zoom / scale);
      if (!last && (step.uMm !== 0 || step.vMm !== 0)) {
        const [toU, toV] = [start.current.u + step.uMm, start.current.v + step.vMm];
        // Drawn to edges, middles and equal gaps it comes near, unless Alt is held.
        const at = event.altKey ? { uMm: toU, vMm: toV } : snapped(toU, toV, SNAP_PX / zoom / scale);
        api.show(moved(at.uMm, at.vMm));
      }
      if (last) api.settle();
    },
    { filterTaps: false, pointer: { keys: false } },
  );

  const onKeyDown = (event: KeyboardEvent) => {
    const nudge = NUDGES[event.key];
    if (!nudge) return;
    event.preventDefault();
    const by = (event.shiftKey ? 10 : 1) * (units.unit === "in" ? 25.4 / units.denominator : 1);
    const step = moveOnFace(face, nudge[0] * by, nudge[1] * by);
    api.commit(moved(u.value + step.uMm, v.value + step.vMm));
  };

  return { mark, bind, onKeyDown };
}
