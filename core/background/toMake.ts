import { isMade } from "../design/found";
import type { Wall } from "./schema";

/** Whether a wall is still to be made: it neither came with the shell and stays, nor stands already. A bare wall may be. */
export const isToMake = (wall: Pick<Wall, "up" | "origin" | "fate"> | undefined): boolean =>
  !wall || (!wall.up && isMade(wall));
