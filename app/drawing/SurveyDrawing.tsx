import type { DrawPoint, Survey } from "#core/shell/kinds/kind";
import { Label } from "./Label";

const at = ([x, y]: DrawPoint) => `${x * 3},${y * 3}`;

/** The thing being measured, small, with where the tape runs; the measure in hand stands out. */
export function SurveyDrawing({ survey, active }: { survey: Survey; active: string | null }) {
  const measures = survey.groups.flatMap((g) => g.fields).filter((f) => f.arrow);
  const chosen = measures.find((f) => f.path === active);
  return (
    <svg
      viewBox="0 0 300 232"
      width="100%"
      role="img"
      aria-label={chosen ? `Where ${chosen.label.toLowerCase()} is measured` : "What the survey measures"}
      style={{ display: "block", maxWidth: 300 }}
    >
      <defs>
        <marker
          id="tape-end"
          viewBox="0 0 6 6"
          refX="5"
          refY="3"
          markerWidth="6"
          markerHeight="6"
          orient="auto-start-reverse"
        >
          <path d="M0 0L6 3L0 6z" fill="var(--chakra-colors-fern)" />
        </marker>
      </defs>
      {survey.drawing.map((line) => (
        <polyline
          key={line.map(at).join(" ")}
          points={line.map(at).join(" ")}
          fill="none"
          stroke="var(--chakra-colors-ink)"
          strokeWidth="1.4"
        />
      ))}
      {measures.map(({ path, arrow }) => {
        const [[x1, y1], [x2, y2]] = arrow!;
        const on = path === active;
        return (
          <line
            key={path}
            x1={x1 * 3}
            y1={y1 * 3}
            x2={x2 * 3}
            y2={y2 * 3}
            stroke={on ? "var(--chakra-colors-fern)" : "var(--chakra-colors-line)"}
            strokeWidth={on ? 2.4 : 1.2}
            {...(on && { markerStart: "url(#tape-end)", markerEnd: "url(#tape-end)" })}
          />
        );
      })}
      {chosen && (
        <Label x={150} y={229} anchor="middle" font="body" size={12} tone="fern" bold>
          {chosen.label}
        </Label>
      )}
    </svg>
  );
}
