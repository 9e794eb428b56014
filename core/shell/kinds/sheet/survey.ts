import { FIXINGS } from "../../fixings/list";
import { FIXING_IDS } from "../../fixings/names";
import type { Survey } from "../../survey";
import { finishedFields } from "../finished";

/** Ways of joining that leave something between two panels. */
const BEDDED: readonly string[] = FIXING_IDS.filter((id) => FIXINGS[id].bedMm);

/** A sheet box: the size wanted, how its panels meet, its front frame. */
export const sheetSurvey: Survey = {
  drawing: ["14,24 66,24 66,68 14,68 14,24", "14,24 32,8 84,8 66,24", "84,8 84,52 66,68", "14,58 66,58", "14,30 66,30"],
  first: [
    { path: "/shell/size/width", label: "Width inside", example: '1500, 60 cm or 59 1/16"' },
    { path: "/shell/size/depth", label: "Depth, to the front edge", example: '600 or 23 5/8"' },
    { path: "/shell/size/height", label: "Height inside", example: '600 or 23 5/8"' },
  ],
  groups: [
    {
      title: "Size",
      fields: [
        {
          path: "/shell/size/width",
          label: "Width",
          ask: "length",
          arrow: "14,72 66,72",
        },
        {
          path: "/shell/size/depth",
          label: "Depth",
          ask: "length",
          arrow: "70,70 88,54",
        },
        {
          path: "/shell/size/height",
          label: "Height",
          ask: "length",
          arrow: "9,24 9,68",
        },
        {
          path: "/shell/size/given",
          label: "These are",
          ask: "choice",
          options: [
            ["inside", "inside sizes"],
            ["outside", "outside sizes"],
          ],
        },
        {
          path: "/shell/size/depthTo",
          label: "Depth is measured to",
          ask: "choice",
          options: [
            ["frontEdge", "the front edge"],
            ["behindFront", "back of dam, rails"],
          ],
        },
        { path: "/shell/material", label: "Sheet", ask: "board" },
      ],
    },
    {
      title: "Joints",
      fields: [
        {
          path: "/shell/joints/box",
          label: "Box",
          ask: "choice",
          options: [
            ["topBaseOver", "top, base over sides"],
            ["sidesFull", "sides full height"],
          ],
        },
        {
          path: "/shell/joints/back",
          label: "Back",
          ask: "choice",
          options: [
            ["overlaid", "laid over the edges"],
            ["inset", "inset between them"],
            ["rabbeted", "in a rabbet"],
          ],
        },
        {
          path: "/shell/joints/rabbetDepth",
          label: "Rabbet, how deep",
          ask: "length",
          when: { path: "/shell/joints/back", is: "rabbeted" },
        },
        {
          path: "/shell/joints/fixing",
          label: "Held by",
          ask: "choice",
          options: FIXING_IDS.map((id) => [id, FIXINGS[id].label] as const),
        },
        {
          path: "/shell/joints/bed",
          label: "Bed in a joint",
          ask: "length",
          optional: true,
          empty: "as it is joined",
          when: { path: "/shell/joints/fixing", is: BEDDED },
        },
        { path: "/shell/joints/screwSpacing", label: "Screws every", ask: "length" },
      ],
    },
    {
      title: "Front frame and substrate",
      fields: [
        {
          path: "/shell/front/dam",
          label: "Dam, how high",
          ask: "length",
          optional: true,
          arrow: "40,58 40,68",
        },
        { path: "/shell/front/ventRail", label: "Vent rail on it", ask: "length", optional: true },
        {
          path: "/shell/front/headRail",
          label: "Head rail",
          ask: "length",
          optional: true,
          arrow: "40,24 40,30",
        },
        { path: "/shell/front/stile", label: "Stiles, how wide", ask: "length", optional: true },
        ...finishedFields(),
      ],
    },
  ],
};
