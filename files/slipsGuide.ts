import type { Plan } from "../core/plan";
import { extent } from "../core/shell/outline";
import { slipJob } from "../core/slips/job";
import { layOut } from "../core/slips/layout";
import type { Slips } from "../core/slips/schema";
import { formatLengthWithUnit } from "../core/units/format";
import { label } from "./paper";
import type { Paper } from "./templateFile";
import { tiledPdf } from "./tiled";

/** Guide lines for slips at true size, to be laid under or pricked through; undefined where they cannot be laid out. */
export function slipsGuidePdf(plan: Plan, name: string, slips: Slips, paper: Paper): Promise<Buffer> | undefined {
  const { faces } = plan.shell;
  const layout = layOut(slipJob(slips, faces));
  if (!layout) return undefined;
  const face = extent(faces[slips.face].outline);
  const say = (mm: number) => formatLengthWithUnit(mm, plan.site.brief.units);
  const height = slips.height.value;
  return tiledPdf(
    {
      widthMm: face.widthMm,
      heightMm: face.heightMm,
      title: `${name}, guide lines: ${slips.name}`,
      foot: `${slips.name}, ${slips.face}, joints ${say(layout.jointAcrossMm)} and ${say(layout.jointUpMm)}`,
      draw: (doc) => {
        // The front is drawn from outside, the other faces from inside, as on the net; paper counts down.
        doc.rect(0, 0, face.widthMm, face.heightMm).stroke();
        doc.lineWidth(0.15);
        for (const piece of layout.pieces)
          doc.rect(piece.uMm, face.heightMm - slips.foot.value - piece.vMm - height, piece.widthMm, height).stroke();
        if (slips.foot.value > 8)
          label(doc, `begins ${say(slips.foot.value)} above the foot`, 4, face.heightMm - slips.foot.value + 2, 3);
      },
    },
    paper,
  );
}
