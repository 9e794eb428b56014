import { asc, eq, inArray } from "drizzle-orm";
import * as v from "valibot";
import { completeBook } from "../core/book/complete";
import { starterBook } from "../core/book/starter";
import { type LocalMinutes, parseLocal } from "../core/design/localTime";
import { type OwnRecipe, OwnRecipesSchema } from "../core/ground/recipes";
import { type Book, BookSchema, type Material } from "../core/materials/schema";
import { emptyStock, type Stock, StockSchema } from "../core/stock/schema";
import { type Workshop, WorkshopSchema } from "../core/workshop/schema";
import { starterWorkshop } from "../core/workshop/starter";
import type { Database } from "./open";
import { materials, settings } from "./schema";

async function readSetting<S extends v.GenericSchema>(
  db: Database,
  key: string,
  schema: S,
): Promise<v.InferOutput<S> | undefined> {
  const [row] = await db.select().from(settings).where(eq(settings.key, key));
  const read = v.safeParse(schema, row?.value);
  return read.success ? read.output : undefined;
}

async function writeSetting(db: Database, key: string, value: Workshop | Stock | OwnRecipe[] | string): Promise<void> {
  await db.insert(settings).values({ key, value }).onConflictDoUpdate({ target: settings.key, set: { value } });
}

export const readWorkshop = async (db: Database): Promise<Workshop> =>
  (await readSetting(db, "workshop", WorkshopSchema)) ?? starterWorkshop();
export const writeWorkshop = (db: Database, workshop: Workshop) => writeSetting(db, "workshop", workshop);

export const readStock = async (db: Database): Promise<Stock> =>
  (await readSetting(db, "stock", StockSchema)) ?? emptyStock();
export const writeStock = (db: Database, stock: Stock) => writeSetting(db, "stock", stock);

/** Mixes the workshop keeps for its next builds. */
export const readRecipes = async (db: Database): Promise<OwnRecipe[]> =>
  (await readSetting(db, "recipes", OwnRecipesSchema)) ?? [];
export const writeRecipes = (db: Database, recipes: OwnRecipe[]) => writeSetting(db, "recipes", recipes);

/**
 * The demo's own clock, in minutes of local time: it was set once, and runs on from there. Undefined where the machine's own
 * counts.
 * @param atMs the machine's clock, milliseconds since 1970
 */
export async function readPinnedMinutes(db: Database, atMs: number): Promise<LocalMinutes | undefined> {
  const rows = await db
    .select()
    .from(settings)
    .where(inArray(settings.key, ["now", "now-set-at"]));
  const text = (key: string) => String(rows.find((r) => r.key === key)?.value ?? "");
  const set = parseLocal(text("now"));
  if (set === undefined) return undefined;
  const setAtMs = Date.parse(text("now-set-at")) || atMs;
  return set + Math.max(0, atMs - setAtMs) / 60_000;
}
/** Sets the demo's clock. */
export async function writePinnedNow(db: Database, now: string, atMs: number): Promise<void> {
  await writeSetting(db, "now", now);
  await writeSetting(db, "now-set-at", new Date(atMs).toISOString());
}

/** The materials book, with what later versions added; the starter book until one is kept. */
export async function readBook(db: Database): Promise<Book> {
  const rows = await db.select().from(materials).orderBy(asc(materials.position));
  if (rows.length === 0) return starterBook();
  const read = v.safeParse(BookSchema, { materials: rows.map((r) => r.material) });
  return read.success ? completeBook(read.output) : starterBook();
}

/** Keeps the whole book. */
export async function writeBook(db: Database, book: Book): Promise<void> {
  await db.transaction(async (tx) => {
    await tx.delete(materials);
    await tx
      .insert(materials)
      .values(book.materials.map((material: Material, position) => ({ id: material.id, position, material })));
  });
}

/** Sets one pack's price in the kept book; null forgets it. Answers false when the book has no such pack. */
export async function writePrice(db: Database, packId: string, priceMinor: number | null): Promise<boolean> {
  const book = await readBook(db);
  let found = false;
  const priced = JSON.parse(JSON.stringify(book), (_, value: unknown) => {
    if (
      typeof value !== "object" ||
      value === null ||
      !("id" in value) ||
      value.id !== packId ||
      !("priceMinor" in value)
    )
      return value;
    found = true;
    return { ...value, priceMinor };
  }) as Book;
  if (found) await writeBook(db, priced);
  return found;
}
