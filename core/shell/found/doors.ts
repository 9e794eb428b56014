import { levelSlot, uprightSlot } from "../../escape/airPath";
import type { Rect } from "../faces";
import type { FoundGap } from "../shell";

/** Gaps round the leaves of found doors, mm, at the widest; `corner` where one is measured by itself. */
export interface DoorGaps {
  hinge: number;
  head: number;
  foot: number;
  /** Between two leaves; null with one. */
  meeting: number | null;
  corner?: number;
}

const slot = (nominalMm: number) => ({ kind: "slot", nominalMm }) as const;

/** Where two leaves meet: in the middle of their opening, from foot to head. */
export const meetingGap = (opening: string, rect: Rect, mm: number, slides: boolean): FoundGap => ({
  ...{ id: "doors-meet", label: "where the doors meet", face: "front", opening, way: slot(mm) },
  seat: slides ? "slide" : "meeting",
  lengthMm: rect.heightMm,
  at: [{ uMm: rect.uMm + rect.widthMm / 2 - mm / 2, vMm: rect.vMm, widthMm: Math.max(1, mm), heightMm: rect.heightMm }],
  air: uprightSlot(mm, rect.vMm, rect.heightMm),
});

/** All round the doors, where one gap was measured for all their edges. */
export const edgeGap = (opening: string, rect: Rect, mm: number, slides: boolean): FoundGap => ({
  ...{ id: "doors-edge", label: "round the doors", face: "front", opening, way: slot(mm) },
  seat: slides ? "slide" : "edge",
  lengthMm: 2 * (rect.widthMm + rect.heightMm),
  at: [],
  air: [
    ...levelSlot(mm, rect.widthMm, rect.vMm),
    ...levelSlot(mm, rect.widthMm, rect.vMm + rect.heightMm),
    ...uprightSlot(2 * mm, rect.vMm, rect.heightMm),
  ],
});

/** Each edge of swinging doors by itself: hinges, head, foot, corners, and where two leaves meet. */
export function swingGaps(opening: string, rect: Rect, gaps: DoorGaps): FoundGap[] {
  const { uMm, vMm, widthMm, heightMm } = rect;
  const edge = (id: string, label: string, mm: number, lengthMm: number, at: Rect[], air: FoundGap["air"]) => ({
    ...{ id: `doors-${id}`, label, face: "front" as const, opening, way: slot(mm), seat: "edge" as const },
    ...{ lengthMm, at, air },
  });
  const wide = (mm: number) => Math.max(1, mm);
  // With one leaf, one upright edge is the hinge's and the other the latch's: both are measured as the hinge's.
  return [
    ...(gaps.meeting === null ? [] : [meetingGap(opening, rect, gaps.meeting, false)]),
    edge(
      "hinge",
      gaps.meeting === null ? "at the hinge and the latch" : "at the hinges",
      gaps.hinge,
      2 * heightMm,
      [
        { uMm, vMm, widthMm: wide(gaps.hinge), heightMm },
        { uMm: uMm + widthMm - wide(gaps.hinge), vMm, widthMm: wide(gaps.hinge), heightMm },
      ],
      uprightSlot(2 * gaps.hinge, vMm, heightMm),
    ),
    edge(
      "head",
      "over the doors",
      gaps.head,
      widthMm,
      [{ uMm, vMm: vMm + heightMm - wide(gaps.head), widthMm, heightMm: wide(gaps.head) }],
      levelSlot(gaps.head, widthMm, vMm + heightMm),
    ),
    edge(
      "foot",
      "under the doors",
      gaps.foot,
      widthMm,
      [{ uMm, vMm, widthMm, heightMm: wide(gaps.foot) }],
      levelSlot(gaps.foot, widthMm, vMm),
    ),
    ...(gaps.corner === undefined
      ? []
      : [
          {
            ...{ id: "doors-corner", label: "at the doors' corners", face: "front" as const, opening },
            ...{ way: slot(gaps.corner), seat: "edge" as const, lengthMm: 8 * gaps.corner, at: [] },
            air: levelSlot(gaps.corner, 4 * gaps.corner, vMm + heightMm / 2),
          },
        ]),
  ];
}
