import type { FaceId } from "../../../design/names";
import type { Sum } from "../../../units/sum";
import type { Panel, Strip } from "../../shell";
import { stripPanel } from "../stripPanel";
import type { Box } from "./box";
import type { SheetShell } from "./schema";

/** A sum of lengths: `1500 inside + 10 left + 10 right − 3 two beds`. Terms of no length are left out. */
const sum = (...terms: [number, string][]): Sum =>
  terms
    .filter(([mm], i) => i === 0 || mm !== 0)
    .flatMap(([mm, what], i) => [...(i > 0 ? [mm < 0 ? " − " : " + "] : []), Math.abs(mm), ` ${what}`]);

/** How panels of a box meet. */
export type Meeting = Pick<SheetShell["joints"], "box" | "back"> & { rabbetMm: number };

/** A box as far as its panels ask for it. */
type Boxed = Pick<Box, "inside" | "thicknessMm" | "bedMm"> & {
  sheets: Record<FaceId, { id: string; thicknessMm: number; grained: boolean }>;
};

/** Every panel of a sheet box with the thickness its joints add or take (source: panel-joints). */
export function cutPanels(meeting: Meeting, box: Boxed, strips: Strip[]): Panel[] {
  const { inside, thicknessMm: t, bedMm } = box;
  const over = meeting.box === "topBaseOver";
  const overlaid = meeting.back === "overlaid";
  const rabbetMm = meeting.back === "rabbeted" ? meeting.rabbetMm : 0;

  const make = (id: FaceId, label: string, length: [number, string][], width: [number, string][]): Panel => ({
    id: `shell/${id}`,
    label,
    face: id,
    lengthMm: length.reduce((total, [mm]) => total + mm, 0),
    widthMm: width.reduce((total, [mm]) => total + mm, 0),
    thicknessMm: t[id],
    materialId: box.sheets[id].id,
    grained: box.sheets[id].grained,
    working: { length: sum(...length), width: sum(...width) },
  });

  const depth: [number, string][] = [
    [inside.depthMm, "deep inside"],
    [overlaid ? 0 : t.back, meeting.back === "inset" ? "for the inset back" : "for the rabbeted back"],
    [overlaid ? -bedMm : 0, "the back's bed"],
  ];
  // A panel that stands between two others leaves a bed at each end.
  const beds = (between: boolean): [number, string] => [between ? -2 * bedMm : 0, "two beds"];
  const across: [number, string][] = [
    [inside.widthMm, "wide inside"],
    [over ? t.left : 0, "left side"],
    [over ? t.right : 0, "right side"],
    beds(!over),
  ];
  const upright: [number, string][] = [
    [inside.heightMm, "high inside"],
    [over ? 0 : t.base, "base"],
    [over ? 0 : t.top, "top"],
    beds(over),
  ];
  const back = make(
    "back",
    "Back",
    [
      [inside.widthMm, "wide inside"],
      [overlaid ? t.left : rabbetMm, overlaid ? "left side" : "left rabbet"],
      [overlaid ? t.right : rabbetMm, overlaid ? "right side" : "right rabbet"],
      beds(!overlaid),
    ],
    [
      [inside.heightMm, "high inside"],
      [overlaid ? t.base : rabbetMm, overlaid ? "base" : "base rabbet"],
      [overlaid ? t.top : rabbetMm, overlaid ? "top" : "top rabbet"],
      beds(!overlaid),
    ],
  );
  return [
    make("top", "Top", across, depth),
    make("base", "Base", across, depth),
    make("left", "Left side", upright, depth),
    make("right", "Right side", upright, depth),
    back,
    ...strips.map((strip) => stripPanel(strip, box.sheets.front, bedMm)),
  ];
}
