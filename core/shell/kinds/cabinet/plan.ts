import { statedMm } from "../../../design/measure";
import { FACES } from "../../../design/names";
import { set } from "../../../ledgers/fix";
import { emptyLedger, type Snag, type Step, type TradeLedger } from "../../../ledgers/ledger";
import { OWN_PANES } from "../../../materials/ownPanes";
import { CAUTION } from "../../../workshop/cautions";
import { RATES } from "../../../workshop/rates";
import { damBeds, damSnags, damSteps } from "../../dam/plan";
import type { Site } from "../../site";
import { surveyStep } from "../foundSteps";
import type { CabinetShell } from "./schema";
import { cutShelves } from "./tray";

/** Its shelves and holes, board under damp, and the tray that keeps it dry. */
export const planCabinet = (site: Site): TradeLedger => ({
  ...emptyLedger(),
  supplies: damBeds(site, damOf(site.variant.shell as CabinetShell)),
  steps: steps(site),
  snags: snags(site),
});

function steps(site: Site): Step[] {
  const { shell, variant } = site;
  const { found } = variant.shell as CabinetShell;
  const list = [
    surveyStep(
      site,
      "Doors and loose shelves off where they come off without harm. Every face: what it is, how thick, which holes.",
      [CAUTION.glass],
    ),
  ];
  const metres = shell.ownPanes.reduce((sum, p) => sum + (2 * p.qty * (p.lengthMm + p.widthMm)) / 1000, 0);
  if (shell.ownPanes.length > 0)
    list.push({
      id: "shell/cut-shelves",
      title: `Cut the shelves for the ${shell.tray ? "tray" : "dam"}`,
      detail: `${shell.ownPanes.reduce((n, p) => n + p.qty, 0)} panes from ${shell.reusable.reduce((n, r) => n + r.count, 0)} shelves. Score once, snap over an edge, stone every edge.`,
      stage: "shell",
      handsOnMinutes: metres * RATES.cutGlassPerMetre.value,
      work: "glassCut",
      waitMinutes: 0,
      after: [
        { id: "shell/survey", because: `the ${shell.tray ? "tray" : "dam"} is measured from the cabinet's inside` },
      ],
      reaches: ["stands"],
      uses: [OWN_PANES],
      splittable: true,
      toHand: ["glass cutter", "oil", "straight edge", "whetstone", "gloves", "goggles"],
      cautions: [CAUTION.glass, "Never cut tempered glass: it shatters."],
      passSign: `${shell.tray ? "Both diagonals of the base" : "Both diagonals"} agree within ${site.say(1)}; no edge cuts a thumb in a glove.`,
    });
  if (found.holes.count > 0 && found.holes.plugged)
    list.push({
      id: "shell/plug-holes",
      title: `Plug ${found.holes.count} hardware holes`,
      detail: "From outside, flush inside, sealed over.",
      stage: "shell",
      handsOnMinutes: found.holes.count * RATES.plugHole.value,
      work: "plug",
      waitMinutes: 1440,
      waitFor: "the filler",
      after: [{ id: "shell/survey", because: "every hole must be found first" }],
      splittable: true,
      toHand: ["plugs or filler"],
      cautions: [],
      passSign: "A torch inside shows no point of light.",
    });
  return [...list, ...damSteps(site, damOf(variant.shell as CabinetShell))];
}

/** Its dam and second floor; a tray has its own. */
const damOf = (shell: CabinetShell): Pick<CabinetShell, "dam" | "floor"> =>
  shell.tray && cutShelves(shell).length > 0 ? { dam: null, floor: null } : shell;

function snags(site: Site): Snag[] {
  const shell = site.variant.shell as CabinetShell;
  const { found } = shell;
  const { at, say } = site;
  const list: Snag[] = [];
  const add = (snag: Omit<Snag, "stage">) => list.push({ stage: "shell", ...snag });
  const hard = cutShelves(shell).find((s) => s.material === "temperedGlass");
  if (hard)
    add({
      rule: "shell/tempered-shelf",
      subject: hard.name,
      severity: "stop",
      title: `${hard.name} cannot be cut`,
      sentence: "It is tempered: under a cutter it shatters whole.",
      reason: "Tempered glass is never cut or drilled. Have the tray's panes cut by a glazier.",
      fix: {
        label: "Keep it as a shelf",
        patch: [set(at(`/shell/found/shelves/${found.shelves.indexOf(hard)}/use`), "keep")],
      },
    });
  const thick = new Set(cutShelves(shell).map((s) => s.thickness.value));
  if (thick.size > 1)
    add({
      rule: "shell/mixed-shelves",
      subject: "tray",
      severity: "mind",
      title: "Shelves of different thickness",
      sentence: `${[...thick].map((mm) => say(mm)).join(" and ")}: the tray is worked out with ${say(cutShelves(shell)[0]!.thickness.value)}.`,
      reason: "Walls of another thickness change every deduction.",
    });
  const boards = FACES.filter((f) => ["chipboard", "mdf"].includes(found.faces[f].material));
  if (boards.length > 0 && !shell.tray && (site.shell.levels.groundMm > 0 || site.shell.levels.waterMm > 0))
    add({
      rule: "shell/board-swells",
      subject: "base",
      severity: "stop",
      title: "Board swells under damp substrate",
      sentence: `${boards.length} faces are board, and nothing holds water off the base.`,
      reason: "Chipboard and MDF swell once and for good. A tray of its own glass shelves is the usual cure.",
      ...(found.shelves.some((s) => s.material === "glass") && {
        fix: {
          label: "Cut its glass shelves into a tray",
          patch: [
            set(at("/shell/tray"), { height: statedMm(Math.max(100, site.shell.levels.groundMm + 20)) }),
            ...found.shelves.flatMap((s, i) =>
              s.material === "glass" ? [set(at(`/shell/found/shelves/${i}/use`), "cutUp")] : [],
            ),
          ],
        },
      }),
    });
  if (shell.tray && cutShelves(shell).length === 0)
    add({
      rule: "shell/tray-without-glass",
      subject: "tray",
      severity: "stop",
      title: "Nothing to cut the tray from",
      sentence: `A tray of ${say(shell.tray.height.value)} is wanted, and no shelf is given up for it.`,
      reason: "Say under the shelves which of them may be cut, or leave the tray out.",
      fix: { label: "Leave the tray out", patch: [set(at("/shell/tray"), null)] },
    });
  if (found.holes.count > 0 && !found.holes.plugged)
    add({
      rule: "shell/open-holes",
      subject: "hardware",
      severity: "mind",
      title: "Hardware holes are open",
      sentence: `${found.holes.count} holes up to ${say(found.holes.dia.value)}.`,
      reason: "Each is a way out and a way in for damp behind the lining.",
      fix: { label: "Plan to plug them", patch: [set(at("/shell/found/holes/plugged"), true)] },
    });
  list.push(...damSnags(site, damOf(shell), found.shelves));
  return list;
}
