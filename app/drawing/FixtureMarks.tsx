import type { Fixture } from "#core/fixtures/schema";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { useBuild, usePlaced, useThing } from "../state/context";
import { MovableMark } from "./MovableMark";

interface Props {
  net: Net;
  scale: number;
}

/** Fixtures on their faces of the net: dragged with the pointer, nudged by arrow keys, sized by their handles. */
export function FixtureMarks({ net, scale }: Props) {
  const { variant } = useBuild();
  return variant.fixtures.map((f) => <FixtureMark key={f.id} fixture={f} net={net} scale={scale} />);
}

/** One of them; what hangs in the room has no place on the shell. */
function FixtureMark({ fixture, net, scale }: Props & { fixture: Fixture }) {
  const held = { kind: "fixture", id: fixture.id } as const;
  const placed = usePlaced(held);
  const what = useThing(held)?.what ?? "fixture";
  if (!placed) return null;
  const rect = drawRect(placed.face, placed.rect, net, scale);
  return (
    <MovableMark {...{ held, placed, rect, scale, what }} tag={{ "data-fixture": fixture.id }}>
      <rect
        {...rect}
        rx={2}
        fill="var(--chakra-colors-sheet)"
        fillOpacity={0.85}
        stroke="var(--chakra-colors-ink)"
        strokeWidth="1.2"
        {...(fixture.side === "inside" && { strokeDasharray: "4 2" })}
      />
    </MovableMark>
  );
}
