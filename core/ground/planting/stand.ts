import { WALLS, type WallId } from "../../background/names";
import { isBare, isPlanter, zoneName } from "../../background/zones";
import type { Variant } from "../../document/schema";
import { shapeOf } from "../../hardscape/shapes/list";
import type { Site } from "../../shell/site";
import { heightOf } from "../../shell/space";
import type { Plant } from "../schema";

/** Where a plant grows. */
export interface Stand {
  /** Its foot above the base, mm. */
  atMm: number;
  /** The widest pot it takes, mm; null where none is. */
  potMm: number | null;
  /** What it may spread over, across and up, mm; null on the floor. */
  coversMm: readonly [across: number, up: number] | null;
  /** Where the size of that stands, in the variant; null where it is not the builder's to change. */
  sizes: { width: string; height: string } | null;
  /** It wants more than roots to hold it. */
  bare: boolean;
  words: string;
}

const isWall = (where: string): where is WallId => WALLS.some((w) => w === where);

/** Where a plant grows; undefined where what it names is gone. */
export function standOf({ shell, variant }: Pick<Site, "shell" | "variant">, { where }: Plant): Stand | undefined {
  if (where === "ground")
    return {
      ...{ atMm: shell.levels.groundMm, potMm: null, coversMm: null, sizes: null, bare: false },
      words: "in the substrate",
    };
  if (isWall(where)) {
    const { room, open } = shell.faces[where];
    if (open) return undefined;
    const covers = [room.widthMm, room.heightMm] as const;
    return {
      ...{
        atMm: (shell.levels.groundMm + shell.levels.topMm) / 2,
        potMm: null,
        coversMm: covers,
        sizes: null,
        bare: true,
      },
      words: `on the ${where}`,
    };
  }
  const at = variant.background.zones.findIndex((z) => z.id === where);
  const zone = variant.background.zones[at];
  if (zone && !isBare(zone)) {
    const pot = isPlanter(zone);
    const height = heightOf(shell.faces[zone.face].frame, zone.v.value + (pot ? zone.height.value / 2 : 0));
    return {
      ...{
        atMm: height,
        potMm: pot ? zone.width.value : null,
        bare: !pot,
        words: `${pot ? "in" : "on"} ${zoneName(zone)}`,
      },
      coversMm: pot ? null : [zone.width.value, zone.height.value],
      sizes: pot ? null : { width: `/background/zones/${at}/width`, height: `/background/zones/${at}/height` },
    };
  }
  const piece = variant.hardscape.find((p) => p.id === where);
  if (!piece) return undefined;
  const top = shapeOf(piece).topMm(piece, shell.levels.groundMm);
  return { atMm: top, potMm: null, coversMm: null, sizes: null, bare: true, words: `on ${piece.name}` };
}

/** Everywhere a plant may grow: the substrate, what is on the walls, the walls themselves, and wood and stone. */
export function placesOf({ background, hardscape }: Pick<Variant, "background" | "hardscape">): [string, string][] {
  return [
    ["ground", "the substrate"],
    ...background.zones.filter((z) => !isBare(z)).map((z): [string, string] => [z.id, zoneName(z)]),
    ...hardscape.map((p): [string, string] => [p.id, p.name]),
    ...WALLS.map((w): [string, string] => [w, `the ${w} wall`]),
  ];
}
