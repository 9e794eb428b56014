import type { FaceId } from "../../design/names";
import { type Known, memory } from "../../figures/figure";
import type { Snag } from "../../ledgers/ledger";
import { isClear, isWood } from "../../materials/face";
import { formatNumber } from "../../units/format";
import type { DayAnswer } from "../answer";
import { type About, toldOf } from "./told";

/** Wet with condensation for so many hours a day it is told. From memory. */
const FOG_HOURS: Known = { value: 1, basis: memory };
/** Who wants its air at least so damp suffers where its substrate dries, % rh. From memory. */
const DAMP_RH: Known = { value: 50, basis: memory };

/** Walls that are wet for long enough to be told, each with its hours a day. */
export const foggedHours = ({ fog }: Pick<DayAnswer, "fog">) =>
  fog
    .map(({ face, hours }) => ({ face, hours, wetHours: hours.reduce((sum, h) => sum + h, 0) }))
    .filter(({ wetHours }) => wetHours >= FOG_HOURS.value);

const clock = (hour: number): string => `${String(((hour % 24) + 24) % 24).padStart(2, "0")}:00`;

/** When it is wet for longest at a stretch, past midnight too. @param hours each hour's share with water on it */
export function longestWet(hours: readonly number[]): string {
  const wet = hours.map((share) => share >= 0.5);
  if (wet.every(Boolean)) return "all day and night";
  let [from, longest] = [0, 0];
  for (let start = 0; start < 24; start++) {
    let length = 0;
    while (length < 24 && wet[(start + length) % 24]) length++;
    if (length > longest) [from, longest] = [start, length];
  }
  return longest === 0
    ? "for less than half an hour at a time"
    : `longest from ${clock(from)} to ${clock(from + longest)}`;
}

/** What is wet on the walls: a pane that fogs, and timber that stays wet. */
export function fogSnags({ site, day: { answer } }: About): Snag[] {
  if (!answer) return [];
  return foggedHours(answer).flatMap(({ face, hours, wetHours }): Snag[] => {
    const { material, open } = site.shell.faces[face as FaceId];
    const when = `${formatNumber(wetHours, 0)} hours a day, ${longestWet(hours)}.`;
    if (!open && isWood(material.family))
      return [
        toldOf("wet-timber", face, {
          severity: "mind",
          title: `Water on the ${face}`,
          sentence: `The ${material.name} of the ${face} is colder than the dew point ${when}`,
          reason: "Wood that stays wet swells, moulds and rots at its edges: coat it, insulate it, or let in more air.",
          figure: "day/rh",
        }),
      ];
    if (face === "front" && (open || isClear(material.family)))
      return [
        toldOf("fog", face, {
          severity: "note",
          title: "The front fogs",
          sentence: `It is colder than the dew point ${when}`,
          reason: "Air low on the pane clears it; nothing is seen through it until then.",
          figure: "day/rh",
        }),
      ];
    return [];
  });
}

/** When what holds the water is dry: nobody lives in dry air who needs it damp. */
export function storeSnags({ site, day: { answer, ask } }: About): Snag[] {
  if (!answer || answer.storeEmptyDay === null) return [];
  const damp = site.brief.residents.some((r) => (r.bands.rh?.low ?? 0) >= DAMP_RH.value || r.traits.wetSkin);
  const misted = ask.input.misting.length > 0;
  return [
    toldOf("dries-out", "substrate", {
      severity: damp ? "mind" : "note",
      title: "The substrate dries out",
      sentence: `Its ${formatNumber(ask.input.wet.storeMl, 0)} mL are gone after ${formatNumber(answer.storeEmptyDay, 2)} days (${formatNumber(answer.storeEmptyDay * 24, 1)} hours)${misted ? ", with all its mist" : "; nothing is misted"}.`,
      reason: "From then on the air is as dry as the room's. More mist, less open mesh, or a deeper substrate.",
      figure: "day/dries",
    }),
  ];
}
