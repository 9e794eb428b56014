import { Label, LETTER, USUAL_SIZE } from "./Label";

/** Letters of this size where there is room. */
const SIZE = 12;
/** Letters smaller than this are not read. */
const LEAST = 8;
/** Between a part's edge and its name. */
const EDGE = 7;

/**
 * The name and size of a part within its rectangle on a sheet: upright along its height where it is too narrow for them,
 * left out where it has room for neither.
 * @param at,size its corner and sides, in the drawing's units
 * @param kept room at either side that is not the part's: a corner cut out of it
 */
export function PartName({
  at: [x, y],
  size: [w, h],
  kept: [keptX, keptY],
  name,
  words,
}: {
  at: [number, number];
  size: [number, number];
  kept: [number, number];
  name: string;
  words: string;
}) {
  const letters = Math.max(name.length, words.length);
  /** The largest letters that both lines fit into, in a room so long and so high. */
  const fits = (long: number, high: number) => {
    const inOne = high < 3 * SIZE;
    const count = inOne ? name.length + words.length + 2 : letters;
    const size = Math.min(SIZE, (long - 2 * EDGE) / ((LETTER / USUAL_SIZE) * count), high < 14 ? 9 : SIZE);
    return { inOne, size: high > 11 ? size : 0 };
  };
  const lying = fits(w - 2 * keptX, h);
  const standing = fits(h - 2 * keptY, w);
  const isStanding = lying.size < LEAST + 1 && standing.size > lying.size;
  const { inOne, size } = isStanding ? standing : lying;
  if (size < LEAST) return null;
  const high = isStanding ? w : h;
  const down = Math.min(16, high / 2 + 4);
  const [textX, textY] = isStanding ? [x + down, y + h - keptY - EDGE] : [x + keptX + EDGE, y + down];
  return (
    <g {...(isStanding && { transform: `rotate(-90 ${textX} ${textY})` })}>
      <Label x={textX} y={textY} size={size} font="body" bold>
        {name}
        <tspan
          {...(inOne ? { dx: 8 } : { x: textX, dy: 15 })}
          style={{ fontWeight: 400, fontFamily: "var(--chakra-fonts-mono)" }}
        >
          {words}
        </tspan>
      </Label>
    </g>
  );
}
