import { shellSheets } from "../../../materials/board";
import { materialsOf } from "../../../materials/find";
import type { Opening } from "../../../shell/shell";
import type { Site } from "../../../shell/site";
import { catchesIn } from "../../leaf/fittings";
import { newLeafed } from "../../leaf/schema";
import { stillKind } from "../../leaf/still";
import { panelWords } from "../../leaf/words";
import type { LiftOut } from "./schema";

function newLiftOut({ book }: Pick<Site, "book">, { id }: Opening): LiftOut {
  const [glass] = materialsOf(book, "glass");
  const [sheet] = shellSheets(book);
  const [hold] = catchesIn(book);
  return {
    ...{ id, opening: id, origin: "made", lock: null, kind: "liftOut", centred: true },
    ...newLeafed({ infill: (sheet ?? glass)?.id ?? "" }, hold?.id ?? ""),
  };
}

/** A panel on pegs or a rebate below, held by catches above. */
export const liftOut = stillKind<LiftOut>({
  kind: "liftOut",
  label: "lift-out panel",
  hanging: "liftOut",
  words: panelWords,
  suits: ({ face }) => face === "front",
  start: newLiftOut,
  startWords: () => ({ button: "Fit a lift-out panel", about: "" }),
  summary: "a panel that lifts out",
  unlocked: "What leans on the panel pushes it off its catches in the end.",
});
