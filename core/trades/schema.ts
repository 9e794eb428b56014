import * as v from "valibot";
import { SCHEMAS } from "./schemas";

type Schemas = (typeof SCHEMAS)[number];

type Both<U> = (U extends unknown ? (part: U) => void : never) extends (all: infer All) => void ? All : never;
/** Every part of a variant that a trade writes, by its name in the document. */
export type Parts = Both<Schemas["part"]>;

/** The parts' schemas, for the variant's. A document older than a trade has not its part: nothing of it is decided then. */
export const partSchemas = Object.fromEntries(
  SCHEMAS.flatMap(({ part }) =>
    Object.entries(part).map(([name, { schema, bare }]) => [
      name,
      v.optional(schema as v.GenericSchema, bare as () => never),
    ]),
  ),
) as unknown as { [Name in keyof Parts]: v.OptionalSchema<Parts[Name]["schema"], Parts[Name]["bare"]> };

/** Every part before anything of it is decided; new values at each call. */
export const bareParts = () =>
  Object.fromEntries(SCHEMAS.flatMap(({ part }) => Object.entries(part).map(([name, { bare }]) => [name, bare()]))) as {
    [Name in keyof Parts]: ReturnType<Parts[Name]["bare"]>;
  };

/** What the log may tell. */
export const EVENTS = SCHEMAS.flatMap(({ events }) => events as Schemas["events"][number][]);
