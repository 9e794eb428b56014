import type { Checker } from "../../ledgers/checker";
import { findMaterial } from "../../materials/find";
import type { Leafed } from "./schema";
import { findInfill } from "./stuff";

/** Widest clearance that may be typed: past this it is no door. */
const MOST_CLEAR_MM = 40;

/** What keeps a leaf's own measures from being taken. */
export function checkLeafed(made: Leafed, path: string, { add, between, book }: Checker): void {
  const { leaf, clearance, holds, diagonals } = made;
  if (leaf.frame && !findMaterial(book, leaf.frame.bar, "bar"))
    add(`${path}/leaf/frame/bar`, `The book has no bar “${leaf.frame.bar}”. Choose another.`);
  const infill = findInfill(book, leaf.infill);
  if (!infill) add(`${path}/leaf/infill`, `The book has no glass, mesh or sheet “${leaf.infill}”. Choose another.`);
  else if (infill.class === "mesh" && !leaf.frame)
    add(`${path}/leaf/infill`, "Mesh needs a frame round it. Choose bars first, or glass or sheet.");
  between(`${path}/leaf/rebate`, leaf.rebate, 2, 40, "What the bars hold");
  between(`${path}/leaf/play`, leaf.play, 0, 10, "What is clear round it");
  if (leaf.moisture) between(`${path}/leaf/moisture`, leaf.moisture, 0, 30, "The wood's moisture");
  if (leaf.window) {
    if (!findInfill(book, leaf.window.infill))
      add(
        `${path}/leaf/window/infill`,
        `The book has no glass, mesh or sheet “${leaf.window.infill}”. Choose another.`,
      );
    between(`${path}/leaf/window/width`, leaf.window.width, 20, 3000, "The window's width");
    between(`${path}/leaf/window/height`, leaf.window.height, 20, 3000, "The window's height");
    between(`${path}/leaf/window/lap`, leaf.window.lap, 5, 100, "The lap round the window");
  }
  for (const [edge, measure] of Object.entries(clearance))
    between(`${path}/clearance/${edge}`, measure, 0.5, MOST_CLEAR_MM, "A clearance");
  if (!findMaterial(book, holds.catch, "hardware"))
    add(`${path}/holds/catch`, `The book has no catch “${holds.catch}”. Choose another.`);
  between(`${path}/holds/every`, holds.every, 20, 3000, "The distance of the catches");
  between(`${path}/holds/lastFromEnd`, holds.lastFromEnd, 0, 1000, "What is left beyond the last catch");
  if (diagonals) {
    between(`${path}/diagonals/rising`, diagonals.rising, 50, 5000, "A diagonal");
    between(`${path}/diagonals/falling`, diagonals.falling, 50, 5000, "A diagonal");
  }
}
