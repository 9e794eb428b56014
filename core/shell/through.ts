import type { Shell } from "./shell";

/** How one gets inside, in words. */
export const throughWords = ({ openings: [main] }: Pick<Shell, "openings">): string =>
  main.face === "top" ? "from above, lid off" : "through the doors";
