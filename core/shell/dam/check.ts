import type { Checker } from "../../ledgers/checker";
import type { Size3 } from "../size";
import { damHeightMm, damLengthMm } from "./lay";
import type { DamAndFloor } from "./schema";
import { type Shelf, stuffOf } from "./stuff";

/**
 * Limits of a dam and of a second floor, each with the number that would be right.
 * @param damPath where the dam is in the variant
 */
export function checkDam(
  { dam, floor }: DamAndFloor,
  shelves: readonly Shelf[],
  inside: Size3,
  { book, between, add, say }: Checker,
  damPath = "/shell/dam",
): void {
  const gone = (path: string, of: string) =>
    add(
      path,
      of === "bought" ? "The book has no such glass or sheet. Choose another." : "That shelf is gone. Choose another.",
    );
  if (dam) {
    const stuff = stuffOf(dam.source, shelves, book);
    if (!stuff) gone(`${damPath}/source`, dam.source.of);
    else {
      between(`${damPath}/height`, dam.height, 10, Math.max(10, inside.heightMm - 20), "The dam");
      const lengthMm = damLengthMm(dam, stuff, inside);
      if (lengthMm > inside.widthMm)
        add(
          stuff.of === "wholeShelf" ? `${damPath}/source` : `${damPath}/length`,
          `A dam ${say(lengthMm)} long does not go between sides ${say(inside.widthMm)} apart. ${
            stuff.of === "wholeShelf" ? "Cut the shelf" : "Type"
          } ${stuff.of === "wholeShelf" ? `to ${say(inside.widthMm - 6)}` : `${say(inside.widthMm - 6)} or less`}.`,
        );
      else if (lengthMm < 30) add(`${damPath}/length`, `A dam ${say(lengthMm)} long holds nothing. Leave it empty.`);
      if (damHeightMm(dam, stuff) > inside.heightMm)
        add(
          `${damPath}/source`,
          `On edge that shelf is ${say(damHeightMm(dam, stuff))} high, the inside ${say(inside.heightMm)}. Cut it instead.`,
        );
      if (stuff.of === "cutShelf") {
        const { width, depth } = stuff.shelf;
        const [long, short] = [Math.max(width.value, depth.value), Math.min(width.value, depth.value)];
        if (lengthMm > long || dam.height.value > short)
          add(
            `${damPath}/source`,
            `That shelf is ${say(long)} × ${say(short)}; a dam of ${say(lengthMm)} × ${say(dam.height.value)} cannot be cut from it. Choose another, or buy a pane.`,
          );
      }
    }
  }
  if (floor) {
    const stuff = stuffOf(floor.source, shelves, book);
    if (!stuff) gone("/shell/floor/source", floor.source.of);
    else if (stuff.of !== "glass" && stuff.of !== "sheet") {
      const { width, depth } = stuff.shelf;
      if (stuff.of === "wholeShelf" && (width.value > inside.widthMm || depth.value > inside.depthMm))
        add(
          "/shell/floor/source",
          `That shelf is ${say(width.value)} × ${say(depth.value)}; the inside is ${say(inside.widthMm)} × ${say(inside.depthMm)}. Cut it, or buy a pane.`,
        );
    }
  }
}
