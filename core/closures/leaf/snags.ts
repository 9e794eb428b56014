import { pushN } from "../../escape/push";
import { set, setMm } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import { materialsOf } from "../../materials/find";
import { formatNumber } from "../../units/format";
import { over } from "../../units/tolerance";
import { ANNEALED_MPA } from "../door/door";
import type { DoorResult } from "../door/format";
import { leafOf } from "../door/leaf";
import { pushStressMPa } from "../door/push";
import type { Here } from "../kind";
import { bindingSnags } from "./binding";
import { CATCH_PULL, catchesIn, MAGNET, MAGNET_PULL, pullOf } from "./fittings";
import { hingeSnags } from "./hanging";
import type { LeafJob } from "./job";
import { catchesOf } from "./supplies";
import type { LeafWords } from "./words";

/** Catches along an edge that opens stand no further apart (source: door-rules). */
export const CATCH_EVERY_MM = 300;
/** A bar is at least so much of its span wide, of mesh over `overMm` (source: door-rules). */
const SLACK = { share: 1 / 30, overMm: 500 } as const;
/** A bow that shows and opens, mm. From memory. */
const BOW_MM = 3;

/** The hardest push anyone there has, N, and who; undefined while no mass is known. */
export function hardestPush({ brief }: Here["site"]): { name: string; newtons: number } | undefined {
  return brief.residents.reduce<{ name: string; newtons: number } | undefined>((best, resident) => {
    const newtons = pushN(resident);
    return newtons === undefined || (best && best.newtons >= newtons) ? best : { name: resident.name, newtons };
  }, undefined);
}

/** Whether what holds the leaf holds it, whoever pushes. */
function holdSnags(here: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Snag[] {
  const { site, path, own } = here;
  const { holds } = job.made;
  const list: Snag[] = [];
  const subject = own(words.one);
  const common = { subject, stage: "front" } as const;
  if (over(holds.every.value, CATCH_EVERY_MM))
    list.push({
      ...{ rule: "front/few-catches", ...common, severity: "mind" },
      title: `Catches too far apart on the ${words.all}`,
      sentence: `One each ${site.say(holds.every.value)}; ${site.say(CATCH_EVERY_MM)} is the most.`,
      reason: "Between two catches an edge bows, and a nose or a shoulder opens it (trade practice, no source).",
      fix: { label: `One each ${site.say(CATCH_EVERY_MM)}`, patch: [setMm(`${path}/holds/every`, CATCH_EVERY_MM)] },
    });
  const magnetN = pullOf(here.site.book, holds.catch, MAGNET_PULL);
  if (magnetN !== undefined) {
    const strong = site.brief.residents.filter((r) => r.strong || r.dangerous).map((r) => r.name);
    const pull = magnetN * MAGNET.value;
    const [firm] = catchesIn(site.book).filter((c) => pullOf(site.book, c.id, CATCH_PULL) !== undefined);
    const hardest = hardestPush(site);
    // About the hinge: a push at the far edge against magnets at the far edge.
    const n = catchesOf(job, sized) / job.hanging.leaves;
    const short = hardest && over(hardest.newtons, pull * n);
    if (strong.length > 0 || short)
      list.push({
        ...{ rule: "front/magnet-alone", ...common, severity: strong.length > 0 ? "stop" : "mind" },
        title: `Magnets alone do not hold the ${words.all}`,
        sentence:
          short && hardest
            ? `${hardest.name} may push with ${formatNumber(hardest.newtons, 0)} N at the edge; ${n} magnets of ${formatNumber(pull, 0)} N give way at ${formatNumber(pull * n, 0)} N.`
            : `${strong.join(", ")}: a magnet is never the only hold.`,
        reason:
          "A magnet holds half its label through paint, a quarter at a millimetre, nothing from two, and falls out with age (from memory).",
        ...(firm && {
          fix: { label: `Use ${firm.name.toLowerCase()}`, patch: [set(`${path}/holds/catch`, firm.id)] },
        }),
      });
  }
  if (!job.made.stop)
    list.push({
      ...{ rule: "front/no-stop", ...common, severity: "mind" },
      title: `Nothing for the ${words.all} to land on`,
      sentence: "Without a stop it is pushed in past its seat, and its hinges take it.",
      reason: "Every leaf has a pull and a stop (trade practice, no source).",
      fix: { label: "Fit stops", patch: [set(`${path}/stop`, true)] },
    });
  return list;
}

/** Round a window so much of the sheet is left, beside its lap, or it goes limp, mm. From memory. */
const WINDOW_RIM_MM = 25;

/** Whether enough of the leaf is left round its window. */
function windowSnags(here: Here, { window, bar }: LeafJob, { leaf }: DoorResult, words: LeafWords): Snag[] {
  if (!window) return [];
  const { site, path, own } = here;
  const round = (bar?.widthMm ?? 0) + WINDOW_RIM_MM + window.lapMm;
  // Whole millimetres: what a fix writes must not be rounded up past what there is.
  const [wide, high] = [Math.floor(leaf.widthMm - 2 * round), Math.floor(leaf.heightMm - 2 * round)];
  if (!over(window.widthMm, wide) && !over(window.heightMm, high)) return [];
  const room = wide > 0 && high > 0;
  return [
    {
      ...{ rule: "front/window-too-large", subject: own(words.one), severity: "stop", stage: "front" },
      title: `The window is too large for the ${words.one}`,
      sentence: room
        ? `${site.say(window.widthMm)} × ${site.say(window.heightMm)} in a ${words.one} of ${site.say(leaf.widthMm)} × ${site.say(leaf.heightMm)}; ${site.say(wide, "down")} × ${site.say(high, "down")} leaves it its rim.`
        : `A ${words.one} of ${site.say(leaf.widthMm)} × ${site.say(leaf.heightMm)} has no room for a window lapped ${site.say(window.lapMm)}.`,
      reason: "What is left round a window carries its lap and keeps the sheet flat (from memory).",
      fix: room
        ? {
            label: `Make it ${site.say(Math.min(window.widthMm, wide), "down")} × ${site.say(Math.min(window.heightMm, high), "down")}`,
            patch: [
              setMm(`${path}/leaf/window/width`, Math.min(window.widthMm, wide)),
              setMm(`${path}/leaf/window/height`, Math.min(window.heightMm, high)),
            ],
          }
        : { label: "Leave the window out", patch: [set(`${path}/leaf/window`, null)] },
    },
  ];
}

/** Whether it is stiff enough, stands on its blocks, and does not break or bow. */
function makeSnags(here: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Snag[] {
  const { site, path, own, id } = here;
  const { made, infill, bar, hanging, input } = job;
  const { say } = site;
  const list: Snag[] = [];
  const common = { subject: own(words.one), stage: "front" } as const;
  if (infill.class === "glass" && bar && !made.leaf.blocks)
    list.push({
      ...{ rule: "front/no-blocks", ...common, severity: "mind" },
      title: "A pane that stands on its frame",
      sentence: `${formatNumber(sized.leaf.massKg, 1)} kg, and no setting blocks under the glass.`,
      reason:
        "Glass on a bar chips and racks the frame. A leaf that swings has a block at the foot by its hinges and one at the head by its lock (trade practice, no source).",
      fix: { label: "Set it on blocks", patch: [set(`${path}/leaf/blocks`, true)] },
    });
  const spanMm = Math.max(sized.leaf.widthMm, sized.leaf.heightMm);
  const wantedMm = spanMm * SLACK.share;
  if (infill.class === "mesh" && bar && spanMm > SLACK.overMm && over(wantedMm, bar.widthMm)) {
    const wider = materialsOf(site.book, "bar").filter((b) => b.widthMm >= wantedMm && b.stuff === bar.stuff);
    list.push({
      ...{ rule: "front/slack-frame", ...common, severity: "mind" },
      title: `Its bars are thin for a mesh ${say(spanMm)} long`,
      sentence: `${say(bar.widthMm)} wide; a thirtieth of its span, ${say(wantedMm, "up")}, is wanted, or a bar across its middle.`,
      reason: "Stretched mesh pulls thin bars in (from memory).",
      otherFixes: wider.map((b) => ({
        label: `Use ${b.name.toLowerCase()}`,
        patch: [set(`${path}/leaf/frame/bar`, b.id)],
      })),
    });
  }
  if (sized.bowMm !== null && over(sized.bowMm, BOW_MM) && infill.class === "sheet")
    list.push({
      ...{ rule: "front/leaf-bows", ...common, severity: "mind" },
      title: `The ${words.one} may bow ${say(sized.bowMm, "up")}`,
      sentence: `${say(sized.leaf.heightMm)} of ${infill.name.toLowerCase()}, warm or wet on one side only.`,
      reason:
        "Growth and swelling on one side, over the square of its height. Bars round it, or a thicker sheet, hold it.",
      otherFixes: materialsOf(site.book, "sheet")
        .filter((s) => s.plastic === infill.plastic && s.thicknessMm > infill.thicknessMm)
        .map((s) => ({ label: `Use ${s.name}`, patch: [set(`${path}/leaf/infill`, s.id)] })),
      figure: id(`${words.one}-bow`),
    });
  const swingsBare = infill.class === "glass" && !bar && hanging.kind === "hinged";
  const hardest = hardestPush(site);
  const stress = hardest ? pushStressMPa({ ...input, pushN: hardest.newtons }, leafOf(input)) : null;
  if (swingsBare)
    list.push({
      ...{ rule: "front/pane-may-break", ...common },
      severity: stress !== null && over(stress, ANNEALED_MPA) ? "mind" : "note",
      title:
        stress !== null && over(stress, ANNEALED_MPA) ? "The pane may break under a push" : "Order the pane toughened",
      sentence:
        stress !== null && hardest
          ? `${hardest.name} may push with ${formatNumber(hardest.newtons, 0)} N: ${formatNumber(stress, 1)} MPa in the pane; annealed glass is trusted to ${ANNEALED_MPA}.`
          : "A pane that swings without a frame.",
      reason:
        "Panes that swing without a frame are toughened or laminated, their holes made before toughening; the glazier decides.",
    });
  return list;
}

/** Everything there is to say of a closure's leaves. */
export const leafSnags = (here: Here, job: LeafJob, sized: DoorResult, words: LeafWords): Snag[] => [
  ...bindingSnags(here, job, sized, words),
  ...hingeSnags(here, job, sized, words),
  ...holdSnags(here, job, sized, words),
  ...makeSnags(here, job, sized, words),
  ...windowSnags(here, job, sized, words),
];
