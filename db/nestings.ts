import { createHash } from "node:crypto";
import { eq } from "drizzle-orm";
import type { KeptNesting } from "../core/cuts/nester";
import type { Database } from "./open";
import { nestings } from "./schema";

/** The better nestings kept of a build. */
export const readNestings = (db: Database, buildId: string): Promise<KeptNesting[]> =>
  db
    .select({ instance: nestings.instance, solution: nestings.solution })
    .from(nestings)
    .where(eq(nestings.buildId, buildId))
    .orderBy(nestings.hash);

/** Keeps a nesting in place of any other of the same instance. */
export async function writeNesting(db: Database, buildId: string, { instance, solution }: KeptNesting): Promise<void> {
  const hash = createHash("sha256").update(instance).digest("hex");
  await db
    .insert(nestings)
    .values({ buildId, hash, instance, solution })
    .onConflictDoUpdate({ target: [nestings.buildId, nestings.hash], set: { solution } });
}
