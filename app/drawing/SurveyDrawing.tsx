import type { Survey } from "#core/shell/survey";

/** The thing being measured, small, with where the tape runs; the measure in hand stands out. */
export function SurveyDrawing({ survey, active }: { survey: Survey; active: string | null }) {
  const measures = survey.groups.flatMap((g) => g.fields).filter((f) => f.arrow);
  const chosen = measures.find((f) => f.path === active);
  return (
    <svg
      viewBox="0 0 100 75"
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
          markerWidth="5"
          markerHeight="5"
          orient="auto-start-reverse"
        >
          <path d="M0 0L6 3L0 6z" fill="var(--chakra-colors-fern)" />
        </marker>
      </defs>
      {survey.drawing.map((line) => (
        <polyline key={line} points={line} fill="none" stroke="var(--chakra-colors-ink)" strokeWidth="0.5" />
      ))}
      {measures.map(({ path, arrow }) => {
        const on = path === active;
        return (
          <polyline
            key={path}
            points={arrow}
            fill="none"
            stroke={on ? "var(--chakra-colors-fern)" : "var(--chakra-colors-line)"}
            strokeWidth={on ? 0.9 : 0.4}
            {...(on && { markerStart: "url(#tape-end)", markerEnd: "url(#tape-end)" })}
          />
        );
      })}
    </svg>
  );
}
