import type { Step } from "../ledgers/ledger";
import { RUNS_IN_WATER } from "../service/runs";
import { areaAtMm2 } from "../shell/profile";
import type { Site } from "../shell/site";
import { formatNumber } from "../units/format";
import { CAUTION } from "../workshop/cautions";
import { LIFT_KG } from "../workshop/lift";
import { RATES, WAITS } from "../workshop/rates";
import { BARRIER } from "./barrier";
import { DRAINS } from "./drain";
import { fillKg, fillOf } from "./mass";
import { MIX } from "./mix";
import { laysGround, siteFloor } from "./site";
import { usedBy } from "./supplies";

const WEEK_MINUTES = 7 * 1440;
/** Clay and charcoal soak about half an hour (trade practice). */
const SOAK_MINUTES = 30;

const WILD = {
  bought: "Leaves and wood as bought.",
  boiled: "Leaves boiled 15 min; wood scalded.",
  asFound: "Leaves and wood as found: dried two weeks and watched for pests first.",
} as const;
const ROOTS = {
  strip: "Old soil and pellets off every root, leaves rinsed.",
  keepSome: "Old soil off, some root ball kept on ferns.",
  leave: "Roots left as they came, leaves rinsed.",
} as const;

const step = (
  id: string,
  after: Step["after"],
  own: Pick<Step, "title" | "detail" | "handsOnMinutes"> & Partial<Step>,
): Step => ({
  id: `ground/${id}`,
  stage: "ground",
  waitMinutes: 0,
  splittable: true,
  toHand: [],
  cautions: [],
  after,
  ...own,
});

/** What must be over before anything heavy goes in. */
const BARE_SHELL: Step["after"] = [
  { reached: "stands", because: "the shell must stand" },
  { reached: "airedOut", because: "fumes come out of a bare shell, not out of substrate" },
  { reached: "waterTested", because: "a leak under substrate is found too late" },
  { reached: "wallsUp", because: "walls are coated and cleaned before substrate hides their feet" },
  { reached: "footed", because: "feet of wood and stone go down to the base before it is hidden" },
];

/** Drain layer, barrier, ground, pool, plants and the weeks of settling in. */
export function groundSteps(site: Site): Step[] {
  const { shell, variant } = site;
  const { ground } = variant;
  const floor = siteFloor(site);
  const fills = fillOf(shell, variant);
  const litres = (id: string) => fills.find((f) => f.id === id)?.litres ?? 0;
  const heavy = fillKg(shell, variant) > LIFT_KG;
  const list: Step[] = [];
  const ids = usedBy(site);
  const last = () => list.at(-1);
  const next = (because: string): Step["after"] => (last() ? [{ id: last()!.id, because }] : BARE_SHELL);
  if (ground.drain && DRAINS[ground.drain.body].bought === "fill")
    list.push(
      step("rinse", [{ reached: "fetched", because: "it must be there" }], {
        uses: ids.of("rinse"),
        title: `Rinse the ${DRAINS[ground.drain.body].name}`,
        detail: "Until it runs clear; left to soak for humidity from the first day.",
        handsOnMinutes: 10 + litres("drain"),
        waitMinutes: SOAK_MINUTES,
        waitFor: "it to soak",
        toHand: ["sieve", "bucket"],
        passSign: "The water runs clear.",
      }),
    );
  if (ground.outlet === "standpipe")
    list.push(
      step("standpipe", BARE_SHELL, {
        title: "Stand the siphon pipe",
        detail: `${site.saySpan(25, 35)} tube to the base, holes drilled low with a step drill, on a dab of silicone; a cap on top, so that nothing climbs in.`,
        handsOnMinutes: 20,
        waitMinutes: WAITS.siliconeBeforeWater.value,
        waitFor: "its foot to cure",
        toHand: ["tube", "step drill", "silicone", "cap"],
        cautions: [CAUTION.dust, CAUTION.siliconeFumes],
        passSign: "Holes clear, foot firm, cap on.",
      }),
    );
  if (ground.drain)
    list.push(
      step("drain", [...BARE_SHELL, ...list.map(({ id }) => ({ id, because: "it stands in it, or is it" }))], {
        uses: ids.of("drain"),
        title: `Lay the drainage layer, ${site.say(ground.drain.depth.value)}`,
        detail: `On its final stand. ${DRAINS[ground.drain.body].mind}`,
        handsOnMinutes: Math.max(10, (RATES.barrierPerM2.value / 2) * floor.landM2),
        toHand: [DRAINS[ground.drain.body].name],
        cautions: heavy ? [CAUTION.lift] : [],
        figure: "ground/capacity",
        passSign: "Level; nothing loose from the walls under it.",
      }),
    );
  if (ground.barrier)
    list.push(
      step("barrier", next("it lies on the drainage layer"), {
        uses: ids.of("barrier"),
        title: `Lay the barrier, ${BARRIER[ground.barrier.kind].name}`,
        detail: `Curl of ${site.say(ground.barrier.curl.value)} up every wall, not trimmed; corners filled first.`,
        handsOnMinutes: Math.max(10, (RATES.barrierPerM2.value / 2) * floor.landM2),
        toHand: ["cloth", "scissors"],
        passSign: "Oversize all round, corners filled.",
      }),
    );
  if (ground.charcoal)
    list.push(
      step("charcoal", next("it lies on the barrier"), {
        uses: ids.of("charcoal"),
        title: "Charcoal",
        detail: "Wetted before it is smashed, rinsed, spread.",
        handsOnMinutes: 20,
        waitMinutes: SOAK_MINUTES,
        waitFor: "it to soak",
        toHand: ["charcoal", "hammer", "bag", "mask"],
        cautions: [CAUTION.dust],
      }),
    );
  if (laysGround(site)) {
    const parts = ground.mix.parts.map(
      (p) => `${p.amount.typed}${ground.mix.unit === "percent" ? " %" : ""} ${MIX[p.what].name}`,
    );
    list.push(
      step("lay", [...next("substrate lies on what drains it"), ...(list.length > 0 ? BARE_SHELL : [])], {
        reaches: ["substrateIn"],
        uses: ids.of("lay"),
        title: "Lay the substrate",
        detail: `On its final stand. ${parts.length > 0 ? `Mix ${parts.join(", ")} by volume. ` : ""}${
          ground.front
            ? `From ${site.say(shell.levels.groundMm)} at the back to ${site.say(shell.levels.groundFrontMm)} at the front. `
            : ""
        }It settles 10 to 20 %: top it up after a week.${ground.litter ? ` ${WILD[ground.wild]}` : ""}`,
        handsOnMinutes: Math.max(15, RATES.groundPerM2.value * (areaAtMm2(shell.profile, 0) / 1e6)),
        toHand: ["ground", "spade"],
        cautions: [CAUTION.dust, ...(heavy ? [CAUTION.lift] : [])],
      }),
    );
  }
  // Leaves alone, where no ground is laid that they lie on.
  if (ground.litter && !laysGround(site))
    list.push(
      step("litter", [...next("leaves lie on top"), ...(list.length > 0 ? BARE_SHELL : [])], {
        uses: ids.of("litter"),
        title: "Strew the leaves",
        detail: `${site.say(ground.litter.value)} of leaves. ${WILD[ground.wild]}`,
        handsOnMinutes: 10,
        toHand: ["leaves"],
      }),
    );
  if (ground.pool) {
    list.push(
      step("pool", [...next("land stands before water is let in"), ...BARE_SHELL], {
        title: "Fill the pool",
        detail:
          "Sand washed two or three times; tap water with conditioner: standing does not take chloramine out. Tannins colour it; that is harmless.",
        handsOnMinutes: 25,
        waitMinutes: 1440,
        waitFor: "debris to settle",
        toHand: ["jug", "conditioner", "sand"],
        cautions: [CAUTION.waterPower],
        figure: "ground/pool",
        passSign: "The water stands below the substrate; what falls in gets out.",
      }),
    );
    const pump = variant.service.find((s) => RUNS_IN_WATER[s.kind]);
    if (pump)
      list.push(
        step("pump", [{ id: "ground/pool", because: "a pump never runs dry" }], {
          reaches: ["waterRuns"],
          title: "Run the pump",
          detail: `${pump.name} taken out by its way once and put back, then run: before stones are fixed, and a day before animals.`,
          handsOnMinutes: 20,
          waitMinutes: 1440,
          waitFor: "debris to settle",
          toHand: ["pump", "towel"],
          cautions: [CAUTION.waterPower],
          passSign: "Flow even, no leak, debris out; it came out and went back by its way.",
        }),
      );
  }
  const live = ground.plants.filter((p) => p.live);
  const plants = ground.plants.reduce((n, p) => n + p.count, 0);
  if (live.length > 0 && ground.quarantineDays.value > 0)
    list.push(
      step("quarantine", [{ reached: "fetched", because: "the plants must be there" }], {
        title: "Quarantine the plants",
        detail: ROOTS[ground.roots],
        handsOnMinutes: 4 * live.reduce((n, p) => n + p.count, 0),
        waitMinutes: ground.quarantineDays.value * 1440,
        waitFor: "pests to show",
        toHand: ["trays", "water"],
        passSign: "No pest, no fertiliser pellet.",
      }),
    );
  if (plants > 0)
    list.push(
      step(
        "plant",
        [
          { id: "ground/lay", because: "roots want substrate; large things are set before plants" },
          { id: "ground/pool", because: "banks shift while water is let in" },
          { id: "ground/quarantine", because: "pests come in with plants" },
          { reached: "airedOut", because: "fumes are over before leaves" },
        ],
        {
          reaches: ["planted"],
          title: `Plant ${plants} ${plants === 1 ? "plant" : "plants"}`,
          detail: `${ground.plants.map((p) => `${p.count} × ${p.name}`).join(", ")}. Pinned with stainless wire or moss.`,
          handsOnMinutes: RATES.plantEach.value * plants,
          toHand: ["plants", "stainless wire", "spray bottle"],
          passSign: "No fertiliser, no perlite, adult sizes fit.",
        },
      ),
    );
  const crew = step(
    "crew",
    [
      ground.crew === "after"
        ? { reached: "residentsIn", because: "once there is waste to feed them" }
        : { id: "ground/plant", because: "they breed while the plants root" },
      { id: "ground/lay", because: "they live in the substrate" },
    ],
    {
      title: "Clean-up crew in",
      detail: "Springtails and woodlice, from two cultures, into charcoal or leaves.",
      handsOnMinutes: 10,
      toHand: ["two cultures"],
    },
  );
  if (variant.shell.groundDepth && ground.crew !== "none" && plants > 0) list.push(crew);
  if (ground.settleWeeks.value > 0)
    list.push(
      step(
        "settle",
        [
          { id: "ground/plant", because: "plants root before an animal digs at them" },
          { id: "ground/lay", because: "substrate settles" },
          ...(ground.crew === "before" ? [{ id: "ground/crew", because: "the crew breeds before it is eaten" }] : []),
        ],
        {
          reaches: ["settled"],
          title: "Settle in",
          detail: `${formatNumber(ground.settleWeeks.value)} weeks planted and running, no animal yet, misted daily at first. Watch: water level, damp at the warm and the cool end, mould, plants, latch, crew.`,
          handsOnMinutes: 15,
          waitMinutes: ground.settleWeeks.value * WEEK_MINUTES,
          waitFor: "roots and crew",
          passSign: "New growth, crew seen, damp steady; mould that came has gone.",
        },
      ),
    );
  if (plants > 0)
    list.push(
      step("watch", [{ reached: "residentsIn", because: "the first weeks are watched" }], {
        title: "Watch the first weeks",
        detail:
          "Each week: the level in the drainage layer, damp at both ends, mould (early is normal, lasting with dying plants is not), plant losses, every latch, the crew, the dish not wicked dry.",
        handsOnMinutes: 15,
        waitMinutes: 4 * WEEK_MINUTES,
        waitFor: "four weeks",
        passSign: "Four weeks without a new loss.",
      }),
    );
  return list;
}
