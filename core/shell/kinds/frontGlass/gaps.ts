import { levelSlot } from "../../../escape/airPath";
import type { Book } from "../../../materials/schema";
import { swingGaps } from "../../found/doors";
import { screenGaps } from "../../found/screen";
import type { FoundGap } from "../../shell";
import { doorOpening, insideOf, sillMm, stripMm } from "./measure";
import type { FrontGlassShell } from "./schema";

type Found = FrontGlassShell["found"];

/** The strip on the sill: its holes or slots as ways out, and for air. */
function stripGaps(found: Found): FoundGap[] {
  const { strip } = found;
  const heightMm = stripMm(found);
  if (heightMm <= 0 || strip.count === 0) return [];
  const { widthMm: insideMm } = insideOf(found);
  const widthMm = strip.length?.value ?? insideMm;
  const bore = strip.bore.value;
  const holes = strip.openings === "holes";
  const zMm = sillMm(found) + heightMm / 2;
  return [
    {
      id: "strip",
      label: `the strip's ${strip.openings}`,
      face: "front",
      way: holes ? { kind: "round", diameterMm: bore } : { kind: "slot", nominalMm: bore },
      ...{ seat: "strip", lengthMm: widthMm, acrossMm: heightMm, vent: true, cover: "nothing" },
      at: [{ uMm: (insideMm - widthMm) / 2, vMm: sillMm(found), widthMm, heightMm }],
      air: [
        {
          grossMm2: strip.count * (holes ? (Math.PI / 4) * bore ** 2 : bore * strip.slot.value),
          zMm,
          uprightMm: holes ? bore : Math.min(heightMm, bore),
          screens: [],
        },
      ],
    },
  ];
}

/** The notches for cables in the top frame, with their slides home. */
function notchGaps({ notches }: Found, { widthMm, depthMm, heightMm }: ReturnType<typeof insideOf>): FoundGap[] {
  const { count, width, shut } = notches;
  if (count === 0) return [];
  const open = Math.min(width.value, shut.value);
  const most = Math.min(width.high ?? width.value, shut.high ?? shut.value);
  return [
    {
      id: "notches",
      label: "at the cable notches",
      face: "top",
      // The slide shuts the notch but for this; both ways across must let a body through.
      way: { kind: "slot", nominalMm: open, ...(most > open && { toleranceMm: [most - open] }) },
      ...{
        seat: "notch",
        lengthMm: count * width.value,
        acrossMm: width.value,
        pieces: count,
        cover: "its slides, home",
      },
      at: Array.from({ length: count }, (_, i) => ({
        uMm: (widthMm * (i + 1)) / (count + 1) - width.value / 2,
        vMm: depthMm - 8,
        ...{ widthMm: width.value, heightMm: 8 },
      })),
      air: levelSlot(open, count * width.value, heightMm),
    },
  ];
}

/** Every gap and opening it came with. */
export function frontGlassGaps(found: Found, book: Book): FoundGap[] {
  const { doors } = found;
  const inside = insideOf(found);
  return [
    ...swingGaps("front", doorOpening(found), {
      ...doors,
      meeting: doors.leaves === 2 ? doors.meeting : null,
    }),
    ...stripGaps(found),
    ...screenGaps(found.top, book, inside, "top", "/shell/found/top"),
    ...notchGaps(found, inside),
  ];
}
