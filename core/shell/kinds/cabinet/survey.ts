import { FACES } from "../../../design/names";
import { FOUND_MATERIALS } from "../../../materials/face";
import { FOUND_IDS } from "../../../materials/names";
import { FACE_WORDS } from "../../boxFaces";
import type { Survey, SurveyField } from "../../survey";
import { finishedFields } from "../finished";

const MATERIAL_OPTIONS = FOUND_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const);

const faceFields = FACES.flatMap((face): SurveyField[] => [
  {
    path: `/shell/found/faces/${face}/material`,
    label: `${FACE_WORDS[face]} is`,
    ask: "choice",
    options: MATERIAL_OPTIONS,
  },
  { path: `/shell/found/faces/${face}/thickness`, label: `${FACE_WORDS[face]}, how thick`, ask: "length" },
]);

/** What the tape is put to. */
export const cabinetSurvey: Survey = {
  drawing: [
    "26,8 62,8 62,66 26,66 26,8",
    "44,8 44,66",
    "62,8 76,3 76,60 62,66",
    "26,8 40,3 76,3",
    "28,27 42,27",
    "46,27 60,27",
    "28,46 42,46",
    "46,46 60,46",
    "28,66 28,71",
    "60,66 60,71",
  ],
  first: [
    { path: "/shell/found/width", label: "Width outside", example: '1120 or 44"' },
    { path: "/shell/found/depth", label: "Depth outside, doors shut", example: '560 or 22"' },
    { path: "/shell/found/height", label: "Height outside, without legs", example: '760 or 30"' },
  ],
  groups: [
    {
      title: "As found",
      fields: [
        {
          path: "/shell/found/width",
          label: "Width outside",
          ask: "length",
          arrow: "26,73 62,73",
        },
        {
          path: "/shell/found/depth",
          label: "Depth outside",
          ask: "length",
          arrow: "65,69 79,63",
        },
        {
          path: "/shell/found/height",
          label: "Height outside",
          ask: "length",
          arrow: "21,8 21,66",
        },
        {
          path: "/shell/found/legs",
          label: "Legs, how high",
          ask: "length",
          optional: true,
          arrow: "24,66 24,71",
        },
        { path: "/shell/found/frame", label: "Frame round the doors", ask: "length" },
        { path: "/shell/found/doors/leaves", label: "Door leaves", ask: "count", min: 1, max: 2 },
        {
          path: "/shell/found/doors/opens",
          label: "The doors",
          ask: "choice",
          options: [
            ["swing", "swing"],
            ["slide", "slide"],
          ],
        },
        {
          path: "/shell/found/below/height",
          label: "Fixed board below them",
          ask: "length",
          optional: true,
          hint: "how high, from inside the base",
        },
        {
          path: "/shell/found/below/material",
          label: "That board is",
          ask: "choice",
          options: MATERIAL_OPTIONS,
        },
        { path: "/shell/found/below/thickness", label: "That board, how thick", ask: "length" },
        {
          path: "/shell/found/doors/meetingGap",
          label: "Gap where they meet",
          ask: "length",
          arrow: "42,36 46,36",
        },
        {
          path: "/shell/found/doors/edgeGap",
          label: "Gap round them",
          ask: "length",
          arrow: "60,14 64,14",
        },
        { path: "/shell/found/holes/count", label: "Hardware holes", ask: "count", max: 500 },
        { path: "/shell/found/holes/dia", label: "Widest hole", ask: "length" },
        { path: "/shell/found/holes/plugged", label: "Holes get plugged", ask: "tick" },
      ],
    },
    { title: "Face by face", fields: faceFields },
    {
      title: "As finished",
      fields: [...finishedFields()],
    },
  ],
};
