import type { Figure } from "../../../figures/figure";
import { fastenersWanted, jointsOf, sides, wantedPanels } from "./measure";
import { PLACE } from "./places";
import type { PanelKitShell } from "./schema";

/** What the outside asks for: panels and fasteners. */
export function kitFigures({ found }: PanelKitShell): Figure[] {
  return [
    {
      id: "kit/panels",
      label: "Panels of the box, as the outside asks for them",
      value: wantedPanels(found).reduce((sum, w) => sum + (w.lengthMm * w.widthMm) / 1e6, 0),
      unit: "m²",
      formula: "Σ length × width, thickness taken or added as they meet",
      inputs: wantedPanels(found).flatMap(({ place, lengthMm, widthMm }) => {
        const [long, short] = sides(lengthMm, widthMm);
        return [
          { name: `${PLACE[place].words}, longer side`, value: long, unit: "mm" },
          { name: `${PLACE[place].words}, shorter side`, value: short, unit: "mm" },
        ];
      }),
    },
    {
      id: "kit/fasteners",
      label: "Fasteners it wants",
      value: fastenersWanted(found),
      unit: "",
      formula: "Σ along each joint, no further apart than their spacing",
      inputs: [
        ...jointsOf(found).map(({ id, lengthMm }) => ({ name: id.replaceAll("-", " "), value: lengthMm, unit: "mm" })),
        { name: "one every", value: found.fasteners.spacing.value, unit: "mm" },
      ],
    },
  ];
}
