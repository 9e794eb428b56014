import { statedMm } from "../../../design/measure";
import { shellSheets } from "../../../materials/board";
import { materialsOf } from "../../../materials/find";
import type { Opening } from "../../../shell/shell";
import type { Site } from "../../../shell/site";
import { catchesIn } from "../../leaf/fittings";
import { newLeafed } from "../../leaf/schema";
import { stillKind } from "../../leaf/still";
import { lidWords } from "../../leaf/words";
import type { PanelLid } from "./schema";

function newPanelLid({ book }: Pick<Site, "book">, { id, widthMm, heightMm }: Opening): PanelLid {
  const [sheet] = shellSheets(book);
  const [mesh] = materialsOf(book, "mesh");
  const [hold] = catchesIn(book);
  const half = (mm: number) => statedMm(Math.round(mm / 2));
  const window = mesh ? { infill: mesh.id, width: half(widthMm), height: half(heightMm), lap: statedMm(20) } : null;
  return {
    ...{ id, opening: id, origin: "made", lock: null, kind: "panelLid", centred: true },
    ...newLeafed({ infill: sheet?.id ?? "", window }, hold?.id ?? ""),
  };
}

/** A solid lid with a window of mesh. */
export const panelLid = stillKind<PanelLid>({
  kind: "panelLid",
  label: "solid lid",
  hanging: "lid",
  words: lidWords,
  suits: ({ face, round }) => face === "top" && !round,
  start: newPanelLid,
  startWords: () => ({ button: "Put a solid lid on, with a mesh window", about: "" }),
  summary: "under a solid lid",
  unlocked: "What leans on the lid opens it in the end.",
});
