import type { Survey } from "../../survey";
import { finishedFields } from "../finished";
import { lidGapField } from "../liddedTub";

/** What the tape is put to. */
export const roundTubSurvey: Survey = {
  drawing: [
    "20,16 28,11 46,9 64,11 72,16 64,21 46,23 28,21 20,16",
    "20,16 26,62 34,66 46,67 58,66 66,62 72,16",
    "70,40 92,32",
    "69,46 92,38",
  ],
  first: [
    { path: "/shell/found/rimDiameter", label: "Diameter inside at the rim", example: '250 or 9 7/8"' },
    { path: "/shell/found/footDiameter", label: "Diameter inside at the foot", example: '230 or 9"' },
    { path: "/shell/found/height", label: "Height inside", example: '140 or 5 1/2"' },
  ],
  groups: [
    {
      title: "As found, inside",
      fields: [
        {
          path: "/shell/found/rimDiameter",
          label: "Rim, across",
          ask: "length",
          arrow: "20,16 72,16",
        },
        {
          path: "/shell/found/footDiameter",
          label: "Foot, across",
          ask: "length",
          arrow: "26,71 66,71",
        },
        {
          path: "/shell/found/height",
          label: "Height",
          ask: "length",
          arrow: "14,16 14,66",
        },
        { path: "/shell/found/wall", label: "Wall, how thick", ask: "length" },
        {
          path: "/shell/found/plastic",
          label: "Plastic",
          ask: "choice",
          options: [
            ["pp", "polypropylene, PP"],
            ["pe", "polyethylene, PE"],
            ["ps", "polystyrene, PS"],
            ["acrylic", "acrylic"],
          ],
        },
        lidGapField,
      ],
    },
    {
      title: "As finished",
      fields: [
        { path: "/shell/floorDepth", label: "Poured floor, how deep", ask: "length", optional: true },
        { path: "/shell/mound/height", label: "Mound on it, how high", ask: "length", optional: true },
        { path: "/shell/mound/across", label: "The mound's foot, across", ask: "length" },
        { path: "/shell/riser", label: "Riser under it, how high", ask: "length", optional: true },
        ...finishedFields("Substrate on it, to what height", "Load on the lid"),
      ],
    },
  ],
};
