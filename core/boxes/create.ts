import { statedMm } from "../design/measure";
import { firstMaterial } from "../dividers/stuffs";
import { materialsOf } from "../materials/find";
import type { Book } from "../materials/schema";
import type { ServiceBox } from "./schema";

/** A box of twin-wall board, flush under the lid, flooded through its foot. */
export function newBox(id: string, book: Book, uMm: number, vMm: number): ServiceBox {
  const mesh = materialsOf(book, "mesh")[0];
  return {
    ...{
      id,
      name: "Service box",
      origin: "made",
      face: "base",
      u: statedMm(uMm),
      v: statedMm(vMm),
      width: statedMm(90),
      length: statedMm(90),
    },
    ...{ height: null, of: "twinWall", material: firstMaterial(book, "twinWall"), held: "hotGlue" },
    ...{ foot: mesh ? { mesh: mesh.id, height: statedMm(30) } : null, hose: statedMm(16), cover: "lifts" },
  };
}
