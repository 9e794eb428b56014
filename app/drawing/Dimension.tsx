interface Props {
  x1: number;
  y1: number;
  x2: number;
  y2: number;
}

/** A dimension line, upright or lying; its figure is one of the drawing's labels. */
export function Dimension({ x1, y1, x2, y2 }: Props) {
  const tick = (x: number, y: number) => `M${x - 3} ${y + 3}l6 -6`;
  return (
    <path
      d={`M${x1} ${y1}L${x2} ${y2}${tick(x1, y1)}${tick(x2, y2)}`}
      fill="none"
      stroke="var(--chakra-colors-ink)"
      strokeWidth="1"
      pointerEvents="none"
    />
  );
}
