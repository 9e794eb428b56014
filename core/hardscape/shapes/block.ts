import { type Known, memory } from "../../figures/figure";
import { boxMesh } from "../../shell/wallMesh";
import { footprint } from "../line";
import type { Block } from "../schema";
import { type Shape, uprightBox } from "./shape";

/** A stone or stump fills this share of the box round it (source: hardscape). */
export const BLOCK_SHARE: Known = { value: 0.6, low: 0.45, high: 0.75, basis: memory };

const footMm = ({ on }: Block, groundMm: number) => (on === "ground" ? groundMm : 0);

/** A stone or stump that stands on its foot. */
export const block: Shape<Block> = {
  word: ({ of }) => of,
  says: ({ height }, say) => `${say(height.value)} high`,
  m3: ({ width, length, height }) => (width.value * length.value * height.value * BLOCK_SHARE.value) / 1e9,
  sizesMm: ({ width, length, height }) => [width.value, length.value, height.value],
  topMm: (piece, groundMm) => footMm(piece, groundMm) + piece.height.value,
  topFormula: "what it stands on + its height",
  rests: ({ on, hold, width, length }) => [
    { on, hold, bedMm2: width.value * length.value, bedMm: [width.value, length.value] },
  ],
  standsMm: ({ height }) => height.value,
  sized: [{ at: "height", what: "Its height", leastMm: 1 }],
  mesh: (piece, groundMm) => {
    const { uMm, vMm, widthMm, heightMm } = footprint(piece);
    const foot = footMm(piece, groundMm);
    return boxMesh({ low: [uMm, vMm, foot], high: [uMm + widthMm, vMm + heightMm, foot + piece.height.value] });
  },
  cut: (piece, axis, plane, groundMm) => {
    const { uMm, vMm, widthMm, heightMm } = footprint(piece);
    const [from, size, off, deep] = axis === 1 ? [vMm, heightMm, uMm, widthMm] : [uMm, widthMm, vMm, heightMm];
    if (plane < off || plane > off + deep) return undefined;
    const foot = footMm(piece, groundMm);
    return uprightBox(from, from + size, foot, foot + piece.height.value);
  },
  roundness: 3,
};
