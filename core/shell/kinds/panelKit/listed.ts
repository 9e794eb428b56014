import { set, setMm } from "../../../ledgers/fix";
import type { Snag } from "../../../ledgers/ledger";
import type { Site } from "../../site";
import { FASTENER } from "./fasteners";
import { doorPanels, fastenersWanted, missingPlaces, missized, sides, wantedPanels } from "./measure";
import { asWanted } from "./next";
import { PLACE } from "./places";
import type { PanelKitShell } from "./schema";

/** The list against the box it should make: what is missing, short, or not as the outside asks for. */
export const listSnags = (site: Site, shell: PanelKitShell): Snag[] => [
  ...missing(site, shell),
  ...noDoors(site, shell),
  ...wrongSizes(site, shell),
  ...fewFasteners(site, shell),
];

/** Places of the box with nothing on the list. */
function missing({ say, at }: Site, { found }: PanelKitShell): Snag[] {
  return missingPlaces(found).map((place) => {
    const wanted = wantedPanels(found).find((w) => w.place === place)!;
    const [long, short] = sides(wanted.lengthMm, wanted.widthMm);
    return {
      rule: "kit/panel-missing",
      subject: place,
      severity: "stop",
      stage: "shell",
      title: `No ${PLACE[place].words} on the list`,
      sentence: `The box wants one of ${say(long)} × ${say(short)}.`,
      reason: "A panel that is short on delivery is sent again; one cut to replace it is bought and sawn.",
      fix: {
        label: "It is here, and of that size",
        patch: [set(at("/shell/found/panels/-"), asWanted(found, place))],
      },
      figure: "kit/panels",
    };
  });
}

/** Doors that are said to be there, and no panel is one: nothing of them could be judged. */
function noDoors({ at }: Site, { found }: PanelKitShell): Snag[] {
  if (found.doors.opens === "none" || doorPanels(found).length > 0) return [];
  const leaves = (["doorLeft", "doorRight"] as const).map((place) => asWanted(found, place));
  return [
    {
      rule: "kit/doors-missing",
      subject: "doors",
      severity: "stop",
      stage: "shell",
      title: "No door on the list",
      sentence: `Its doors ${found.doors.opens}, by the survey, and no panel on the list is a door.`,
      reason: "An opening with nothing in it is judged by no gap. Say that none came with it, or put them on the list.",
      fix: {
        label: "There are two, of glass",
        patch: leaves.map((leaf) => set(at("/shell/found/panels/-"), leaf)),
      },
    },
  ];
}

/** Panels that do not make the box. */
function wrongSizes({ say, at }: Site, { found }: PanelKitShell): Snag[] {
  return missized(found).map(({ panel, wanted, offMm }) => {
    const [long, short] = sides(wanted.lengthMm, wanted.widthMm);
    const [isLong, isShort] = sides(panel.length.value, panel.width.value);
    const worst = Math.abs(offMm[0]) >= Math.abs(offMm[1]) ? offMm[0] : offMm[1];
    const path = at(`/shell/found/panels/${found.panels.indexOf(panel)}`);
    const { words } = PLACE[panel.place];
    return {
      rule: "kit/panel-wrong-size",
      subject: panel.id,
      severity: "stop",
      stage: "shell",
      title: `The ${words} is ${worst < 0 ? "short" : "too large"}`,
      sentence: `${say(isLong)} × ${say(isShort)} on the list; the box wants ${say(long)} × ${say(short)}: ${say(Math.abs(worst))} ${worst < 0 ? "short" : "too much"}.`,
      reason: "Measure it again, and the outside; if it stays so, another was delivered than the box is made of.",
      fix: {
        label: `It is ${say(long)} × ${say(short)}`,
        patch: [setMm(`${path}/length`, long), setMm(`${path}/width`, short)],
      },
      figure: "kit/panels",
    };
  });
}

function fewFasteners({ at }: Site, { found }: PanelKitShell): Snag[] {
  const { kind, count, bought } = found.fasteners;
  const wanted = fastenersWanted(found);
  if (count + bought >= wanted) return [];
  return [
    {
      rule: "kit/fasteners-short",
      subject: "fasteners",
      severity: "mind",
      stage: "shell",
      title: "Fasteners are short",
      sentence: `${count + bought} ${FASTENER[kind].many}; its joints want ${wanted}.`,
      reason: "A joint with half its fasteners opens when the shell is turned.",
      fix: {
        label: `Buy ${wanted - count - bought} more`,
        patch: [set(at("/shell/found/fasteners/bought"), wanted - count)],
      },
      figure: "kit/fasteners",
    },
  ];
}
