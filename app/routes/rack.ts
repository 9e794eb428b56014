import { data } from "react-router";
import { parseMeasure } from "#core/design/guess";
import { materialsOf } from "#core/materials/find";
import { openDatabase } from "#db/open";
import { dropOffcut, putOffcuts } from "#db/rack";
import { readBook } from "#db/workshop";
import { readOddParts } from "#files/oddCsv";
import { readOddDxf } from "#files/oddDxf";
import type { RowError } from "#files/rows";
import { readForm } from "../body.server";
import type { Route } from "./+types/rack";

/** Sides of an offcut, mm. */
const SIDES = { least: 1, most: 10_000 };

/** What came of it: how many were put on the rack, what was wrong, and with which rows. */
export interface RackAnswer {
  put: number;
  message: string | null;
  errors: RowError[];
}
type Offcut = Parameters<typeof putOffcuts>[1][number];

/** One offcut as it was typed, or what is wrong with it. */
function readTyped(text: (name: string) => string): Offcut | string {
  const [width, height] = (["length", "width"] as const).map((name) => {
    const read = parseMeasure(text(name), "mm", "stated");
    if (!read.ok) return `Its ${name}: ${read.message}`;
    const { value } = read.value;
    return value < SIDES.least || value > SIDES.most ? `Its ${name} must be between 1 mm and 10 m.` : value;
  });
  if (typeof width === "string") return width;
  if (typeof height === "string") return height;
  const from = text("from").slice(0, 60) || "put on by hand";
  return { material: text("material"), widthMm: width!, heightMm: height!, qty: 1, from };
}

/** Puts offcuts on the rack, typed or from a list, and takes them off it. */
export async function action({ request }: Route.ActionArgs) {
  const refuse = (message: string, status = 400) => data<RackAnswer>({ put: 0, message, errors: [] }, { status });
  const form = await readForm(request);
  if (!form.ok) return refuse(form.message, form.status);
  const text = (name: string) => String(form.value.get(name) ?? "").trim();
  const { db } = await openDatabase();
  const drop = text("drop");
  if (drop) {
    await dropOffcut(db, drop);
    return data<RackAnswer>({ put: 0, message: null, errors: [] });
  }
  const materials = materialsOf(await readBook(db), "sheet");
  const material = text("material");
  if (!materials.some((m) => m.id === material))
    return refuse("The book has no such sheet. Nothing was put on the rack.");

  let errors: RowError[] = [];
  let sizes: Offcut[];
  const list = form.value.get("list");
  if (typeof list === "string") {
    const file = text("file");
    const read = file.toLowerCase().endsWith(".dxf")
      ? readOddDxf(list, { material, taken: [] })
      : readOddParts(list, { unit: "mm", materials, material, taken: [] });
    errors = read.errors;
    sizes = read.parts.map((part) => ({
      ...{ material: part.material, widthMm: part.length.value, heightMm: part.width.value, qty: part.qty },
      from: part.label,
    }));
  } else {
    const typed = readTyped(text);
    if (typeof typed === "string") return refuse(`${typed} Nothing was put on the rack.`);
    sizes = [typed];
  }
  const put = await putOffcuts(db, sizes);
  return put.ok ? data<RackAnswer>({ put: put.value, message: null, errors }) : refuse(put.message);
}
