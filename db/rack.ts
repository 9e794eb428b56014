import { putOnRack } from "../core/cuts/record/rack";
import { ok, type Result } from "../core/units/result";
import { readAllLogs } from "./log";
import type { Database } from "./open";
import { readStock, writeStock } from "./workshop";

type Sizes = Parameters<typeof putOnRack>[1];

/** Puts offcuts on the rack; how many, or why none. */
export async function putOffcuts(db: Database, sizes: Sizes): Promise<Result<number>> {
  return db.transaction(async (tx) => {
    const [stock, logs] = await Promise.all([readStock(tx), readAllLogs(tx)]);
    const after = putOnRack(stock, sizes, logs);
    if (!after.ok) return after;
    await writeStock(tx, after.value);
    return ok(after.value.offcuts.length - stock.offcuts.length);
  });
}

/** Takes an offcut off the rack; one that is gone already is no fault. */
export async function dropOffcut(db: Database, id: string): Promise<void> {
  await db.transaction(async (tx) => {
    const stock = await readStock(tx);
    await writeStock(tx, { ...stock, offcuts: stock.offcuts.filter((o) => o.id !== id) });
  });
}
