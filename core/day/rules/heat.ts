import { type Known, memory } from "../../figures/figure";
import { set } from "../../ledgers/fix";
import type { Snag } from "../../ledgers/ledger";
import { formatNumber } from "../../units/format";
import { over, under } from "../../units/tolerance";
import { setToC } from "../heaters";
import { least } from "../hours";
import { ABOUT_K } from "../inBand";
import { heatersOf, leastC, MARGIN, mostC } from "../steady";
import { type About, toldOf } from "./told";

/** So much over a resident's warmest everything stuck on is told, K. From memory. */
const STUCK_OVER_K: Known = { value: 5, basis: memory };

/** Enough heat in the coldest room, and not too much where the thermostat sticks: by the day, or until then by a steady balance. */
export function heatSnags({ site, day: { answer }, steady }: About): Snag[] {
  const heaters = heatersOf(site);
  if (heaters.length === 0 || heaters.some((f) => !f.watts)) return [];
  const [low, high] = [leastC(site), mostC(site)];
  const { tempC } = site.brief.room;
  const list: Snag[] = [];
  const { neededW, heatingW } = steady;
  const coldestC = answer && least(answer.ends.cold.tempC);
  const isWeak =
    coldestC === undefined
      ? heatingW < (neededW ?? 0) * MARGIN.value
      : low !== null && under(coldestC, low - ABOUT_K.value);
  if (low !== null && neededW !== null && isWeak)
    list.push({
      ...{ rule: "fixtures/too-weak", subject: "heat", severity: "mind", stage: "fixtures", figure: "fixtures/needed" },
      title: "Too little heat for the coldest room",
      sentence:
        coldestC === undefined
          ? `${formatNumber(heatingW, 0)} W; about ${formatNumber(neededW * MARGIN.value, 0, "up")} W hold ${formatNumber(low)} °C in a room of ${formatNumber(tempC.low)} °C.`
          : `In a room of ${formatNumber(tempC.low)} °C it falls to ${formatNumber(coldestC, 1, "down")} °C; ${formatNumber(low)} °C is the least they bear, and about ${formatNumber(neededW * MARGIN.value, 0, "up")} W all day would hold it.`,
      reason:
        coldestC === undefined
          ? "A steady balance through walls and air, with a quarter to spare, until the day is worked out."
          : "By the day as it will be, hour by hour.",
    });
  const stuckC = answer?.stuckC ?? steady.stuckC;
  const guarded = heaters.every((f) => !("cutOut" in f) || f.cutOut);
  if (high !== null && over(stuckC, high + STUCK_OVER_K.value) && !guarded)
    list.push({
      ...{ rule: "fixtures/stuck", subject: "heat", severity: "mind", stage: "fixtures", figure: "fixtures/stuck" },
      title: "A thermostat that sticks kills",
      sentence: `With all of it stuck on, about ${formatNumber(stuckC, 0)} °C in a room of ${formatNumber(tempC.high)} °C.`,
      reason: "A high-limit cut-out on each heater, apart from its thermostat; smaller heaters are safer.",
      fix: {
        label: "Add high-limit cut-outs",
        patch: site.variant.fixtures.flatMap((f, i) =>
          "cutOut" in f && !f.cutOut ? [set(site.at(`/fixtures/${i}/cutOut`), true)] : [],
        ),
      },
    });
  return [...list, ...setSnags({ site, stuckC, answered: answer !== undefined })];
}

/** A thermostat set to what its heater never reaches, in the warmest room even. */
function setSnags({ site, stuckC, answered }: { site: About["site"]; stuckC: number; answered: boolean }): Snag[] {
  if (!answered) return [];
  return site.variant.fixtures.flatMap((f, i): Snag[] => {
    const setC = setToC(site, f);
    if (f.set == null || setC === null || !over(setC, stuckC)) return [];
    const reachC = Math.floor(stuckC);
    return [
      toldOf("set-too-high", f.id, {
        ...{ severity: "mind", stage: "fixtures" },
        title: `${f.name} never reaches what it is set to`,
        sentence: `Set to ${formatNumber(setC)} °C; on all day in the warmest room the air comes to ${formatNumber(stuckC, 1)} °C.`,
        reason: "A thermostat that never switches is none: more watts, or a lower setting.",
        fix: {
          label: `Set it to ${formatNumber(reachC)} °C`,
          patch: [set(site.at(`/fixtures/${i}/set`), { typed: String(reachC), value: reachC, how: "stated" as const })],
        },
      }),
    ];
  });
}

/** After a power cut: how long there is, and what starts again by itself. */
export function cutSnags({ site, day: { answer } }: About): Snag[] {
  if (!answer || heatersOf(site).length === 0 || answer.cut.tooColdHours === null) return [];
  const timed = site.variant.fixtures.filter((f) => f.control === "timer").map((f) => f.name.toLowerCase());
  return [
    toldOf("power-cut", "power", {
      severity: "note",
      title: "If the power fails",
      sentence: `In the coldest room it is too cold within ${formatNumber(answer.cut.tooColdHours)} ${answer.cut.tooColdHours === 1 ? "hour" : "hours"}.${timed.length > 0 ? ` A timer may then be late: ${timed.join(", ")}.` : ""}`,
      reason:
        "Thermostats start again by themselves; timers without a battery go on from where they stood. Blankets over the glass first.",
      figure: "day/cut",
    }),
  ];
}
