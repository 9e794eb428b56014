import { statedMm } from "../design/measure";
import { set } from "../ledgers/fix";
import type { Snag } from "../ledgers/ledger";
import type { Site } from "../shell/site";
import { capital } from "../units/capital";
import { GRAVITY } from "../units/constants";
import { formatNumber } from "../units/format";
import { over } from "../units/tolerance";
import type { Shelf, Standing } from "./order";
import type { Stand } from "./schema";

/** A shelf that goes down more than this share of its span shows, and its boxes lean together. Common practice, no source. */
const SAG_SHARE = 200;
/** Another order is worth the carrying where it saves this share of the sag. From memory. */
const WORTH_SHARE = 0.1;
/** And this much of it, mm: nobody carries a full box for less. From memory. */
const WORTH_MM = 0.5;

const spanMm = ({ bracketsMm }: Shelf): number => bracketsMm[1]! - bracketsMm[0]!;

/** The boxes in another order, or elsewhere on the board, bend it less. */
export function orderSnag(
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

export function sagSnag({ say, at, variant }: Site, shelf: Shelf, leastMm: number): Snag[] {
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

export function bracketSnag({ at }: Site, { brackets }: Stand, mostN: number): Snag[] {
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

export function widthSnag(
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
