import { screenFields } from "../../found/screen";
import { secondHandFields } from "../../found/secondHand";
import type { Survey } from "../../survey";
import { finishedFields } from "../finished";
import { outsideFields, outsideFirst } from "../outside";

const at = (path: string) => `/shell/found/${path}`;

/** What the tape is put to. */
export const frontGlassSurvey: Survey = {
  drawing: [
    "18,12 66,12 66,68 18,68 18,12",
    "18,12 32,4 82,4 66,12",
    "82,4 82,60 66,68",
    "18,54 66,54",
    "18,49 66,49",
    "42,12 42,49",
    "18,66 66,66",
  ],
  first: outsideFirst(['450 or 18"', '450 or 18"', '600 or 24"']),
  groups: [
    {
      title: "As found",
      fields: [
        ...outsideFields(["18,72 66,72", "69,70 85,62", "12,12 12,68"]),
        { path: at("glass"), label: "Glass, how thick", ask: "length", hint: "at a bare edge" },
        { path: at("basePane"), label: "Base pane, how thick", ask: "length" },
        {
          path: at("recess"),
          label: "Base over the stand",
          ask: "length",
          hint: "under the base pane, in its frame",
          arrow: "70,64 70,68",
        },
        { path: at("sill/height"), label: "Sill, how high", ask: "length", arrow: "30,54 30,66" },
        {
          path: at("sill/from"),
          label: "Sill measured from",
          ask: "choice",
          options: [
            ["inside", "inside the base"],
            ["stand", "the stand, outside"],
          ],
        },
        {
          path: at("tempered"),
          label: "Tempered panes",
          ask: "choice",
          options: [
            ["unknown", "not known"],
            ["none", "none"],
            ["doors", "the doors"],
            ["base", "the base"],
            ["doorsAndBase", "doors and base"],
            ["all", "every pane"],
          ],
        },
      ],
    },
    {
      title: "Strip vent on the sill",
      fields: [
        {
          path: at("strip/height"),
          label: "Strip, how high",
          ask: "length",
          optional: true,
          arrow: "50,49 50,54",
        },
        { path: at("strip/length"), label: "Strip, how long", ask: "length", optional: true, empty: "whole front" },
        {
          path: at("strip/openings"),
          label: "It has",
          ask: "choice",
          options: [
            ["holes", "holes"],
            ["slots", "slots"],
          ],
        },
        { path: at("strip/bore"), label: "Hole across, or slot wide", ask: "length" },
        {
          path: at("strip/slot"),
          label: "A slot, how long",
          ask: "length",
          when: { path: at("strip/openings"), is: "slots" },
        },
        { path: at("strip/count"), label: "How many", ask: "count", max: 2000 },
      ],
    },
    {
      title: "Doors",
      fields: [
        { path: at("doors/leaves"), label: "Door leaves", ask: "count", min: 1, max: 2 },
        {
          path: at("doors/width"),
          label: "A leaf, wide",
          ask: "length",
          optional: true,
          empty: "by its gaps",
        },
        {
          path: at("doors/height"),
          label: "A leaf, high",
          ask: "length",
          optional: true,
          empty: "by its gaps",
        },
        {
          path: at("doors/meeting"),
          label: "Gap where they meet",
          ask: "length",
          hint: "the widest, shut",
          arrow: "39,30 45,30",
        },
        { path: at("doors/hinge"), label: "Gap at the hinges", ask: "length", arrow: "15,40 21,40" },
        { path: at("doors/head"), label: "Gap over them", ask: "length", arrow: "54,10 54,14" },
        { path: at("doors/foot"), label: "Gap under them", ask: "length", arrow: "58,47 58,51" },
        { path: at("doors/corner"), label: "Gap at the corners", ask: "length", optional: true, empty: "no wider" },
        {
          path: at("doors/latch"),
          label: "Held shut by",
          ask: "choice",
          options: [
            ["none", "nothing of their own"],
            ["magnet", "a magnet"],
            ["turn", "a turn latch"],
            ["key", "a key lock"],
          ],
        },
      ],
    },
    {
      title: "Top",
      fields: [
        ...screenFields(at("top")),
        { path: at("notches/count"), label: "Cable notches", ask: "count", max: 12 },
        { path: at("notches/width"), label: "A notch, how wide", ask: "length" },
        { path: at("notches/shut"), label: "Left open, slide home", ask: "length" },
      ],
    },
    {
      title: "Background, and where it comes from",
      fields: [
        {
          path: at("background/is"),
          label: "Factory background",
          ask: "choice",
          options: [
            ["none", "none"],
            ["kept", "kept"],
            ["tornOut", "torn out"],
          ],
        },
        {
          path: at("background/thickness"),
          label: "It is how thick",
          ask: "length",
          when: { path: at("background/is"), is: "kept" },
        },
        {
          path: at("background/gap"),
          label: "Gap behind it",
          ask: "length",
          when: { path: at("background/is"), is: "kept" },
        },
        ...secondHandFields(at("secondHand")),
      ],
    },
    { title: "As finished", fields: finishedFields("Substrate, how deep", "Load on the screen") },
  ],
};
