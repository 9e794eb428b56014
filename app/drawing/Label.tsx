import type { ReactNode } from "react";

/** Width of a letter of the mono face at the size most labels have, drawing units. */
export const LETTER = 6.7;
/** That size, drawing units. */
export const USUAL_SIZE = 11;

interface Props {
  x: number;
  y: number;
  size?: number;
  anchor?: "start" | "middle" | "end";
  font?: "mono" | "body";
  bold?: boolean;
  /** Name of a theme colour. */
  tone?: string;
  children: ReactNode;
}

/** Text in a drawing. Styles, not attributes: the page's own reset outranks those. */
export function Label({
  x,
  y,
  size = USUAL_SIZE,
  anchor = "start",
  font = "mono",
  bold,
  tone = "ink",
  children,
}: Props) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      style={{
        fontSize: size,
        fontFamily: `var(--chakra-fonts-${font})`,
        fontWeight: bold ? 700 : 400,
        fill: `var(--chakra-colors-${tone})`,
        stroke: "none",
      }}
    >
      {children}
    </text>
  );
}
