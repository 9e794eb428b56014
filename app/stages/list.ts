import { STAGES } from "../../core/trades/stages";

/** Where a stage's screen lies: a folder of its id, with the screen named after it. */
export const screenOf = (id: string): string => `stages/${id}/${id[0]!.toUpperCase()}${id.slice(1)}Stage.tsx`;

export { STAGES };
