import type { Thing } from "./thing";

/** The key of a thing among all things. */
export const thingKey = ({ kind, id }: Pick<Thing, "kind" | "id">): string => `${kind}/${id}`;
