import type { Placed } from "#core/labels/place";

/** From the middle of letters to their foot, as a share of their size. */
const TO_FOOT = 0.35;
const FONT = { mono: "mono", body: "body", bold: "body" } as const;

/** The labels of a drawing where they were placed. Styles, not attributes: the page's own reset outranks those. */
export function Labels({ labels }: { labels: readonly Placed[] }) {
  return (
    <g pointerEvents="none">
      {labels.map(({ id, text, x, y, size, lettering, tone, turned }) => (
        <text
          key={id}
          data-label={id}
          x={turned ? x + size * TO_FOOT : x}
          y={turned ? y : y + size * TO_FOOT}
          {...(turned && { transform: `rotate(-90 ${x + size * TO_FOOT} ${y})` })}
          style={{
            fontSize: size,
            fontFamily: `var(--chakra-fonts-${FONT[lettering]})`,
            fontWeight: lettering === "bold" ? 700 : 400,
            fill: `var(--chakra-colors-${tone})`,
          }}
        >
          {text}
        </text>
      ))}
    </g>
  );
}
