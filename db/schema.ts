import { index, integer, jsonb, pgTable, primaryKey, serial, text, timestamp } from "drizzle-orm/pg-core";
import type { NestSolution } from "../core/cuts/nest/format";
import type { OwnRecipe } from "../core/ground/recipes";
import type { Material } from "../core/materials/schema";
import type { Stock } from "../core/stock/schema";
import type { Workshop } from "../core/workshop/schema";

/** A build and the number of its newest revision. */
export const builds = pgTable("builds", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  revision: integer("revision").notNull(),
  updatedAt: timestamp("updated_at", { withTimezone: true }).notNull().defaultNow(),
});

/** Every save, whole, as it was written: read through its schema. Nothing is ever taken out. */
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
    design: jsonb("design").$type<unknown>().notNull(),
    savedAt: timestamp("saved_at", { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.buildId, t.number] }), index("revisions_saved_at").on(t.buildId, t.savedAt)],
);

/** What happened at the bench, in the order of `seq`, as it was written; rows are only ever added. */
export const events = pgTable(
  "events",
  {
    buildId: text("build_id")
      .notNull()
      .references(() => builds.id, { onDelete: "cascade" }),
    /** Made by the page, so that sending the same entry twice keeps it once. */
    id: text("id").notNull(),
    seq: serial("seq").notNull(),
    /** Local time of the workshop, `2026-03-02T09:00`. */
    at: text("at").notNull(),
    event: jsonb("event").$type<unknown>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.buildId, t.id] }), index("events_seq").on(t.buildId, t.seq)],
);

/** Nestings better than the plan's own, by build and the hash of what they answer. */
export const nestings = pgTable(
  "nestings",
  {
    buildId: text("build_id")
      .notNull()
      .references(() => builds.id, { onDelete: "cascade" }),
    hash: text("hash").notNull(),
    /** As text: its letters are the key it is found by. */
    instance: text("instance").notNull(),
    solution: jsonb("solution").$type<NestSolution>().notNull(),
  },
  (t) => [primaryKey({ columns: [t.buildId, t.hash] })],
);

/** Days worked out of a build's air, by the key of what they answer; the newest few. */
export const days = pgTable(
  "days",
  {
    buildId: text("build_id")
      .notNull()
      .references(() => builds.id, { onDelete: "cascade" }),
    key: text("key").notNull(),
    answer: jsonb("answer").$type<unknown>().notNull(),
    keptAt: timestamp("kept_at", { withTimezone: true }).notNull().defaultNow(),
  },
  (t) => [primaryKey({ columns: [t.buildId, t.key] })],
);

/** One row per setting: the workshop, the rack, the demo's pinned clock. */
export const settings = pgTable("settings", {
  key: text("key").primaryKey(),
  value: jsonb("value").$type<Workshop | Stock | OwnRecipe[] | string>().notNull(),
});

/** The materials book, prices in it, in the order the builder sees it. */
export const materials = pgTable("materials", {
  id: text("id").primaryKey(),
  position: integer("position").notNull(),
  material: jsonb("material").$type<Material>().notNull(),
});
