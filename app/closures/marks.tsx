import type { Leaf } from "#core/closures/kind";
import type { Net } from "#core/shell/net";
import { drawRect } from "#core/views/drawRect";
import { Pressable } from "../drawing/Pressable";
import { useBuild } from "../state/context";

/** How a leaf is filled, by what it is made of. */
const FILL: Record<Leaf["of"], string> = {
  glass: "url(#hatch-glass)",
  mesh: "url(#hatch-mesh)",
  sheet: "none",
};
/** Of leaves that pass one another, the one behind is seen through the other. */
const BEHIND = 0.7;

/** What closes the shell, on its faces; a lid that is the face itself is the face. */
export function ClosureMarks({ net, scale }: { net: Net; scale: number }) {
  const { seen } = useBuild();
  return seen.openings.map(({ id: opening, face, closure }) => {
    if (!closure || closure.leaves.length === 0) return null;
    return (
      <Pressable key={closure.id} held={{ kind: "closure", id: opening }} name={closure.name}>
        <g stroke="var(--chakra-colors-water)">
          {closure.leaves.map(({ id, rect, of, moves }, i) => (
            <rect
              key={id}
              {...drawRect(face, rect, net, scale)}
              fill={FILL[of]}
              fillOpacity={i === 0 || (moves && moves.how !== "slides") ? 1 : BEHIND}
            />
          ))}
        </g>
      </Pressable>
    );
  });
}
