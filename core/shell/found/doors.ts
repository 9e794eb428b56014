import type { Measure } from "../../design/basics";
import { levelSlot, uprightSlot } from "../../escape/airPath";
import type { Rect } from "../faces";
import type { FoundGap } from "../shell";

/** Gaps round the leaves of found doors, at the widest. */
export interface DoorGaps {
  hinge: Measure;
  head: Measure;
  foot: Measure;
  /** Between two leaves; null with one. */
  meeting: Measure | null;
  /** Null where the corners are no wider than the edges. */
  corner: Measure | null;
}

/** A gap as a slot; one that is a guess may be as wide as the guess allows. */
export const slotOf = ({ value, high = value }: Measure) => ({
  kind: "slot" as const,
  nominalMm: value,
  ...(high > value && { toleranceMm: [high - value] }),
});

/** A gap no thinner than can be drawn, mm. */
const drawn = ({ value }: Measure) => Math.max(1, value);

/** Where two leaves meet: in the middle of their opening, from foot to head. */
export const meetingGap = (opening: string, rect: Rect, gap: Measure, slides: boolean): FoundGap => ({
  ...{ id: "doors-meet", label: "where the doors meet", face: "front", opening, way: slotOf(gap) },
  seat: slides ? "slide" : "meeting",
  lengthMm: rect.heightMm,
  at: [
    {
      ...{ uMm: rect.uMm + rect.widthMm / 2 - gap.value / 2, vMm: rect.vMm },
      ...{ widthMm: drawn(gap), heightMm: rect.heightMm },
    },
  ],
  air: uprightSlot(gap.value, rect.vMm, rect.heightMm),
});

/** All round the doors, where one gap was measured for all their edges. */
export const edgeGap = (opening: string, rect: Rect, gap: Measure, slides: boolean): FoundGap => ({
  ...{ id: "doors-edge", label: "round the doors", face: "front", opening, way: slotOf(gap) },
  seat: slides ? "slide" : "edge",
  lengthMm: 2 * (rect.widthMm + rect.heightMm),
  at: [],
  air: [
    ...levelSlot(gap.value, rect.widthMm, rect.vMm),
    ...levelSlot(gap.value, rect.widthMm, rect.vMm + rect.heightMm),
    ...uprightSlot(2 * gap.value, rect.vMm, rect.heightMm),
  ],
});

/** Each edge of swinging doors by itself: hinges, head, foot, corners, and where two leaves meet. */
export function swingGaps(opening: string, rect: Rect, gaps: DoorGaps): FoundGap[] {
  const { uMm, vMm, widthMm, heightMm } = rect;
  const { hinge, head, foot, meeting, corner } = gaps;
  const corners = meeting === null ? 4 : 8;
  const edge = (
    id: string,
    label: string,
    gap: Measure,
    own: Pick<FoundGap, "lengthMm" | "acrossMm" | "pieces" | "at" | "air">,
  ): FoundGap => ({
    ...{ id: `doors-${id}`, label, face: "front", opening, way: slotOf(gap), seat: "edge" },
    ...own,
  });
  const upright = (u: number): Rect => ({ uMm: u, vMm, widthMm: drawn(hinge), heightMm });
  const level = (v: number, gap: Measure): Rect => ({ uMm, vMm: v, widthMm, heightMm: drawn(gap) });
  return [
    ...(meeting === null ? [] : [meetingGap(opening, rect, meeting, false)]),
    // With one leaf, one upright edge is the hinge's and the other the latch's: both are measured as the hinge's.
    edge("hinge", meeting === null ? "at the hinge and the latch" : "at the hinges", hinge, {
      lengthMm: 2 * heightMm,
      at: [upright(uMm), upright(uMm + widthMm - drawn(hinge))],
      air: uprightSlot(2 * hinge.value, vMm, heightMm),
    }),
    edge("head", "over the doors", head, {
      lengthMm: widthMm,
      at: [level(vMm + heightMm - drawn(head), head)],
      air: levelSlot(head.value, widthMm, vMm + heightMm),
    }),
    edge("foot", "under the doors", foot, {
      lengthMm: widthMm,
      at: [level(vMm, foot)],
      air: levelSlot(foot.value, widthMm, vMm),
    }),
    ...(corner === null
      ? []
      : [
          edge("corner", "at the doors' corners", corner, {
            // Taken to be as long as it is wide, at each corner of each leaf.
            lengthMm: corners * corner.value,
            ...{ acrossMm: corner.value, pieces: corners, at: [] },
            air: levelSlot(corner.value, corners * corner.value, vMm + heightMm / 2),
          }),
        ]),
  ];
}
