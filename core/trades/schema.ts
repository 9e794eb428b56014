import { backgroundSchemas } from "../background/schema";
import { closuresSchemas } from "../closures/schema";
import { cutsSchemas } from "../cuts/record/schema";
import { featuresSchemas } from "../features/schema";
import { groundSchemas } from "../ground/schema";
import { oddSchemas } from "../odd/schema";
import { sealSchemas } from "../seal/schema";
import { serviceSchemas } from "../service/schema";
import { slipsSchemas } from "../slips/schema";

/**
 * What each trade writes: its part of a variant with its bare value, and what the log tells of it. One line a trade; the
 * variant's schema, a new variant and the log's schema are made of these.
 */
export const SCHEMAS = [
  featuresSchemas,
  oddSchemas,
  slipsSchemas,
  closuresSchemas,
  sealSchemas,
  backgroundSchemas,
  groundSchemas,
  serviceSchemas,
  cutsSchemas,
] as const;
type Schemas = (typeof SCHEMAS)[number];

type Both<U> = (U extends unknown ? (part: U) => void : never) extends (all: infer All) => void ? All : never;
/** Every part of a variant that a trade writes, by its name in the document. */
export type Parts = Both<Schemas["part"]>;

/** The parts' schemas, for the variant's. */
export const partSchemas = Object.fromEntries(
  SCHEMAS.flatMap(({ part }) => Object.entries(part).map(([name, { schema }]) => [name, schema])),
) as { [Name in keyof Parts]: Parts[Name]["schema"] };

/** Every part before anything of it is decided; new values at each call. */
export const bareParts = () =>
  Object.fromEntries(SCHEMAS.flatMap(({ part }) => Object.entries(part).map(([name, { bare }]) => [name, bare()]))) as {
    [Name in keyof Parts]: ReturnType<Parts[Name]["bare"]>;
  };

/** What the log may tell. */
export const EVENTS = SCHEMAS.flatMap(({ events }) => events as Schemas["events"][number][]);
