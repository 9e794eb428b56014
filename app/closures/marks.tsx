import type { ReactNode } from "react";
import { closedOpenings } from "#core/closures/here";
import type { Here } from "#core/closures/kind";
import { measureSlides } from "#core/closures/kinds/slidingPair/fit";
import type { Closure } from "#core/closures/schema";
import type { Rect } from "#core/shell/faces";
import type { Net } from "#core/shell/net";
import { drawRect } from "../drawing/drawRect";
import { Label } from "../drawing/Label";
import { useBuild } from "../state/context";

interface MarkProps<C extends Closure = Closure> {
  closure: C;
  here: Here;
  net: Net;
  scale: number;
}

/** The two panes in their opening, with the overlap where they pass. */
function Slides({ closure, here, net, scale }: MarkProps<Extract<Closure, { kind: "slidingPair" }>>) {
  const { opening } = here;
  const { fit, track } = measureSlides(here, closure);
  const foot = opening.vMm + track.webMm.value;
  const pane = (fromRight: boolean): Rect => ({
    uMm: fromRight ? opening.uMm + opening.widthMm - fit.pane.widthMm : opening.uMm,
    vMm: foot,
    widthMm: fit.pane.widthMm,
    heightMm: Math.min(fit.pane.heightMm, opening.heightMm),
  });
  const a = drawRect(opening.face, pane(false), net, scale);
  const b = drawRect(opening.face, pane(true), net, scale);
  return (
    <g stroke="var(--chakra-colors-water)">
      <rect {...a} fill="url(#hatch-glass)" />
      <rect {...b} fill="url(#hatch-glass)" fillOpacity="0.7" />
      <Label x={a.x + 7} y={a.y + 15}>
        slide A
      </Label>
      <Label x={b.x + b.width - 7} y={b.y + 15} anchor="end">
        slide B
      </Label>
    </g>
  );
}

/** The doors it came with: their opening, and where two leaves meet. A lid is the top itself. */
function FoundDoors({ here, net, scale }: MarkProps) {
  const { opening, site } = here;
  if (opening.face === "top") return null;
  const rect = drawRect(opening.face, opening, net, scale);
  return (
    <g stroke="var(--chakra-colors-water)" fill="none">
      <rect {...rect} />
      {site.shell.doors?.leaves.map((leaf) => (
        <rect key={leaf.uMm} {...drawRect(opening.face, leaf, net, scale)} />
      ))}
    </g>
  );
}

/** The mark of each kind of closure on the net. */
export const CLOSURE_MARKS: {
  [Kind in Closure["kind"]]: (props: MarkProps<Extract<Closure, { kind: Kind }>>) => ReactNode;
} = {
  slidingPair: Slides,
  lid: () => null,
  found: FoundDoors,
};

/** What closes the shell, on the net. */
export function ClosureMarks({ net, scale }: { net: Net; scale: number }) {
  const { plan } = useBuild();
  return closedOpenings(plan.site, plan.facts).map(({ closure, here }) => {
    if (!closure) return null;
    const Mark = CLOSURE_MARKS[closure.kind] as (props: MarkProps) => ReactNode;
    return <Mark key={closure.id} closure={closure} here={here} net={net} scale={scale} />;
  });
}
