import { statedMm } from "../../design/measure";
import type { FaceId } from "../../design/names";
import { set } from "../../ledgers/fix";
import type { Fix } from "../../ledgers/ledger";
import { isWood } from "../../materials/face";
import { materialsOf } from "../../materials/find";
import type { Site } from "../../shell/site";
import type { Liner } from "./schema";

/** Over ground and water a liner goes up so much further, mm. From memory. */
const OVER_MM = 30;
const LEAST_MM = 80;

/** Faces of wood that wet ground touches. */
export const woodUnderWet = ({ shell }: Pick<Site, "shell">): FaceId[] =>
  (["base", "left", "right", "back"] as const).filter(
    (f) => !shell.faces[f].open && isWood(shell.faces[f].material.family),
  );

/** A liner up over all that is planned to be wet. */
export const newLiner = ({ book, shell }: Pick<Site, "book" | "shell">): Liner | undefined => {
  const cloth = materialsOf(book, "cloth").find((c) => c.form === "liner");
  const { groundMm, waterMm } = shell.levels;
  return (
    cloth && {
      material: cloth.id,
      upstand: statedMm(Math.max(LEAST_MM, Math.ceil(Math.max(groundMm, waterMm) + OVER_MM))),
    }
  );
};

/** The school of wood (common practice, no source): a sealer on every face that gets wet, silicone in its joints, a folded liner glued at its rim. */
export function woodSchool(site: Site): Fix | undefined {
  const liner = newLiner(site);
  if (!liner) return undefined;
  const { stacks } = site.variant.seal;
  const bare = woodUnderWet(site).filter((face) => !stacks.some((s) => s.face === face && s.layers.length > 0));
  const sealed = bare.map((face) => ({
    face,
    layers: [
      { id: "key-1", layer: "key" as const, coats: null, damp: false },
      { id: "varnish-1", layer: "varnish" as const, coats: null, damp: false },
    ],
  }));
  return {
    label: "Seal it, bead its joints, lay a folded liner",
    patch: [
      set(site.at("/seal/stacks"), [...stacks.filter((s) => !bare.includes(s.face)), ...sealed]),
      set(site.at("/seal/seams"), "all"),
      set(site.at("/seal/liner"), liner),
    ],
  };
}
