import { memo } from "react";
import { workedRect } from "#core/shell/flat";
import type { Net } from "#core/shell/net";
import { slipJob } from "#core/slips/job";
import { layOut } from "#core/slips/layout";
import type { Slips } from "#core/slips/schema";
import { drawRect } from "#core/views/drawRect";
import { useBuildHandle } from "../state/context";

/** Slips or tiles where they lie on their face. */
export const SlipMarks = memo(function SlipMarks({ slips, net, scale }: { slips: Slips; net: Net; scale: number }) {
  const { api } = useBuildHandle();
  const { faces } = api.shown.getState().plan.shell;
  const layout = layOut(slipJob(slips, faces));
  if (!layout) return null;
  // What is masked at the joints bears none.
  const from = workedRect(faces[slips.face]);
  return (
    <g fill="none" stroke="var(--chakra-colors-clay)" strokeWidth="0.7">
      {layout.pieces.map(({ uMm, vMm, widthMm }) => (
        <rect
          key={`${uMm}/${vMm}`}
          {...drawRect(
            slips.face,
            {
              ...{ uMm: from.uMm + uMm, vMm: from.vMm + vMm + slips.foot.value },
              ...{ widthMm, heightMm: slips.height.value },
            },
            net,
            scale,
          )}
        />
      ))}
    </g>
  );
});
