import { changesByWarmth } from "../air/figures";
import type { Airway } from "../air/paths";
import { constant, type Figure, type FigureInput } from "../figures/figure";
import { lossOf } from "../ground/balance";
import type { Site } from "../shell/site";
import type { DayAnswer } from "./answer";
import { capacityL, daysToFill } from "./drain";
import type { DayFact } from "./facts";
import { fansOf } from "./fans";
import { CONVECTS, INSIDE, SHELL, TO_SURFACES } from "./held";
import { least, mean, most } from "./hours";
import { hoursInBand, safeHoursInBand } from "./inBand";
import { DRAUGHT } from "./rooms";
import { CHANGES, heatersOf, leastC, MARGIN, type Steady } from "./steady";
import { FILM, GROUND_CONDUCTS } from "./walls";
import { PUT_IN } from "./wet";

/** What the day was worked out of, for the working of each of its figures. */
function given(
  {
    brief: {
      room: { draught },
    },
  }: Pick<Site, "brief">,
  { ask: { input }, fitted }: DayFact,
): FigureInput[] {
  const sum = <T>(list: readonly T[], of: (x: T) => number) => list.reduce((s, x) => s + of(x), 0);
  const grossCm2 = sum(input.openings, (o) => (o.widthMm * o.heightMm * (o.count ?? 1)) / 100);
  const room = Array.isArray(input.room) ? input.room[0]! : input.room;
  return [
    { name: "openings and gaps, gross", value: grossCm2, unit: "cm²" },
    { name: "walls, Σ U·A", value: sum(input.walls, (w) => w.uWPerM2K * w.areaM2), unit: "W/K" },
    { name: "room, usually", value: room.tempC, unit: "°C" },
    { name: "its air, usually", value: room.rh, unit: "% rh" },
    { name: "heat while on", value: sum(input.heat, (h) => h.watts), unit: "W" },
    { name: "mist", value: sum(input.misting, (m) => m.ml), unit: "mL a day" },
    { name: "wet ground and water", value: input.wet.areaM2, unit: "m²" },
    { name: "water in it at first", value: input.wet.storeMl, unit: "mL" },
    { name: "holds heat", value: input.thermalMassJPerK / 1000, unit: "kJ/K" },
    constant("air along surfaces takes", CONVECTS, "W/(m²·K)"),
    constant("air at each side of an upright wall", FILM.level, "m²·K/W"),
    constant("heat in what is put in", INSIDE, "J/(kg·K)"),
    constant("heat in the shell's inner half", SHELL, "J/(kg·K)"),
    constant("from air and around to surfaces", TO_SURFACES, "W/(m²·K)"),
    constant("wet substrate conducts", GROUND_CONDUCTS, "W/(m·K)"),
    constant("of what it could hold a substrate is put in with", PUT_IN, ""),
    draught
      ? { name: "the room's draught, as typed", value: draught.value, unit: "m/s" }
      : constant("the room's draught", DRAUGHT, "m/s"),
    ...(fitted
      ? [
          {
            ...{
              name: `fitted: ${fitted.words.join("; ") || "nothing that was not taken already"}`,
              unit: "h of readings",
            },
            ...{ value: fitted.entries, basis: { kind: "log" as const, entries: fitted.entries } },
          },
        ]
      : []),
  ];
}

/** Hours of the day in the band of everyone: likely, and to be safe. */
function inBandFigure(
  { brief: { residents } }: Pick<Site, "brief">,
  { usual, sure }: DayAnswer,
  inputs: FigureInput[],
): Figure[] {
  const likely = hoursInBand(residents, usual);
  if (likely === null) return [];
  const safe = sure && safeHoursInBand(residents, sure);
  return [
    {
      ...{ id: "day/in-band", label: "In band", value: likely, unit: "h", inputs, estimate: true as const },
      ...(safe != null && { low: Math.min(likely, safe), high: likely }),
      formula: `hours of the last day of a month in which warmth and air are what everyone lives in${safe == null ? "" : `; to be safe, those in which nine of ten of ${sure!.runs} draws of all that is unknown are`}`,
    },
  ];
}
const BY_DAY = "the last day of a month, hour by hour: one balance of pressure, heat and water";

/** What the day comes to, once it is worked out. */
function dayFigures(site: Pick<Site, "brief">, day: DayFact, answer: DayAnswer): Figure[] {
  const inputs = given(site, day);
  const { usual, litresPerDay } = answer;
  const about = (id: string, label: string, list: readonly number[], unit: string): Figure => ({
    ...{ id, label, value: mean(list), low: least(list), high: most(list), unit, formula: BY_DAY, inputs },
    estimate: true,
  });
  const litres = (id: string, label: string, value: number): Figure => ({
    ...{ id, label, value: 1000 * value, unit: "mL", formula: "mean of the month, a day", inputs, estimate: true },
  });
  return [
    ...inBandFigure(site, answer, inputs),
    about("day/temp", "Warmth over the day", usual.tempC, "°C"),
    about("day/rh", "Its air over the day", usual.rh, "% rh"),
    about("air/changes", "Air changes, hourly", usual.airChangesPerHour, "1/h"),
    litres("day/misted", "Misted a day", litresPerDay.misted),
    litres("day/to-air", "To the air a day", litresPerDay.toAir),
    litres("day/to-drain", "To the drainage a day", litresPerDay.toDrain),
    ...(answer.storeEmptyDay === null
      ? []
      : [
          {
            ...{ id: "day/dries", label: "The substrate is dry after", value: answer.storeEmptyDay, unit: "days" },
            ...{ formula: "when its store is first empty, by the minute", inputs, estimate: true as const },
          },
        ]),
    ...(answer.cut.tooColdHours === null
      ? []
      : [
          {
            ...{ id: "day/cut", label: "After a power cut too cold within", value: answer.cut.tooColdHours, unit: "h" },
            ...{ formula: "nothing heats, in the coldest room, from the evening on", inputs, estimate: true as const },
          },
        ]),
  ];
}

/** Heat needed, and heat with all of it stuck on. */
function heatFigures(site: Site, { answer }: DayFact, steady: Steady): Figure[] {
  if (site.variant.fixtures.length === 0) return [];
  const { tempC } = site.brief.room;
  const low = leastC(site);
  const changes = answer
    ? { name: "air changed in an hour, as worked out", value: mean(answer.usual.airChangesPerHour), unit: "" }
    : constant("air changed in an hour", CHANGES, "");
  const loss: FigureInput[] = [
    { name: "through the walls", value: steady.wallsWPerK, unit: "W/K" },
    { name: "with the air", value: steady.airWPerK, unit: "W/K" },
    constant("air at each side of an upright wall", FILM.level, "m²·K/W"),
    changes,
  ];
  const stuck: Figure = {
    ...{ id: "fixtures/stuck", label: "Air with all of it stuck on", unit: "°C", estimate: true },
    value: answer?.stuckC ?? steady.stuckC,
    formula: answer
      ? "warmest hour of the day in the warmest room, every thermostat calling"
      : "warmest of the room + watts of all that heats ÷ (Σ U·A + ρ·c·V̇)",
    inputs: [{ name: "all that heats", value: steady.heatingW, unit: "W" }, ...loss],
  };
  if (steady.neededW === null || low === null) return heatersOf(site).length > 0 ? [stuck] : [];
  return [
    {
      ...{ id: "fixtures/needed", label: "Heat needed in the coldest room", value: steady.neededW, unit: "W" },
      ...{ estimate: true as const, rounding: "up" as const },
      formula: "(least a resident bears − coldest of the room) × (Σ U·A + ρ·c·V̇)",
      inputs: [
        { name: "least a resident bears", value: low, unit: "°C" },
        { name: "coldest of the room", value: tempC.low, unit: "°C" },
        ...loss,
        constant("a heater has", MARGIN, "×"),
      ],
    },
    stuck,
  ];
}

/** When water reaches the barrier. */
function drainFigure(site: Site, { answer }: DayFact): Figure[] {
  const { ground } = site.variant;
  const days = ground.layers.some((l) => l.kind === "drain") ? daysToFill(site, answer) : null;
  if (days === null) return [];
  return [
    {
      ...{ id: "ground/days-to-fill", label: "Days until it reaches the barrier", value: days, unit: "days" },
      ...{ rounding: "down" as const, estimate: true as const },
      formula: answer
        ? "water that runs down and condenses, minute by minute; past the month at the pace of its last week"
        : "what the layer holds ÷ (misted a day × (1 − lost with the air)), until the month is worked out",
      inputs: answer
        ? [
            {
              name: "to the drainage a day",
              value: 1000 * answer.litresPerDay.toDrain,
              unit: "mL",
              figure: "day/to-drain",
            },
          ]
        : [
            { name: "holds", value: capacityL(site), unit: "L", figure: "ground/capacity" },
            { name: "misted a day", value: ground.misting?.value ?? 0, unit: "mL" },
            constant("lost with the air", lossOf(ground), "%"),
          ],
    },
  ];
}

/** What fans move against their way. */
const fanFigures = (site: Site, { ask }: DayFact): Figure[] =>
  fansOf(site, ask.input.openings).map(({ id, name, freeM3PerHour, fan }) => ({
    ...{ id: `day/fan-${id}`, label: `${name} moves`, value: fan.m3PerHour, unit: "m³/h", estimate: true as const },
    formula: "where its falling line from free flow to most pressure meets what the openings take",
    inputs: [{ name: "free flow, of its label", value: freeM3PerHour, unit: "m³/h" }],
  }));

/** The figures of the day; while nobody has worked it out, those of the simple balance. */
export const figuresOf = (site: Site, airways: readonly Airway[], day: DayFact, steady: Steady): Figure[] => [
  ...(day.answer ? dayFigures(site, day, day.answer) : changesByWarmth(site, airways)),
  ...heatFigures(site, day, steady),
  ...drainFigure(site, day),
  ...fanFigures(site, day),
];
