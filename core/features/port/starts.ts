import { statedMm } from "../../design/measure";
import type { Start } from "../kind";
import { lowOnBack } from "../lowOnBack";
import type { Port } from "./schema";

export const portStarts: readonly Start<Port>[] = [
  {
    button: "Add a port",
    stem: "port",
    make: (shell) => ({
      ...lowOnBack(shell, 0),
      ...{ name: "Cable port", kind: "port", use: "cable" },
      ...{ bore: statedMm(20), gap: statedMm(1), tube: null },
    }),
  },
  {
    button: "Add a tube",
    stem: "tube",
    make: (shell) => ({
      ...lowOnBack(shell, 0),
      ...{ name: "Tube", kind: "port", use: "tube" },
      ...{ bore: statedMm(16), gap: statedMm(0) },
      tube: { bore: statedMm(12), rise: statedMm(40), run: statedMm(200), bendRadius: statedMm(60) },
    }),
  },
];
