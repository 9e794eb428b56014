import type { Material } from "../materials/schema";

const byTheMetre = { class: "hardware", sold: "metre", labelFigures: {} } as const;
const length = (id: string, metres: number) => ({
  ...{ id: `${id}-${metres}m`, name: `length ${metres} m`, content: metres * 1000, priceMinor: null },
});

/** What closes gaps: strips, profiles, seals and blocks. */
export const GAP_MATERIALS: readonly Material[] = [
  { id: "stop-strip", ...byTheMetre, name: "Clear stop strip", note: "", packs: [length("stop-strip", 1)] },
  {
    ...{
      id: "edge-profile",
      ...byTheMetre,
      name: "U- or H-profile for a glass edge",
      packs: [length("edge-profile", 2)],
    },
    note: "Take the one for your glass.",
  },
  {
    ...{ id: "bulb-seal", ...byTheMetre, name: "Bulb or lip seal", packs: [length("bulb-seal", 2)] },
    note: "Rodents and roaches chew it.",
  },
  {
    ...{ id: "foam-tape", ...byTheMetre, name: "Closed-cell foam tape", packs: [length("foam-tape", 5)] },
    note: "Rodents and roaches chew it.",
  },
  {
    ...{ id: "slide-block", class: "hardware", sold: "piece", labelFigures: {}, name: "Block for a cable slide" },
    note: "Or an offcut of sheet.",
    packs: [{ id: "slide-block-1", name: "each", content: 1, priceMinor: null }],
  },
];
