import { and, desc, eq } from "drizzle-orm";
import { readShape } from "../core/document/read";
import type { Build } from "../core/document/schema";
import { ok, type Result } from "../core/units/result";
import type { Database } from "./open";
import { builds, revisions } from "./schema";

export interface BuildRow {
  id: string;
  name: string;
  revision: number;
  updatedAt: Date;
}

/** All builds, the last worked on first. */
export const listBuilds = (db: Database): Promise<BuildRow[]> =>
  db.select().from(builds).orderBy(desc(builds.updatedAt), builds.id);

/** An id from a name that no build has yet: `flat-pack-1500`, `flat-pack-1500-2`. */
async function freeId(db: Database, name: string): Promise<string> {
  const stem =
    name
      .toLowerCase()
      .normalize("NFD")
      .replace(/[^a-z0-9]+/g, "-")
      .replace(/^-+|-+$/g, "")
      .slice(0, 50) || "build";
  const taken = new Set((await db.select({ id: builds.id }).from(builds)).map((b) => b.id));
  for (let n = 1; ; n++) {
    const id = n === 1 ? stem : `${stem}-${n}`;
    if (!taken.has(id)) return id;
  }
}

/** Keeps a new build as its revision 1 and answers its id. */
export async function createBuild(db: Database, design: Build, what: string): Promise<string> {
  return db.transaction(async (tx) => {
    const id = await freeId(tx, design.name);
    await tx.insert(builds).values({ id, name: design.name, revision: 1 });
    await tx.insert(revisions).values({ buildId: id, number: 1, base: 0, what, design });
    return id;
  });
}

/** What an id can be; anything else names no build, and some of it no database takes. */
export const isId = (id: string): boolean => /^[a-z0-9][a-z0-9-]*$/.test(id);

/** A build at its newest revision, or why it cannot be read; undefined without such a build. */
export async function readNewest(
  db: Database,
  id: string,
): Promise<Result<{ design: Build; revision: number }> | undefined> {
  if (!isId(id)) return undefined;
  const [row] = await db
    .select({ design: revisions.design, revision: revisions.number })
    .from(builds)
    .innerJoin(revisions, and(eq(revisions.buildId, builds.id), eq(revisions.number, builds.revision)))
    .where(eq(builds.id, id));
  if (!row) return undefined;
  const design = readShape(row.design);
  return design.ok ? ok({ design: design.value, revision: row.revision }) : design;
}

export type SaveAnswer =
  | { saved: true; revision: number }
  | { saved: false; newest: number; design: Build }
  | { saved: false; message: string };

/**
 * Keeps a design as the next revision, if the one it started from is still the newest.
 * @param base the revision the edit started from; null saves over whatever is there, on the builder's word
 * @returns the new revision, or the newest one and its design when someone else saved meanwhile; undefined without such a build
 */
export async function saveRevision(
  db: Database,
  id: string,
  base: number | null,
  design: Build,
  what: string,
): Promise<SaveAnswer | undefined> {
  if (!isId(id)) return undefined;
  return db.transaction(async (tx) => {
    const [row] = await tx.select().from(builds).where(eq(builds.id, id)).for("update");
    if (!row) return undefined;
    if (base !== null && row.revision !== base) {
      const newest = await readNewest(tx, id);
      if (!newest?.ok) return { saved: false, message: newest?.message ?? "This build is gone. Nothing was changed." };
      return { saved: false, newest: row.revision, design: newest.value.design };
    }
    const revision = row.revision + 1;
    await tx.insert(revisions).values({ buildId: id, number: revision, base: row.revision, what, design });
    await tx.update(builds).set({ revision, name: design.name, updatedAt: new Date() }).where(eq(builds.id, id));
    return { saved: true, revision };
  });
}

/** The last `limit` revisions of a build, newest first, without their designs. */
export const listRevisions = async (db: Database, id: string, limit = 100) =>
  isId(id)
    ? db
        .select({ number: revisions.number, what: revisions.what, savedAt: revisions.savedAt })
        .from(revisions)
        .where(eq(revisions.buildId, id))
        .orderBy(desc(revisions.number))
        .limit(limit)
    : [];

/** One revision's design, or why it cannot be read; undefined without such a revision. */
export async function readRevision(db: Database, id: string, number: number): Promise<Result<Build> | undefined> {
  if (!isId(id)) return undefined;
  const [row] = await db
    .select({ design: revisions.design })
    .from(revisions)
    .where(and(eq(revisions.buildId, id), eq(revisions.number, number)));
  return row && readShape(row.design);
}
