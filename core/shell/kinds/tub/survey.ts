import type { Survey } from "../../survey";
import { finishedFields } from "../finished";
import { lidGapField } from "../liddedTub";

/** What the tape is put to. */
export const tubSurvey: Survey = {
  drawing: ["12,18 76,18 68,66 20,66 12,18", "12,18 24,8 88,8 76,18", "88,8 80,56 68,66"],
  first: [
    { path: "/shell/found/rimLength", label: "Length inside at the rim", example: '550 or 21 5/8"' },
    { path: "/shell/found/rimWidth", label: "Width inside at the rim", example: '380 or 15"' },
    { path: "/shell/found/footLength", label: "Length inside at the foot", example: '480 or 18 7/8"' },
    { path: "/shell/found/footWidth", label: "Width inside at the foot", example: '320 or 12 5/8"' },
    { path: "/shell/found/height", label: "Height inside", example: '350 or 13 3/4"' },
  ],
  groups: [
    {
      title: "As found, inside",
      fields: [
        {
          path: "/shell/found/rimLength",
          label: "Rim, long",
          ask: "length",
          arrow: "12,22 75,22",
        },
        {
          path: "/shell/found/rimWidth",
          label: "Rim, wide",
          ask: "length",
          arrow: "9,17 21,7",
        },
        {
          path: "/shell/found/footLength",
          label: "Foot, long",
          ask: "length",
          arrow: "20,71 68,71",
        },
        {
          path: "/shell/found/footWidth",
          label: "Foot, wide",
          ask: "length",
          arrow: "71,69 83,58",
        },
        {
          path: "/shell/found/height",
          label: "Height",
          ask: "length",
          arrow: "46,18 46,66",
        },
        {
          path: "/shell/found/cornerRadius",
          label: "Corner radius",
          ask: "length",
          arrow: "20,62 24,66",
        },
        {
          path: "/shell/found/wall",
          label: "Wall, how thick",
          ask: "length",
          arrow: "76,14 79,14",
        },
        {
          path: "/shell/found/plastic",
          label: "Plastic",
          ask: "choice",
          options: [
            ["pp", "polypropylene, PP"],
            ["pe", "polyethylene, PE"],
            ["ps", "polystyrene, PS"],
          ],
          hint: "in the triangle underneath",
        },
        { path: "/shell/found/clear", label: "Clear", ask: "tick" },
      ],
    },
    {
      title: "Label and lid",
      fields: [
        { path: "/shell/found/claim", label: "The label says", ask: "volume", optional: true },
        { path: "/shell/found/lidLength", label: "Lid, long, outside", ask: "length", optional: true },
        { path: "/shell/found/lidWidth", label: "Lid, wide, outside", ask: "length", optional: true },
        lidGapField,
        { path: "/shell/found/catches", label: "Catches", ask: "count", max: 12 },
        { path: "/shell/found/holes/count", label: "Holes it came with", ask: "count", max: 500 },
        { path: "/shell/found/holes/bore", label: "Such a hole, across", ask: "length" },
        {
          path: "/shell/found/holes/where",
          label: "They are in",
          ask: "choice",
          options: [
            ["lid", "the lid"],
            ["walls", "the walls"],
          ],
        },
        {
          path: "/shell/found/holes/height",
          label: "How high above the base",
          ask: "length",
          when: { path: "/shell/found/holes/where", is: "walls" },
        },
      ],
    },
    {
      title: "As finished",
      fields: [...finishedFields("Substrate, how deep", "Load on the lid")],
    },
  ],
};
