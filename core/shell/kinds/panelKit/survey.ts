import { FOUND_MATERIALS } from "../../../materials/face";
import { FOUND_IDS } from "../../../materials/names";
import type { Survey } from "../../survey";
import { finishedFields } from "../finished";
import { outsideFields, outsideFirst } from "../outside";
import { FASTENER } from "./fasteners";
import { FASTENER_IDS } from "./names";

const at = (path: string) => `/shell/found/${path}`;

/** What the tape is put to, and what is counted. */
export const panelKitSurvey: Survey = {
  drawing: [
    "10,20 44,20 44,62 10,62 10,20",
    "50,12 58,12 58,54 50,54 50,12",
    "64,26 94,26 94,32 64,32 64,26",
    "64,44 94,44 94,68 64,68 64,44",
    "79,44 79,68",
  ],
  first: outsideFirst(['900 or 35 1/2"', '450 or 17 3/4"', '600 or 23 5/8"'], ", put up"),
  groups: [
    {
      title: "The box it makes",
      fields: [
        ...outsideFields(["10,66 44,66", "64,22 94,22", "6,20 6,62"]),
        {
          path: at("material"),
          label: "Most of it is",
          ask: "choice",
          options: FOUND_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const),
        },
        { path: at("thickness"), label: "Most panels, how thick", ask: "length" },
        {
          path: at("box"),
          label: "Box",
          ask: "choice",
          options: [
            ["topBaseOver", "top, base over sides"],
            ["sidesFull", "sides full height"],
          ],
        },
        {
          path: at("back"),
          label: "Back",
          ask: "choice",
          options: [
            ["overlaid", "laid over the edges"],
            ["inset", "inset between them"],
            ["grooved", "in grooves"],
          ],
        },
      ],
    },
    {
      title: "Fasteners and bars",
      fields: [
        {
          path: at("fasteners/kind"),
          label: "It is held by",
          ask: "choice",
          options: FASTENER_IDS.map((id) => [id, FASTENER[id].many] as const),
        },
        { path: at("fasteners/count"), label: "In the bag", ask: "count", max: 1000 },
        { path: at("fasteners/bought"), label: "Bought beside", ask: "count", max: 1000 },
        { path: at("fasteners/length"), label: "One, how long", ask: "length" },
        { path: at("fasteners/spacing"), label: "One every", ask: "length" },
        { path: at("bars/count"), label: "Frame bars", ask: "count", max: 40 },
        { path: at("bars/kg"), label: "A bar weighs", ask: "plain", suffix: "kg" },
      ],
    },
    {
      title: "Doors it came with",
      fields: [
        {
          path: at("doors/opens"),
          label: "The doors",
          ask: "choice",
          options: [
            ["none", "none came with it"],
            ["swing", "swing"],
            ["slide", "slide"],
          ],
        },
        { path: at("doors/meetingGap"), label: "Gap where they meet", ask: "length" },
        { path: at("doors/edgeGap"), label: "Gap round them", ask: "length" },
      ],
    },
    {
      title: "Putting it up",
      fields: [
        {
          path: "/shell/putUp/school",
          label: "Coats, slips and foam",
          ask: "choice",
          options: [
            ["undecided", "not decided"],
            ["flat", "flat, before it is put up"],
            ["standing", "in it, once it stands"],
          ],
        },
        {
          path: "/shell/putUp/margin",
          label: "Masked at a joint",
          ask: "length",
          optional: true,
          empty: "neighbour and a bit",
          hint: "from the panel's own edge",
          when: { path: "/shell/putUp/school", is: "flat" },
        },
        { path: at("diagonals/rising"), label: "Front, corner to corner", ask: "length", optional: true },
        { path: at("diagonals/falling"), label: "And the other way", ask: "length", optional: true },
      ],
    },
    { title: "As finished", fields: finishedFields() },
  ],
};
