import type { Net } from "#core/shell/net";
import type { Shell } from "#core/shell/shell";
import { drawRect } from "./drawRect";
import { Label } from "./Label";

/** Least height of a mark that has its name written in it, in drawing units. */
const NAMED = { width: 60, height: 13 };

/** What came with the shell, where it is: screens, strips of holes, notches, the gaps of its doors, a kept background. */
export function FoundMarks({ shell, net, scale }: { shell: Shell; net: Net; scale: number }) {
  const { lining, inside } = shell;
  return (
    <g>
      {lining && (
        <LiningMark
          rect={drawRect(
            lining.face,
            { uMm: 0, vMm: 0, widthMm: inside.widthMm, heightMm: inside.heightMm },
            net,
            scale,
          )}
        />
      )}
      {shell.gaps.map((gap) =>
        gap.at.map((at, i) => {
          const rect = drawRect(gap.face, at, net, scale);
          const named = gap.vent && rect.width > NAMED.width && rect.height > NAMED.height;
          return (
            <g key={`${gap.id}-${at.uMm}-${at.vMm}`} data-gap={gap.id}>
              <rect
                {...rect}
                fill={gap.vent ? "url(#hatch-mesh)" : "var(--chakra-colors-clay)"}
                fillOpacity={gap.vent ? 1 : 0.6}
                stroke={gap.vent ? "var(--chakra-colors-ink)" : "none"}
                strokeWidth="0.8"
              />
              {named && i === 0 && (
                <Label x={rect.x + rect.width / 2} y={rect.y + rect.height / 2 + 4} anchor="middle" size={10}>
                  {`${gap.label.replace(/^the /, "")}, as found`}
                </Label>
              )}
            </g>
          );
        }),
      )}
    </g>
  );
}

function LiningMark({ rect }: { rect: { x: number; y: number; width: number; height: number } }) {
  return (
    <g data-lining>
      <rect {...rect} fill="url(#hatch-foam)" fillOpacity="0.6" stroke="var(--chakra-colors-ink)" strokeWidth="0.8" />
      <Label x={rect.x + rect.width / 2} y={rect.y + 14} anchor="middle" size={10}>
        its own background, kept
      </Label>
    </g>
  );
}
