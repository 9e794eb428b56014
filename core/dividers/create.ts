import { statedMm } from "../design/measure";
import type { Book } from "../materials/schema";
import { baseOf } from "../shell/base";
import type { Shell } from "../shell/shell";
import type { Divider } from "./schema";
import { firstMaterial } from "./stuffs";

/** A pane from the front to the back, in the middle, as high as keeps substrate and water apart. */
export function newDivider(id: string, name: string, book: Book, shell: Shell): Divider {
  const mid = Math.round(baseOf(shell).widthMm / 2);
  return {
    ...{ id, name, origin: "made", height: statedMm(Math.max(100, shell.levels.groundMm)), watertight: true },
    layers: [{ id: "layer-1", of: "glass", material: firstMaterial(book, "glass") }],
    line: { from: { on: "front", at: statedMm(mid) }, to: { on: "back", at: statedMm(mid) } },
  };
}
