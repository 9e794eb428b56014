import type { Cut } from "../shell/section";
import type { Site } from "../shell/site";
import type { Point } from "../shell/space";
import { boxHighMm, boxRect, boxWallMm } from "./sizes";

/** A side of a box as a section cuts it, in (across, up) mm. */
export interface BoxCut {
  id: string;
  kind: "divider";
  points: Point[];
}

/** The sides of boxes where a section cuts them, and their covers. */
export function cutBoxes(
  { shell, variant, book }: Pick<Site, "shell" | "variant" | "book">,
  cut: Cut,
  atMm?: number,
): BoxCut[] {
  const along = cut === "frontBack";
  const plane = atMm ?? (along ? shell.inside.widthMm : shell.inside.depthMm) / 2;
  return variant.boxes.flatMap((box): BoxCut[] => {
    const { uMm, vMm, widthMm, heightMm } = boxRect(box);
    const [from, size, off, deep] = along ? [vMm, heightMm, uMm, widthMm] : [uMm, widthMm, vMm, heightMm];
    if (plane < off || plane > off + deep) return [];
    const [t, high] = [boxWallMm(book, box), boxHighMm(shell, box)];
    const side = (id: string, a: number, b: number, low: number, up: number): BoxCut => ({
      ...{ id: `box-${box.id}-${id}`, kind: "divider" },
      points: [
        [a, low],
        [b, low],
        [b, up],
        [a, up],
      ],
    });
    return [
      side("near", from, from + t, 0, high),
      side("far", from + size - t, from + size, 0, high),
      ...(box.cover === "none" ? [] : [side("cover", from, from + size, high - t, high)]),
    ];
  });
}
