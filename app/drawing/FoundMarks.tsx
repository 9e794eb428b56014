import type { Net } from "#core/shell/net";
import type { Shell } from "#core/shell/shell";
import { drawRect } from "./drawRect";
import { Label, LETTER } from "./Label";

/** Least height of a mark that has its name written in it, in drawing units. */
const NAMED_HEIGHT = 13;
/** Whether a name goes into so much room, with a little to spare. */
const fits = (words: string, width: number) => words.length * LETTER < width - 4;

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
          const name = gap.label.replace(/^the /, "");
          const words = [`${name}, as found`, name].find((w) => fits(w, rect.width));
          return (
            <g key={`${gap.id}-${at.uMm}-${at.vMm}`} data-gap={gap.id}>
              <rect
                {...rect}
                fill={gap.vent ? "url(#hatch-mesh)" : "var(--chakra-colors-clay)"}
                fillOpacity={gap.vent ? 1 : 0.6}
                stroke={gap.vent ? "var(--chakra-colors-ink)" : "none"}
                strokeWidth="0.8"
              />
              {gap.vent && words && i === 0 && rect.height > NAMED_HEIGHT && (
                <Label x={rect.x + rect.width / 2} y={rect.y + rect.height / 2 + 4} anchor="middle" size={10}>
                  {words}
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
  const words = ["its own background, kept", "its own, kept", "kept"].find((w) => fits(w, rect.width));
  return (
    <g data-lining>
      <rect {...rect} fill="url(#hatch-foam)" fillOpacity="0.6" stroke="var(--chakra-colors-ink)" strokeWidth="0.8" />
      {words && (
        <Label x={rect.x + rect.width / 2} y={rect.y + 14} anchor="middle" size={10}>
          {words}
        </Label>
      )}
    </g>
  );
}
