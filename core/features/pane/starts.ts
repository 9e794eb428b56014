import { statedMm } from "../../design/measure";
import { materialsOf } from "../../materials/find";
import type { Start } from "../kind";
import { lowOnBack } from "../lowOnBack";
import type { Pane } from "./schema";

export const paneStarts: readonly Start<Pane>[] = [
  {
    button: "Add a pane",
    stem: "window",
    make(shell, book) {
      const glass = materialsOf(book, "glass")[0];
      return (
        glass && {
          ...lowOnBack(shell, 40),
          ...{ name: "Window", kind: "pane", glass: glass.id, onHand: null },
          ...{ width: statedMm(120), height: statedMm(80), lap: statedMm(15) },
        }
      );
    },
  },
];
