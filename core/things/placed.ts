import type { SeenThing } from "./seen";
import type { Placed } from "./thing";

/** A thing that lies on a face. */
export type PlacedThing = SeenThing & { placed: Placed };

/** Whether a thing lies on a face. */
export const isPlaced = (thing: SeenThing): thing is PlacedThing => thing.placed !== undefined;
