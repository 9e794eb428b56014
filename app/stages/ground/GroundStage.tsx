import { Text } from "@chakra-ui/react";
import { lazy, useState } from "react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { keptApart } from "#core/ground/poolLevel";
import { siteFloor } from "#core/ground/site";
import { newBlock, newBranch } from "#core/hardscape/create";
import type { Piece } from "#core/hardscape/schema";
import { freeThingId } from "#core/things/handle";
import { NET_VIEW, SECTIONS_VIEW, useBoards } from "../../drawing/useBoards";
import { FigureReading } from "../../fields/Reading";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { StackOfLayers } from "../../hand/ground";
import { useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { Fields } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";
import { Toggle } from "../../ui/Toggle";

const Drains = lazy(() => import("./Drains").then((m) => ({ default: m.Drains })));

const VIEWS = [SECTIONS_VIEW, NET_VIEW] as const;

/** The one vertical stack: drainage layer, barrier, substrate, water and dam against each other; and what stands in it. */
export default function GroundStage() {
  const { say, units } = useUnits();
  const boards = useBoards();
  const { levels, inside, tray } = useShown(({ plan }) => plan.shell);
  const floor = useShown(({ plan }) => siteFloor(plan.site));
  const pool = useVariant((v) => v.ground.pool);
  const apart = useVariant(keptApart);
  const [view, setView] = useState<(typeof VIEWS)[number][0]>("sections");
  const unit = units.unit === "mm" ? " mm" : "";
  const summary = [
    levels.groundMm > 0 ? `substrate to ${say(levels.groundMm)}${unit}` : "no substrate yet",
    levels.drainMm > 0 ? `drainage layer ${say(levels.drainMm)}${unit}` : "no drainage layer",
    levels.waterMm > 0
      ? `water ${say(levels.waterMm)}${unit}${apart ? ", kept in the pool" : ""}`
      : "no standing water",
  ].join(", ");
  // Through the pool where it has one, so that both sides are seen.
  const stands = (room: number, own: number) => (tray ? (room - own) / 2 : 0);
  const cuts = [
    { cut: "frontBack" as const, ...(pool && { atMm: pool.u.value + stands(inside.widthMm, floor.widthMm) }) },
    { cut: "leftRight" as const, ...(pool && { atMm: pool.v.value + stands(inside.depthMm, floor.depthMm) }) },
  ];
  return (
    <Workbench
      stage="ground"
      title="Water & substrate"
      summary={summary}
      tools={<Toggle views={VIEWS} shown={view} onShow={setView} />}
      board={view === "sections" ? boards.sections(cuts) : boards.net()}
      own={{ title: "From the base up", fields: <StackOfLayers /> }}
    >
      <TwoUp>
        <RowSheet
          title="Layers and levels"
          tools={
            <Wide button="Drains side by side" title="Ways to drain the floor, side by side">
              {() => <Drains />}
            </Wide>
          }
        >
          <ThingRows rows="levels" />
        </RowSheet>
        <RowSheet title="The floor comes to">
          <Fields>
            <FigureReading id="ground/mix" />
            <FigureReading id="ground/capacity" />
            <FigureReading id="ground/days-to-fill" />
            <FigureReading id="ground/pool" />
            <FigureReading id="ground/conditioner" />
            <FigureReading id="ground/ramp" />
            <FigureReading id="shell/mass-fill" label="Substrate and water weigh" />
          </Fields>
          <Text fontSize="xs" color="muted" mt="1">
            The balance of misting and drainage layer is a simple one; the climate comes later. Watch the level in the
            standpipe.
          </Text>
        </RowSheet>
        <RowSheet title="In it" tools={<PutIn />}>
          <ThingRows rows="inIt" />
        </RowSheet>
      </TwoUp>
    </Workbench>
  );
}

/** What can be put into it, a button each. */
function PutIn() {
  const { api, make } = useBuildHandle();
  const { pool, dish } = useShown(({ plan }) => {
    const { pool, dish } = plan.site.variant.ground;
    return { pool: pool !== null, dish: dish !== null };
  });
  const addPool = () =>
    make((draft) => {
      const floor = siteFloor(api.shown.getState().plan.site);
      const own = chosenVariant(draft);
      const width = Math.round(floor.widthMm * 0.35);
      own.ground.pool = {
        ...{ u: statedMm(Math.round(floor.widthMm - width / 2)), v: statedMm(Math.round(floor.depthMm / 2)) },
        ...{ width: statedMm(width), length: statedMm(Math.floor(floor.depthMm)) },
        ...{ divider: own.seal.dividers[0]?.id ?? null, wayOut: "ramp", ramp: statedMm(40) },
      };
      own.seal.standingWater ??= statedMm(50);
      return { kind: "pool", id: "pool" };
    });
  const addDish = () =>
    make((draft) => {
      chosenVariant(draft).ground.dish = { volume: { typed: "300 mL", value: 300, how: "stated" }, wicked: false };
      return { kind: "dish", id: "dish" };
    });
  const addPlant = () =>
    make((draft) => {
      const { plants } = chosenVariant(draft).ground;
      const id = freeThingId(plants, "plant");
      plants.push({
        ...{ id, name: `Plant ${id.slice("plant-".length)}`, count: 1, where: "ground", live: true, toxic: false },
        ...{ pot: statedMm(90), height: statedMm(200), spread: statedMm(200) },
      });
      return { kind: "plant", id };
    });
  const addService = () =>
    make((draft) => {
      const { service } = chosenVariant(draft);
      const id = freeThingId(service, "thing");
      service.push({
        ...{ id, name: service.length === 0 ? "Pump" : `Thing ${service.length + 1}`, kind: "pump", way: "box" },
        ...{ plug: null, port: null, width: statedMm(50), height: statedMm(60) },
        ...{ wayWidth: statedMm(80), wayHeight: statedMm(100) },
      });
      return { kind: "service", id };
    });
  const addPiece = (shape: Piece["shape"], of: Piece["of"]) =>
    make((draft) => {
      const { shell } = api.shown.getState().plan;
      const { hardscape } = chosenVariant(draft);
      const id = freeThingId(hardscape, of === "stone" ? "stone" : shape === "branch" ? "branch" : "stump");
      const { widthMm, depthMm, heightMm } = shell.inside;
      hardscape.push(
        shape === "branch"
          ? newBranch(id, widthMm, Math.round(depthMm / 2), Math.round(heightMm / 2))
          : newBlock(id, of, Math.round(widthMm / 3), Math.round(depthMm / 2)),
      );
      return { kind: "piece", id };
    });
  return (
    <>
      {(
        [
          ["Add a stone", "block", "stone"],
          ["Add a stump", "block", "wood"],
          ["Add a branch", "branch", "wood"],
        ] as const
      ).map(([words, shape, of]) => (
        <QuietButton key={words} size="xs" onClick={() => addPiece(shape, of)}>
          {words}
        </QuietButton>
      ))}
      {!pool && (
        <QuietButton size="xs" onClick={addPool}>
          Put a pool in
        </QuietButton>
      )}
      {!dish && (
        <QuietButton size="xs" onClick={addDish}>
          Put a dish in
        </QuietButton>
      )}
      <QuietButton size="xs" onClick={addPlant}>
        Add a plant
      </QuietButton>
      <QuietButton size="xs" onClick={addService}>
        Add what must be reached
      </QuietButton>
    </>
  );
}
