import { statedMm } from "../design/measure";
import { shellStage } from "../features/stages";
import { constant, type Figure } from "../figures/figure";
import { set } from "../ledgers/fix";
import { emptyLedger, type Snag, type TradeLedger } from "../ledgers/ledger";
import { kgAt, MASS, type MassFact } from "../ledgers/masses";
import { FOUND_MATERIALS } from "../materials/face";
import type { Site } from "../shell/site";
import type { Trade } from "../trade/trade";
import { capital } from "../units/capital";
import { GRAVITY } from "../units/constants";
import { formatNumber } from "../units/format";
import { over } from "../units/tolerance";
import { bentUnder, bracketsAt, leastSag, placesMm, type Shelf, type Standing } from "./order";
import type { Stand } from "./schema";
import { BOARDS } from "./stuffs";

/** A shelf that goes down more than this share of its span shows, and its boxes lean together. Common practice, no source. */
const SAG_SHARE = 200;
/** Another order is worth the carrying where it saves this share of the sag. From memory. */
const WORTH_SHARE = 0.1;
/** And this much of it, mm: nobody carries a full box for less. From memory. */
const WORTH_MM = 0.5;

/** Boxes on one shelf: how it bends, what its brackets bear, and who had better stand where. */
function planStand(site: Site, masses: readonly MassFact[]): TradeLedger {
  const { stand } = site.variant;
  if (!stand) return emptyLedger();
  const shelf = shelfOf(stand);
  const filledKg = kgAt(masses, "bare", "walls", "doors", "filled");
  const own: Standing = { name: "this shell", widthMm: site.shell.outside.widthMm, kg: filledKg };
  const row = rowOf(stand, own);
  const placed = placedMm(stand, shelf, row);
  const now = bentUnder(shelf, row, placed);
  const { order, fromMm } = leastSag(shelf, row);
  const best = order.map((i) => row[i]!);
  const least = bentUnder(shelf, best, fromMm);
  const figures = [sagFigure(site, stand, row, now.sagMm), loadFigure(site, shelf, now.reactionsN)];
  return {
    ...emptyLedger(),
    figures,
    snags: [
      ...orderSnag(site, stand, own, { row, best, fromMm }, now.sagMm, least.sagMm),
      ...sagSnag(site, shelf, Math.min(now.sagMm, least.sagMm)),
      ...bracketSnag(site, stand, Math.max(...now.reactionsN)),
      ...widthSnag(site, stand, row, placed),
    ],
  };
}

const shelfOf = (stand: Stand): Shelf => ({
  lengthMm: stand.length.value,
  depthMm: stand.depth.value,
  thicknessMm: stand.thickness.value,
  elasticMPa: BOARDS[stand.board].elasticGPa.value * 1000,
  creep: BOARDS[stand.board].creep.value,
  bracketsMm: bracketsAt(stand.length.value, stand.brackets.count, stand.brackets.fromEnd.value),
});

/** Everything on the shelf from the left. */
function rowOf({ others, place }: Stand, own: Standing): Standing[] {
  const row = others.map(
    ({ name, width, kg }): Standing => ({ name, widthMm: Math.max(1, width.value), kg: kg.value }),
  );
  row.splice(Math.min(place, row.length), 0, own);
  return row;
}

/** Where each stands by what was typed, mm; spread out evenly where not all are. */
function placedMm({ others, place, at }: Stand, { lengthMm }: Shelf, row: readonly Standing[]): number[] {
  const typed = others.map((o) => o.at?.value);
  typed.splice(Math.min(place, typed.length), 0, at?.value);
  const all = typed.filter((mm) => mm !== undefined);
  return all.length === row.length ? all : placesMm(lengthMm, row);
}

const spanMm = ({ bracketsMm }: Shelf): number => bracketsMm[1]! - bracketsMm[0]!;

function sagFigure({ say }: Site, stand: Stand, row: readonly Standing[], sagMm: number): Figure {
  const { elasticGPa, creep } = BOARDS[stand.board];
  return {
    id: "stand/sag",
    label: "Sag of the shelf, in years",
    value: sagMm,
    unit: "mm",
    rounding: "up",
    estimate: true,
    formula: `creep × a board over its brackets, its ends free, each box an even load (stiffness method); shelf ${say(stand.length.value)} long`,
    inputs: [
      ...row.map(({ name, kg }) => ({ name: `${name}, filled`, value: kg, unit: "kg" })),
      { name: "brackets", value: stand.brackets.count, unit: "" },
      { name: "board, deep", value: stand.depth.value, unit: "mm" },
      { name: "board, thick", value: stand.thickness.value, unit: "mm" },
      constant(`Young's modulus of ${FOUND_MATERIALS[stand.board].name}`, elasticGPa, "GPa"),
      constant("creep", creep, "×"),
    ],
  };
}

const loadFigure = ({ say }: Site, { bracketsMm }: Shelf, reactionsN: readonly number[]): Figure => ({
  id: "stand/bracket",
  label: "Most a bracket bears",
  value: Math.max(...reactionsN) / GRAVITY,
  unit: "kg",
  rounding: "up",
  formula: "the largest of what the brackets bear, as a mass",
  inputs: reactionsN.map((n, i) => ({
    name: `bracket ${say(bracketsMm[i]!)} from the left end`,
    value: n / GRAVITY,
    unit: "kg",
  })),
});

/** The boxes in another order, or elsewhere on the board, bend it less. */
function orderSnag(
  { say, at }: Site,
  stand: Stand,
  own: Standing,
  { row, best, fromMm }: { row: Standing[]; best: Standing[]; fromMm: number[] },
  nowMm: number,
  leastMm: number,
): Snag[] {
  if (row.length < 2 || !over(nowMm - leastMm, Math.max(WORTH_MM, nowMm * WORTH_SHARE))) return [];
  const placed = (i: number) => statedMm(Math.round(fromMm[i]!));
  const others = best.flatMap((b, i) =>
    b === own ? [] : [{ ...stand.others[row.filter((r) => r !== own).indexOf(b)]!, at: placed(i) }],
  );
  const words = best.map((b, i) => `${b.name} (${formatNumber(b.kg, 0)} kg) at ${say(fromMm[i]!)}`).join(", ");
  return [
    {
      rule: "stand/order",
      subject: "stand",
      severity: "mind",
      stage: "shell",
      title: "Heavy boxes stand by the brackets",
      sentence: `As they stand the shelf sags ${say(nowMm, "up")}; with ${words} from its left end it sags ${say(leastMm, "up")}.`,
      reason: "A board bends least where its load is over what bears it.",
      fix: {
        label: "Stand them so",
        patch: [
          set(at("/stand/others"), others),
          set(at("/stand/place"), best.indexOf(own)),
          set(at("/stand/at"), placed(best.indexOf(own))),
        ],
      },
      figure: "stand/sag",
    },
  ];
}

function sagSnag({ say, at, variant }: Site, shelf: Shelf, leastMm: number): Snag[] {
  const allowedMm = spanMm(shelf) / SAG_SHARE;
  if (!over(leastMm, allowedMm)) return [];
  const { count } = variant.stand!.brackets;
  return [
    {
      rule: "stand/sags",
      subject: "stand",
      severity: "mind",
      stage: "shell",
      title: "The shelf sags",
      sentence: `${say(leastMm, "up")} over ${say(spanMm(shelf))} in a few years, in the best order; ${say(allowedMm, "down")} is what doors and eyes put up with.`,
      reason: "Boxes on a sagging board lean together, and their doors bind.",
      ...(count < 6 && {
        fix: { label: "One bracket more", patch: [set(at("/stand/brackets/count"), count + 1)] },
      }),
      figure: "stand/sag",
    },
  ];
}

function bracketSnag({ at }: Site, { brackets }: Stand, mostN: number): Snag[] {
  const { carries, count } = brackets;
  const kg = mostN / GRAVITY;
  if (!carries)
    return [
      {
        rule: "stand/bracket-unknown",
        subject: "stand",
        severity: "note",
        stage: "shell",
        title: "What may a bracket carry?",
        sentence: `The one that bears the most bears ${formatNumber(kg, 0, "up")} kg; nobody has typed what its label allows.`,
        reason: "The label's load is for an even spread; the wall behind it may bear less.",
      },
    ];
  if (!over(kg, carries.value)) return [];
  return [
    {
      rule: "stand/bracket-overloaded",
      subject: "stand",
      severity: "stop",
      stage: "shell",
      title: "A bracket bears too much",
      sentence: `${formatNumber(kg, 0, "up")} kg on one that carries ${formatNumber(carries.value, 0)} kg.`,
      reason: "It bends or pulls out with the shelf full. More brackets, or fewer boxes.",
      ...(count < 6 && {
        fix: { label: "One bracket more", patch: [set(at("/stand/brackets/count"), count + 1)] },
      }),
      figure: "stand/bracket",
    },
  ];
}

function widthSnag(
  { say, at }: Site,
  { length, others }: Stand,
  row: readonly Standing[],
  fromMm: readonly number[],
): Snag[] {
  const wide = row.reduce((sum, b) => sum + b.widthMm, 0);
  const told = (sentence: string, fix?: Snag["fix"]): Snag => ({
    ...{ rule: "stand/too-short", subject: "stand", severity: "stop", stage: "shell" },
    ...{ title: "They do not fit on the shelf", sentence, reason: "A box that hangs over an end tips." },
    ...(fix && { fix }),
  });
  if (over(wide, length.value))
    return [told(`${row.length} boxes side by side are ${say(wide)} wide; the shelf is ${say(length.value)} long.`)];
  const ends = row.map((b, i) => [fromMm[i]!, fromMm[i]! + b.widthMm] as const);
  const wrong = ends.findIndex(([from, to], i) => over(0, from) || over(to, ends[i + 1]?.[0] ?? length.value));
  if (wrong < 0) return [];
  return [
    told(
      `${capital(row[wrong]!.name)} stands from ${say(ends[wrong]![0])} to ${say(ends[wrong]![1])}: over the next one, or over the end.`,
      {
        label: "Spread them out evenly",
        patch: [
          set(at("/stand/at"), null),
          set(
            at("/stand/others"),
            others.map((o) => ({ ...o, at: null })),
          ),
        ],
      },
    ),
  ];
}

export const standTrade: Trade = {
  id: "stand",
  stage: shellStage,
  reads: ["stand"],
  needs: [MASS],
  gives: [],
  check({ stand }, { between }) {
    if (!stand) return;
    between("/stand/length", stand.length, 200, 6000, "The shelf");
    between("/stand/depth", stand.depth, 50, 1500, "The shelf");
    between("/stand/thickness", stand.thickness, 4, 80, "The board");
    between(
      "/stand/brackets/fromEnd",
      stand.brackets.fromEnd,
      0,
      Math.max(0, stand.length.value / 3),
      "The outermost bracket",
    );
    between("/stand/brackets/carries", stand.brackets.carries, 1, 2000, "A bracket, in kg,");
    between("/stand/at", stand.at ?? null, 0, 6000, "Where it begins");
    stand.others.forEach((box, i) => {
      between(`/stand/others/${i}/at`, box.at ?? null, 0, 6000, "Where a box begins");
      between(`/stand/others/${i}/width`, box.width, 30, 3000, "A box's width");
      between(`/stand/others/${i}/kg`, box.kg, 0, 1000, "A box, in kg,");
    });
  },
  plan: (site, { facts }) => planStand(site, facts.all(MASS)),
};
