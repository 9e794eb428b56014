import { newBox } from "#core/boxes/create";
import { freeId } from "#core/design/freeId";
import { statedMm } from "#core/design/measure";
import { newDivider } from "#core/dividers/create";
import type { Build, Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { PUMPS } from "#core/fixtures/facts";
import { newBlock, newBranch } from "#core/hardscape/create";
import type { Book } from "#core/materials/schema";
import type { Plan } from "#core/plan";
import type { Shell } from "#core/shell/shell";
import { newStream } from "#core/streams/create";
import { newVessel, VESSELS } from "#core/vessels/kinds";
import { VESSEL_KINDS, type VesselKindId } from "#core/vessels/names";
import { newPool } from "#core/vessels/pool";
import { Add } from "../../frame/Add";
import { type Held, useBench, useBuildHandle } from "../../state/context";
import type { Planner } from "../../state/store";

/** Puts one in; it is handed the plan of what is there, for what else it needs of it. */
type Put = (variant: Variant, shell: Shell, book: Book, now: { plan: Plan; planner: Planner }) => Held;

/** A name that tells the second of a kind from the first. */
const named = (list: readonly unknown[], word: string) => (list.length === 0 ? word : `${word} ${list.length + 1}`);

const vessel =
  (kind: VesselKindId): Put =>
  ({ vessels }, { inside }) => {
    const id = freeId(vessels, kind);
    const word = VESSELS[kind].words;
    const own = vessels.filter((x) => x.kind === kind);
    const name = named(own, `${word.charAt(0).toUpperCase()}${word.slice(1)}`);
    vessels.push(newVessel(id, kind, name, Math.round(inside.widthMm / 2), Math.round(inside.depthMm / 2)));
    return { kind: "vessel", id };
  };

const block =
  (of: "stone" | "wood", word: string): Put =>
  ({ hardscape }, { inside }) => {
    const id = freeId(hardscape, word);
    hardscape.push(newBlock(id, of, Math.round(inside.widthMm / 3), Math.round(inside.depthMm / 2)));
    return { kind: "piece", id };
  };

/** Everything that can be put in, in the order it is offered; each makes one of its kind and takes it in hand. */
const PUTS: readonly (readonly [words: string, put: Put])[] = [
  ["a stone", block("stone", "stone")],
  ["a stump", block("wood", "stump")],
  [
    "a branch",
    ({ hardscape }, { inside: { widthMm, depthMm, heightMm } }) => {
      const id = freeId(hardscape, "branch");
      hardscape.push(newBranch(id, widthMm, Math.round(depthMm / 2), Math.round(heightMm / 2)));
      return { kind: "piece", id };
    },
  ],
  [
    "a divider",
    ({ dividers }, shell, book) => {
      const id = freeId(dividers, "divider");
      dividers.push(newDivider(id, named(dividers, "Divider"), book, shell));
      return { kind: "divider", id };
    },
  ],
  [
    "a pool",
    (own, shell) => {
      const id = freeId(own.vessels, "pool");
      const pools = own.vessels.filter((x) => x.kind === "pool");
      own.vessels.push(newPool(id, named(pools, "Pool"), shell, own.dividers));
      own.seal.standingWater ??= statedMm(50);
      return { kind: "pool", id };
    },
  ],
  [
    "a service box",
    ({ boxes }, { inside }, book) => {
      const id = freeId(boxes, "box");
      boxes.push(newBox(id, book, Math.round(inside.widthMm - 45), Math.round(inside.depthMm - 45)));
      return { kind: "box", id };
    },
  ],
  ...VESSEL_KINDS.map((kind) => [`a ${VESSELS[kind].words}`, vessel(kind)] as const),
  [
    "moving water",
    ({ streams, fixtures }, shell, _, { plan, planner }) => {
      const id = freeId(streams, "stream");
      const had = plan.facts.one(PUMPS)?.[0];
      const pump = had ?? planner.newFixture("waterPump", freeId(fixtures, "pump"), "Pump", shell);
      if (!had) fixtures.push(pump as Variant["fixtures"][number]);
      streams.push(newStream(id, named(streams, "Trickle"), pump.id));
      return { kind: "stream", id };
    },
  ],
  [
    "a plant",
    ({ ground: { plants } }) => {
      const id = freeId(plants, "plant");
      plants.push({
        ...{ id, name: `Plant ${id.slice("plant-".length)}`, count: 1, where: "ground", live: true, toxic: false },
        ...{ by: "planted", got: "bought", pot: statedMm(90), height: statedMm(200), spread: statedMm(200) },
      });
      return { kind: "plant", id };
    },
  ],
  [
    "what must be reached",
    ({ service }) => {
      const id = freeId(service, "thing");
      service.push({
        ...{ id, name: named(service, "Filter"), kind: "filter", way: "box" },
        ...{ plug: null, port: null, width: statedMm(50), height: statedMm(60) },
        ...{ wayWidth: statedMm(80), wayHeight: statedMm(100) },
      });
      return { kind: "service", id };
    },
  ],
];

/** What can be put into the room, chosen from a list. */
export function PutIn() {
  const { api, make } = useBuildHandle();
  const { book } = useBench();
  const add = (put: Put) => {
    const { plan } = api.shown.getState();
    make((draft: Build, planner) => put(chosenVariant(draft), plan.shell, book, { plan, planner }));
  };
  return <Add label="Put in" options={PUTS.map(([words, put]) => ({ words, add: () => add(put) }))} />;
}
