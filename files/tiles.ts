import { drawnCorners } from "../core/features/drawn";
import { cutShapes, featureName } from "../core/features/feature";
import { isVent } from "../core/features/vents";
import type { Plan } from "../core/plan";
import { below, extent } from "../core/shell/outline";
import { type Point, vAtHeight } from "../core/shell/space";
import { formatLength } from "../core/units/format";
import { label } from "./paper";
import type { Paper } from "./templateFile";
import { tiledPdf } from "./tiled";

/** The back at its true size, to be taped outside a clear pane while working: mirrored, as it is seen from behind. */
export function backTilesPdf(plan: Plan, name: string, paper: Paper): Promise<Buffer> {
  const { faces, levels } = plan.shell;
  const back = faces.back;
  const whole = extent(back.outline);
  const units = plan.site.brief.units;
  const say = (mm: number) => formatLength(mm, units);
  // From behind, left is right; paper counts down from the top.
  const onPaper = ([u, v]: Point): [number, number] => [whole.widthMm - u, whole.heightMm - v];
  const features = plan.site.variant.features.filter((f) => f.face === "back");
  const lines = [
    { mm: levels.groundMm, words: "ground" },
    { mm: levels.waterMm, words: "water line" },
    { mm: levels.damTopMm < levels.topMm ? levels.damTopMm : 0, words: "dam" },
  ].filter((l) => l.mm > 0);

  return tiledPdf(
    {
      widthMm: whole.widthMm,
      heightMm: whole.heightMm,
      title: `${name}, back at 1 : 1`,
      foot: `${name}, back from behind`,
      draw: (doc, { leftMm }) => {
        doc.polygon(...back.outline.map(onPaper)).stroke();
        for (const { mm, words } of lines) {
          const edge = below(back.outline, vAtHeight(back.frame, mm)).map(onPaper);
          doc
            .save()
            .dash(4, { space: 3 })
            .polygon(...edge)
            .stroke()
            .restore();
          label(doc, `${words} ${say(mm)}`, leftMm + 4, whole.heightMm - vAtHeight(back.frame, mm) - 4, 3);
        }
        for (const feature of features) {
          const corners = drawnCorners(feature).map(onPaper);
          const [x, y] = onPaper([feature.u.value, feature.v.value]);
          const [cut] = cutShapes(feature);
          if (cut?.shape === "ellipse") {
            doc.ellipse(x, y, cut.widthMm / 2, cut.heightMm / 2).stroke();
            doc
              .moveTo(x - 4, y)
              .lineTo(x + 4, y)
              .moveTo(x, y - 4)
              .lineTo(x, y + 4)
              .stroke();
          } else doc.polygon(...corners).stroke();
          label(
            doc,
            `${featureName(feature)}${isVent(feature) ? "" : " ·"} ${say(feature.u.value)}, ${say(feature.v.value)}`,
            x + 5,
            y - 5,
            3,
          );
        }
      },
    },
    paper,
  );
}
