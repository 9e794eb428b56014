import { index, integer, jsonb, pgTable, primaryKey, text, timestamp } from "drizzle-orm/pg-core";
import type { Stock } from "../core/buying/stock";
import type { Build } from "../core/design/schema";
import type { Workshop } from "../core/diary/workshop";
import type { Material } from "../core/materials/schema";

/** A build and the number of its newest revision. */
export const builds = pgTable("builds", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  revision: integer("revision").notNull(),
  updatedAt: timestamp("updated_at", { withTimezone: true }).notNull().defaultNow(),
});

/** Every save, whole; nothing is ever taken out. */
export const revisions = pgTable(
  "revisions",
  {
    buildId: text("build_id")
      .notNull()
      .references(() => builds.id, { onDelete: "cascade" }),
    number: integer("number").notNull(),
    /** The revision this save started from. */
    base: integer("base").notNull(),
    /** What it was, in words: `typed`, `restored revision 4`, … */
    what: text("what").notNull(),
    design: jsonb("design").$type<Build>().notNull(),
    savedAt: timestamp("saved_at", { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.buildId, t.number] }), index("revisions_saved_at").on(t.buildId, t.savedAt)],
);

/** One row per setting: the workshop, the rack, the demo's pinned clock. */
export const settings = pgTable("settings", {
  key: text("key").primaryKey(),
  value: jsonb("value").$type<Workshop | Stock | string>().notNull(),
});

/** The materials book, prices in it, in the order the builder sees it. */
export const materials = pgTable("materials", {
  id: text("id").primaryKey(),
  position: integer("position").notNull(),
  material: jsonb("material").$type<Material>().notNull(),
});
