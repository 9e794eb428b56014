import type { Closure } from "#core/closures/schema";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { Pressable } from "../drawing/Pressable";
import { useBuild } from "../state/context";

/** How the leaves of each kind of closure are filled, the first and those behind it. */
const FILL: { [Kind in Closure["kind"]]: { fill: string; behind: number } } = {
  slidingPair: { fill: "url(#hatch-glass)", behind: 0.7 },
  lid: { fill: "none", behind: 1 },
  found: { fill: "url(#hatch-glass)", behind: 1 },
};

/** What closes the shell, on its faces; a lid that is the face itself is the face. */
export function ClosureMarks({ net, scale }: { net: Net; scale: number }) {
  const { seen } = useBuild();
  return seen.openings.map(({ id: opening, face, closure }) => {
    if (!closure || closure.leaves.length === 0) return null;
    const { fill, behind } = FILL[closure.kind];
    return (
      <Pressable key={closure.id} held={{ kind: "closure", id: opening }} name={closure.name}>
        <g stroke="var(--chakra-colors-water)">
          {closure.leaves.map(({ id, rect }, i) => (
            <rect key={id} {...drawRect(face, rect, net, scale)} fill={fill} fillOpacity={i === 0 ? 1 : behind} />
          ))}
        </g>
      </Pressable>
    );
  });
}
