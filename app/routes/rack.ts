import { data } from "react-router";
import { putOnRack } from "#core/cuts/record/rack";
import { materialsOf } from "#core/materials/find";
import { parseMeasure } from "#core/units/guess";
import { listBuilds } from "#db/builds";
import { readLog } from "#db/log";
import { openDatabase } from "#db/open";
import { readBook, readStock, writeStock } from "#db/workshop";
import { type RowError, readOddParts } from "#files/oddCsv";
import { readOddDxf } from "#files/oddDxf";
import type { Route } from "./+types/rack";

const MOST_CHARACTERS = 2_000_000;
/** Sides of an offcut, mm. */
const SIDES = { least: 1, most: 10_000 };

/** What came of it: how many were put on the rack or taken off it, what was wrong, and with which rows. */
export interface RackAnswer {
  put: number;
  message: string | null;
  errors: RowError[];
}
type Offcut = Parameters<typeof putOnRack>[1][number];

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
  const form = await request.formData();
  const text = (name: string) => String(form.get(name) ?? "").trim();
  const refuse = (message: string) => data<RackAnswer>({ put: 0, message, errors: [] }, { status: 400 });
  const { db } = await openDatabase();
  const [stock, book] = await Promise.all([readStock(db), readBook(db)]);
  const drop = text("drop");
  if (drop) {
    await writeStock(db, { ...stock, offcuts: stock.offcuts.filter((o) => o.id !== drop) });
    return data<RackAnswer>({ put: 0, message: null, errors: [] });
  }
  const materials = materialsOf(book, "sheet");
  const material = text("material");
  if (!materials.some((m) => m.id === material))
    return refuse("The book has no such sheet. Nothing was put on the rack.");

  let errors: RowError[] = [];
  let sizes: Offcut[];
  const list = form.get("list");
  if (typeof list === "string") {
    if (list.length > MOST_CHARACTERS) return refuse("This list is larger than 2 MB. Nothing was put on the rack.");
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
  const builds = await listBuilds(db);
  const logs = await Promise.all(builds.map(({ id }) => readLog(db, id)));
  const after = putOnRack(stock, sizes, logs.flat());
  if (!after.ok) return refuse(after.message);
  await writeStock(db, after.value);
  return data<RackAnswer>({ put: after.value.offcuts.length - stock.offcuts.length, message: null, errors });
}
