import type { Wall } from "./schema";

/** Whether a wall is still to be made: it neither came with the shell nor stands already. A bare wall may be. */
export const isToMake = (wall: Pick<Wall, "up" | "origin"> | undefined): boolean =>
  !wall || (!wall.up && wall.origin === "made");
