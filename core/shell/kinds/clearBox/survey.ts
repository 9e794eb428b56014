import { FOUND_MATERIALS } from "../../../materials/face";
import type { Survey } from "../../survey";
import { finishedFields } from "../finished";
import { outsideFields, outsideFirst } from "../outside";
import { CLEAR_PLASTICS } from "./schema";

const at = (path: string) => `/shell/found/${path}`;

/** What the tape is put to. */
export const clearBoxSurvey: Survey = {
  drawing: [
    "16,18 64,18 64,68 16,68 16,18",
    "16,18 32,8 80,8 64,18",
    "80,8 80,58 64,68",
    "16,56 64,56",
    "24,13 72,13",
    "58,34 62,34",
  ],
  first: outsideFirst(['300 or 11 3/4"', '220 or 8 5/8"', '260 or 10 1/4"']),
  groups: [
    {
      title: "As found",
      fields: [
        ...outsideFields(["16,72 64,72", "68,70 84,60", "11,18 11,68"]),
        { path: at("wall"), label: "Wall, how thick", ask: "length", hint: "at a bare edge" },
        {
          path: at("plastic"),
          label: "It is",
          ask: "choice",
          options: CLEAR_PLASTICS.map((id) => [id, FOUND_MATERIALS[id].name] as const),
        },
        {
          path: at("joints"),
          label: "Its corners are",
          ask: "choice",
          options: [
            ["welded", "welded"],
            ["siliconed", "siliconed"],
            ["folded", "folded from one sheet"],
          ],
        },
      ],
    },
    {
      title: "Door",
      fields: [
        {
          path: at("door/is"),
          label: "A door in front",
          ask: "choice",
          options: [
            ["none", "none"],
            ["hinges", "on hinges"],
            ["hingesToFit", "on hinges, to be fitted"],
            ["hingeTape", "on hinge tape"],
            ["magnets", "on magnets"],
            ["grooves", "lifts in grooves"],
          ],
        },
        { path: at("door/foot"), label: "Fixed part under it", ask: "length", arrow: "40,56 40,68" },
        { path: at("door/height"), label: "Its opening, high", ask: "length", optional: true, empty: "to the top" },
        { path: at("door/gap"), label: "Gap round it", ask: "length", hint: "the widest, shut" },
        {
          path: at("door/magnets/count"),
          label: "Magnets",
          ask: "count",
          max: 40,
          when: { path: at("door/is"), is: "magnets" },
        },
        {
          path: at("door/magnets/pull"),
          label: "One pulls, by its label",
          ask: "plain",
          suffix: "N",
          when: { path: at("door/is"), is: "magnets" },
        },
        {
          path: at("door/magnets/apart"),
          label: "Between them, shut",
          ask: "length",
          hint: "wall or film between",
          when: { path: at("door/is"), is: "magnets" },
        },
        {
          path: at("door/magnets/stop"),
          label: "A stop behind its edge",
          ask: "choice",
          options: [
            ["none", "none"],
            ["there", "there"],
            ["toFit", "to be fitted"],
          ],
          when: { path: at("door/is"), is: "magnets" },
        },
        {
          path: at("door/catch"),
          label: "Also held by",
          ask: "choice",
          options: [
            ["none", "nothing"],
            ["clip", "a clip"],
            ["clipToFit", "clips, to be fitted"],
            ["key", "a key lock"],
          ],
        },
      ],
    },
    {
      title: "Lid",
      fields: [
        {
          path: at("lid/is"),
          label: "The top",
          ask: "choice",
          options: [
            ["fixed", "is fixed"],
            ["slides", "slides in grooves"],
            ["lifts", "lifts off"],
          ],
        },
        { path: at("lid/thickness"), label: "Lid, how thick", ask: "length" },
        {
          path: at("lid/width"),
          label: "Lid, across its grooves",
          ask: "length",
          optional: true,
          empty: "as they give",
          when: { path: at("lid/is"), is: "slides" },
        },
        {
          path: at("lid/trimTo"),
          label: "Taken down to",
          ask: "length",
          optional: true,
          empty: "as it is",
          when: { path: at("lid/is"), is: "slides" },
        },
        {
          path: at("lid/grooveDepth"),
          label: "Groove, how deep",
          ask: "length",
          when: { path: at("lid/is"), is: "slides" },
        },
        {
          path: at("lid/groove"),
          label: "Groove, how wide",
          ask: "length",
          when: { path: at("lid/is"), is: "slides" },
        },
        { path: at("lid/gap"), label: "Gap at its free end", ask: "length", hint: "pushed home; or round it" },
        {
          path: at("lid/home"),
          label: "It is kept home by",
          ask: "choice",
          options: [
            ["nothing", "nothing"],
            ["pin", "a pin"],
            ["pinToFit", "a pin, to be fitted"],
          ],
          when: { path: at("lid/is"), is: "slides" },
        },
      ],
    },
    {
      title: "Holes as drilled",
      fields: [
        { path: at("holes/count"), label: "Holes", ask: "count", max: 500 },
        { path: at("holes/bore"), label: "A hole, across", ask: "length" },
        {
          path: at("holes/where"),
          label: "They are in",
          ask: "choice",
          options: [
            ["walls", "the walls"],
            ["lid", "the lid"],
          ],
        },
        {
          path: at("holes/height"),
          label: "Above the base",
          ask: "length",
          when: { path: at("holes/where"), is: "walls" },
        },
        { path: at("holeEdge"), label: "Nearest one to an edge", ask: "length", optional: true, hint: "edge to edge" },
        { path: at("holeApart"), label: "Least between two", ask: "length", optional: true, hint: "edge to edge" },
        {
          path: at("holePatch"),
          label: "A patch over them",
          ask: "choice",
          options: [
            ["none", "none"],
            ["there", "there"],
            ["toFit", "to be welded on"],
          ],
        },
      ],
    },
    { title: "As finished", fields: finishedFields() },
  ],
};
