import type { Net } from "#core/shell/net";
import type { Shell } from "#core/shell/shell";
import { drawRect } from "#core/views/drawRect";
import { Pressable } from "./Pressable";

/** What came with the shell, where it is: screens, strips of holes, notches, the gaps of its doors, a kept background. */
export function FoundMarks({ shell, net, scale }: { shell: Shell; net: Net; scale: number }) {
  const { lining, inside } = shell;
  return (
    <>
      {lining && (
        <g data-lining pointerEvents="none">
          <rect
            {...drawRect(
              lining.face,
              { uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: inside.heightMm },
              net,
              scale,
            )}
            fill="url(#hatch-foam)"
            fillOpacity="0.6"
            stroke="var(--chakra-colors-ink)"
            strokeWidth="0.8"
          />
        </g>
      )}
      {shell.gaps.map((gap) => (
        <Pressable key={gap.id} held={{ kind: "way", id: gap.id }} name={gap.label}>
          <g data-gap={gap.id}>
            {gap.at.map((at) => (
              <rect
                key={`${at.uMm}-${at.vMm}`}
                {...drawRect(gap.face, at, net, scale)}
                fill={gap.vent ? "url(#hatch-mesh)" : "var(--chakra-colors-clay)"}
                fillOpacity={gap.vent ? 1 : 0.6}
                stroke={gap.vent ? "var(--chakra-colors-ink)" : "none"}
                strokeWidth="0.8"
              />
            ))}
          </g>
        </Pressable>
      ))}
    </>
  );
}
