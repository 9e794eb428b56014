import DxfParser, { type IEntity, type ILwpolylineEntity, type IPolylineEntity } from "dxf-parser";
import type { OddPart } from "../core/odd/schema";
import { formatNumber } from "../core/units/format";
import type { RowError } from "./rows";

/** Millimetres in a unit of the file, by `$INSUNITS`; 0 and what is not listed is taken as millimetres. */
const MM_PER: Record<number, number> = { 1: 25.4, 2: 304.8, 4: 1, 5: 10, 6: 1000 };
const NEAR_MM = 0.01;

/** The size of a shape that is an upright, closed rectangle, mm; otherwise what it is, in words. */
function rectangleOf(entity: IEntity, mm: number): { w: number; h: number } | string {
  if (entity.type !== "LWPOLYLINE" && entity.type !== "POLYLINE")
    return `is a ${entity.type.toLowerCase()}; only closed rectangles are taken`;
  const { vertices, shape } = entity as ILwpolylineEntity | IPolylineEntity;
  const [xs, ys] = [vertices.map((p) => p.x * mm), vertices.map((p) => p.y * mm)];
  const [left, right, foot, head] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const near = (a: number, b: number) => Math.abs(a - b) < NEAR_MM;
  const atCorner = (_: unknown, i: number) =>
    (near(xs[i]!, left) || near(xs[i]!, right)) && (near(ys[i]!, foot) || near(ys[i]!, head));
  const corners = new Set(vertices.map((_, i) => `${near(xs[i]!, left)}${near(ys[i]!, foot)}`)).size;
  if (!shape || corners !== 4 || vertices.length > 5 || !vertices.every(atCorner))
    return "is no upright, closed rectangle";
  const [w, h] = [right - left, head - foot];
  return w < 1 || h < 1 || w > 10_000 || h > 10_000
    ? `is ${formatNumber(w)} × ${formatNumber(h)} mm; parts are 1 mm to 10 m`
    : { w, h };
}

/**
 * Reads upright rectangles of a DXF drawing as parts to be cut: closed polylines of four corners, equal ones counted.
 * @param text the file
 * @param from the material they are cut from, and ids already used
 * @returns the parts, and for every other shape what was wrong with it, by its place in the file
 */
export function readOddDxf(
  text: string,
  { material, taken }: { material: string; taken: string[] },
): { parts: OddPart[]; errors: RowError[] } {
  const none = (message: string) => ({ parts: [], errors: [{ line: 1, message }] });
  let drawing: ReturnType<DxfParser["parseSync"]>;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch {
    drawing = null;
  }
  if (!drawing || drawing.entities.length === 0)
    return none("This is no DXF drawing, or an empty one. Nothing was taken. Save it as DXF text, not binary.");
  const mm = MM_PER[Number(drawing.header.$INSUNITS)] ?? 1;
  const errors: RowError[] = [];
  const sizes = new Map<string, { w: number; h: number; qty: number }>();
  for (const [i, entity] of drawing.entities.entries()) {
    if (entity.type === "TEXT" || entity.type === "MTEXT") continue;
    const rectangle = rectangleOf(entity, mm);
    if (typeof rectangle === "string") {
      errors.push({ line: 0, message: `Shape ${i + 1} ${rectangle}.` });
      continue;
    }
    const key = `${rectangle.w.toFixed(1)}/${rectangle.h.toFixed(1)}`;
    sizes.set(key, { ...rectangle, qty: (sizes.get(key)?.qty ?? 0) + 1 });
  }
  const used = new Set(taken);
  let n = 0;
  const parts = [...sizes.values()].map(({ w, h, qty }): OddPart => {
    do n++;
    while (used.has(`odd-${n}`));
    const stated = (value: number) => ({ typed: `${formatNumber(value, 2)} mm`, value, how: "stated" as const });
    return {
      ...{ id: `odd-${n}`, label: `Drawn ${n}`, material, length: stated(w), width: stated(h) },
      ...{ qty: Math.min(qty, 1000), grainLocked: false },
    };
  });
  return { parts, errors };
}
