import type { ReactNode } from "react";
import { holeCentres } from "#core/features/holes/pattern";
import type { Feature } from "#core/features/schema";
import { type Net, toNet } from "#core/shell/net";
import type { drawRect } from "#core/views/drawRect";

interface MarkProps<F extends Feature = Feature> {
  feature: F;
  rect: ReturnType<typeof drawRect>;
  net: Net;
  scale: number;
}

interface Mark<F extends Feature> {
  /** What it looks like on its face. */
  body: (props: MarkProps<F>) => ReactNode;
  /** How its outline is drawn where only that is: its colour, dashes, and whether it is round. */
  tone: "ink" | "clay";
  dashed: boolean;
  round: boolean;
}

const INK = "var(--chakra-colors-ink)";
const PAPER = "var(--chakra-colors-paper)";

/** The mark of each kind of feature. */
export const FEATURE_MARKS: { [Kind in Feature["kind"]]: Mark<Extract<Feature, { kind: Kind }>> } = {
  mesh: {
    ...{ tone: "ink", dashed: false, round: false },
    body: ({ feature, rect }) => (
      <rect
        {...rect}
        rx={feature.shape === "panel" ? 0 : Math.min(rect.width, rect.height) / 2}
        fill={feature.mesh ? "url(#hatch-mesh)" : PAPER}
        stroke={INK}
      />
    ),
  },
  pane: {
    ...{ tone: "ink", dashed: false, round: false },
    body: ({ rect }) => (
      <rect {...rect} fill="url(#hatch-glass)" stroke="var(--chakra-colors-water)" strokeWidth="1.4" />
    ),
  },
  keepOut: {
    ...{ tone: "clay", dashed: true, round: false },
    body: ({ rect }) => (
      <rect
        {...rect}
        fill="var(--chakra-colors-clay)"
        fillOpacity="0.08"
        stroke="var(--chakra-colors-clay)"
        strokeDasharray="3 3"
      />
    ),
  },
  port: {
    ...{ tone: "ink", dashed: false, round: true },
    body: ({ feature, rect }) => (
      <ellipse
        cx={rect.x + rect.width / 2}
        cy={rect.y + rect.height / 2}
        rx={Math.max(2.5, rect.width / 2)}
        ry={Math.max(2.5, rect.height / 2)}
        fill={feature.use === "drain" ? "var(--chakra-colors-water-soft)" : PAPER}
        stroke={feature.use === "drain" ? "var(--chakra-colors-water)" : INK}
        strokeWidth="1.4"
      />
    ),
  },
  holes: {
    ...{ tone: "ink", dashed: false, round: false },
    body: ({ feature, net, scale }) =>
      holeCentres(feature).map((hole) => {
        const at = toNet(feature.face, feature.u.value + hole.uMm, feature.v.value + hole.vMm, net);
        return (
          <circle
            key={`${hole.uMm}/${hole.vMm}`}
            cx={at.x * scale}
            cy={at.y * scale}
            r={Math.max(1, (feature.holeDia.value / 2) * scale)}
            fill={feature.mesh ? "url(#hatch-mesh)" : PAPER}
            stroke={INK}
            strokeWidth="0.8"
          />
        );
      }),
  },
};

/** The mark of a feature. */
export const markOf = (feature: Feature): Mark<Feature> => FEATURE_MARKS[feature.kind] as unknown as Mark<Feature>;

/** What a feature looks like on its face. */
export const FeatureBody = (props: MarkProps) => markOf(props.feature).body(props);
