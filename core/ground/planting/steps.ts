import type { Step } from "../../ledgers/ledger";
import type { Site } from "../../shell/site";
import { formatNumber } from "../../units/format";
import { RATES } from "../../workshop/rates";
import { rootedWords } from "./rooted";
import { CULTURE, PLANT, rootedMaterials } from "./supplies";

const WEEK_MINUTES = 7 * 1440;

const ROOTS = {
  strip: "Old soil and pellets off every root, leaves rinsed.",
  keepSome: "Old soil off, some root ball kept on ferns.",
  leave: "Roots left as they came, leaves rinsed.",
} as const;

type Make = (
  id: string,
  after: Step["after"],
  own: Pick<Step, "title" | "detail" | "handsOnMinutes"> & Partial<Step>,
) => Step;

/** Plants, the crew that cleans up, the weeks they settle, and the weeks they are watched. */
export function plantSteps(site: Site, step: Make): Step[] {
  const { ground, shell } = site.variant;
  const list: Step[] = [];
  const live = ground.plants.filter((p) => p.live);
  const plants = ground.plants.reduce((n, p) => n + p.count, 0);
  const bought = ground.plants.some((p) => p.got === "bought") ? [PLANT] : [];
  if (live.length > 0 && ground.quarantineDays.value > 0)
    list.push(
      step("quarantine", [{ reached: "fetched", because: "the plants must be there" }], {
        uses: bought,
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
          { reached: "substrateIn", because: "roots want substrate; large things are set before plants" },
          { reached: "waterIn", because: "banks shift while water is let in" },
          { id: "ground/quarantine", because: "pests come in with plants" },
          { reached: "airedOut", because: "fumes are over before leaves" },
          { reached: "wallsUp", because: "what grows on a wall wants the wall" },
        ],
        {
          reaches: ["planted"],
          uses: [...bought, ...rootedMaterials(site)],
          title: `Plant ${plants} ${plants === 1 ? "plant" : "plants"}`,
          detail: `${ground.plants.map((p) => `${p.count} × ${p.name}, ${rootedWords(p)}`).join("; ")}.`,
          handsOnMinutes: RATES.plantEach.value * plants,
          work: "plant",
          toHand: [bought.length > 0 ? "plants" : "the plants you found", "spray bottle"],
          passSign: "No fertiliser, no perlite, adult sizes fit.",
        },
      ),
    );
  if (shell.groundDepth && ground.crew !== "none" && plants > 0)
    list.push(
      step(
        "crew",
        [
          ground.crew === "after"
            ? { reached: "residentsIn", because: "once there is waste to feed them" }
            : { id: "ground/plant", because: "they breed while the plants root" },
          { reached: "substrateIn", because: "they live in the substrate" },
        ],
        {
          uses: [CULTURE],
          title: "Clean-up crew in",
          detail: "Springtails and woodlice, from two cultures, into charcoal or leaves.",
          handsOnMinutes: 10,
          toHand: ["two cultures"],
        },
      ),
    );
  if (ground.settleWeeks.value > 0)
    list.push(
      step(
        "settle",
        [
          { id: "ground/plant", because: "plants root before an animal digs at them" },
          { reached: "substrateIn", because: "substrate settles" },
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
