import { pushN } from "../../../escape/push";
import { set, setMm } from "../../../ledgers/fix";
import type { Snag } from "../../../ledgers/ledger";
import { formatNumber } from "../../../units/format";
import { over, under } from "../../../units/tolerance";
import type { Site } from "../../site";
import { magnetsHoldN } from "./magnets";
import { insideOf, LID_PLAY_MM, lidAcross, lidGrowthMm } from "./measure";
import type { ClearBoxFound as Found } from "./schema";

/** A door without a stop, one that its residents push open, and tape that lets go. */
export function doorSnags(site: Site, found: Found): Snag[] {
  const { at, brief } = site;
  const told = (snag: Omit<Snag, "stage" | "subject">): Snag => ({ subject: "doors", stage: "shell", ...snag });
  const { door } = found;
  if (door.is === "hingeTape")
    return [
      told({
        rule: "clear/hinge-tape",
        severity: "mind",
        title: "Hinge tape lets go",
        sentence: "The door hangs on tape.",
        reason: "Tape creeps off warm, damp plastic within months (common practice, no source): hinges, or grooves.",
        fix: { label: "Hang it on hinges", patch: [set(at("/shell/found/door/is"), "hingesToFit")] },
      }),
    ];
  if (door.is !== "magnets") return [];
  const holdN = magnetsHoldN(found);
  const strongest = brief.residents.reduce((most, r) => Math.max(most, pushN(r) ?? 0), 0);
  return [
    ...(door.magnets.stop !== "none"
      ? []
      : [
          told({
            rule: "clear/no-stop",
            severity: "stop",
            title: "The door has no stop",
            sentence: "On magnets alone, with nothing behind its edge: a push from outside sends it in.",
            reason: `A strip ${site.say(5)} wide behind the edge stops it, and covers the gap (common practice, no source).`,
            fix: { label: "Fit a stop behind its edge", patch: [set(at("/shell/found/door/magnets/stop"), "toFit")] },
          }),
        ]),
    ...(strongest > 0 && over(strongest, holdN) && door.catch === "none"
      ? [
          told({
            rule: "clear/magnets-let-go",
            severity: "stop",
            title: "Its magnets do not hold it in",
            sentence: `They hold ${formatNumber(holdN, 1, "down")} N; who lives there may push with ${formatNumber(strongest, 1, "up")} N.`,
            reason: "Magnets give way at once where they give at all: a clip or a key lock holds what they do not.",
            fix: { label: "Fit clips as well", patch: [set(at("/shell/found/door/catch"), "clipToFit")] },
            figure: "shell/magnets",
          }),
        ]
      : []),
  ];
}

/** A lid that binds when it is warm, falls from its grooves, or is left open. */
export function lidSnags({ say, at }: Site, found: Found): Snag[] {
  const { lid } = found;
  if (lid.is !== "slides") return [];
  const told = (snag: Omit<Snag, "stage" | "subject">): Snag => ({ subject: "lid", stage: "shell", ...snag });
  const { isMm, mostMm } = lidAcross(found);
  const growthMm = lidGrowthMm(found);
  const inGrooveMm = isMm - insideOf(found).widthMm - lid.grooveDepth.value;
  return [
    ...(over(growthMm, mostMm - isMm)
      ? [
          told({
            rule: "clear/lid-binds",
            severity: "mind",
            title: "The lid binds when it is warm",
            sentence: `It grows by ${say(growthMm, "up")}; its grooves leave ${say(Math.max(0, mostMm - isMm), "down")}.`,
            reason: "What binds is left open, or breaks a groove.",
            fix: {
              label: `Take it down to ${say(mostMm - growthMm, "down")}`,
              patch: [setMm(at("/shell/found/lid/trimTo"), Math.floor((mostMm - growthMm) * 10) / 10)],
            },
            figure: "shell/lid-growth",
          }),
        ]
      : []),
    ...(under(inGrooveMm, 0)
      ? [
          told({
            rule: "clear/lid-falls",
            severity: "stop",
            title: "The lid comes out of a groove",
            sentence: `Pushed to one side it leaves the other groove by ${say(-inGrooveMm, "up")}.`,
            reason: `It falls in, and leaves a gap as long as the box is deep. Measure it again; another wants ${say(mostMm - LID_PLAY_MM)} across.`,
          }),
        ]
      : []),
    ...(lid.home !== "nothing"
      ? []
      : [
          told({
            rule: "clear/lid-slides-open",
            severity: "mind",
            title: "Nothing keeps the lid home",
            sentence: "A lid in grooves is pushed open from inside, and forgotten open from outside.",
            reason: "A pin through lid and groove, or a stop behind it (common practice, no source).",
            fix: { label: "Pin it", patch: [set(at("/shell/found/lid/home"), "pinToFit")] },
          }),
        ]),
  ];
}
