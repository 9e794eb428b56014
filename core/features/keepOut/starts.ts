import { statedMm } from "../../design/measure";
import type { Start } from "../kind";
import { lowOnBack } from "../lowOnBack";
import type { KeepOut } from "./schema";

export const keepOutStarts: readonly Start<KeepOut>[] = [
  {
    button: "Add a keep-out",
    stem: "keep-out",
    make: (shell) => ({
      ...lowOnBack(shell, 60),
      ...{ name: "Window", kind: "keepOut", use: "window", deep: null },
      ...{ width: statedMm(200), height: statedMm(140) },
    }),
  },
];
