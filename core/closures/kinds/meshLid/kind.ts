import { materialsOf } from "../../../materials/find";
import type { Opening } from "../../../shell/shell";
import type { Site } from "../../../shell/site";
import { catchesIn } from "../../leaf/fittings";
import { newLeafed } from "../../leaf/schema";
import { stillKind } from "../../leaf/still";
import { lidWords } from "../../leaf/words";
import type { MeshLid } from "./schema";

function newMeshLid({ book }: Pick<Site, "book">, { id, widthMm, heightMm }: Opening): MeshLid {
  const span = Math.max(widthMm, heightMm);
  const bars = materialsOf(book, "bar");
  // A thirtieth of its span, or mesh pulls it in.
  const bar = bars.find((b) => b.widthMm >= span / 30) ?? bars[0];
  const [mesh] = materialsOf(book, "mesh");
  const [hold] = catchesIn(book);
  return {
    ...{ id, opening: id, origin: "made", lock: null, kind: "meshLid", centred: true },
    ...newLeafed({ infill: mesh?.id ?? "", frame: { bar: bar?.id ?? "", join: "butt" } }, hold?.id ?? ""),
  };
}

/** A frame of bars with mesh lapped over it. */
export const meshLid = stillKind<MeshLid>({
  kind: "meshLid",
  label: "framed mesh lid",
  hanging: "lid",
  words: lidWords,
  suits: ({ face, round }) => face === "top" && !round,
  start: newMeshLid,
  startWords: () => ({ button: "Put a framed mesh lid on", about: "" }),
  summary: "under a framed mesh lid",
  unlocked: "What leans on the lid opens it in the end.",
});
