import { Label } from "./Label";

interface Props {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
  text: string;
  /** Which side of an upright line the figure stands on. */
  side?: "left" | "right";
}

/** A dimension line with its figure, upright or lying. */
export function Dimension({ x1, y1, x2, y2, text, side = "right" }: Props) {
  const upright = x1 === x2;
  const tick = (x: number, y: number) => `M${x - 3} ${y + 3}l6 -6`;
  const [mx, my] = [(x1 + x2) / 2, (y1 + y2) / 2];
  return (
    <g stroke="var(--chakra-colors-ink)" strokeWidth="1">
      <path d={`M${x1} ${y1}L${x2} ${y2}${tick(x1, y1)}${tick(x2, y2)}`} fill="none" />
      <Label
        x={upright ? mx + (side === "left" ? -6 : 6) : mx}
        y={upright ? my + 4 : my + 14}
        size={12}
        anchor={upright ? (side === "left" ? "end" : "start") : "middle"}
      >
        {text}
      </Label>
    </g>
  );
}
