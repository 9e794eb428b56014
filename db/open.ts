import { resolve } from "node:path";
import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";
import { lockDirectory } from "./lock";
import * as schema from "./schema";

export type Database = PgDatabase<PgQueryResultHKT, typeof schema>;

export interface OpenDatabase {
  db: Database;
  close: () => Promise<void>;
}

const MIGRATIONS = { migrationsFolder: resolve("db/migrations") };

/** Opens PGlite on a directory this process then owns, and brings its schema up to date. */
export async function openDirectory(directory: string): Promise<OpenDatabase> {
  const unlock = lockDirectory(directory);
  try {
    const [{ PGlite }, { drizzle }, { migrate }] = await Promise.all([
      import("@electric-sql/pglite"),
      import("drizzle-orm/pglite"),
      import("drizzle-orm/pglite/migrator"),
    ]);
    const client = await PGlite.create(directory);
    const db = drizzle(client, { schema });
    await migrate(db, MIGRATIONS);
    const close = async () => {
      await client.close();
      unlock();
    };
    return { db, close };
  } catch (error) {
    unlock();
    throw error;
  }
}

/** Opens a PostgreSQL server and brings its schema up to date. */
async function openServer(url: string): Promise<OpenDatabase> {
  const [{ default: pg }, { drizzle }, { migrate }] = await Promise.all([
    import("pg"),
    import("drizzle-orm/node-postgres"),
    import("drizzle-orm/node-postgres/migrator"),
  ]);
  const pool = new pg.Pool({ connectionString: url });
  const db = drizzle(pool, { schema });
  await migrate(db, MIGRATIONS);
  return { db, close: () => pool.end() };
}

/** Where the data is: `HORNWORT_DATA`, else `data/workshop`. */
export const dataDirectory = (): string => resolve(process.env.HORNWORT_DATA ?? "data/workshop");

const shared = globalThis as { hornwortDatabase?: Promise<OpenDatabase> };

/** The one database of this process. `DATABASE_URL` points it at a PostgreSQL server instead of a directory. */
export function openDatabase(): Promise<OpenDatabase> {
  shared.hornwortDatabase ??= process.env.DATABASE_URL
    ? openServer(process.env.DATABASE_URL)
    : openDirectory(dataDirectory());
  return shared.hornwortDatabase;
}

/** Closes it, if it was ever opened. */
export async function closeDatabase(): Promise<void> {
  const opened = shared.hornwortDatabase;
  shared.hornwortDatabase = undefined;
  if (opened) await (await opened).close();
}
