import { Text } from "@chakra-ui/react";
import { lazy, useState } from "react";
import { keptApart } from "#core/ground/poolLevel";
import { floorZones } from "#core/ground/zones";
import { baseOf } from "#core/shell/base";
import { poolsOf } from "#core/vessels/split";
import { NET_VIEW, SECTIONS_VIEW, useBoards } from "../../drawing/useBoards";
import { FigureReading } from "../../fields/Reading";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { StackOfLayers } from "../../hand/ground";
import { useShown, useUnits, useVariant } from "../../state/context";
import { Fields } from "../../ui/Panel";
import { Toggle } from "../../ui/Toggle";
import { PutIn } from "./PutIn";

const Drains = lazy(() => import("./Drains").then((m) => ({ default: m.Drains })));

const VIEWS = [SECTIONS_VIEW, NET_VIEW] as const;

/** The middle of the first pool, where sections are cut so that both sides are seen. */
function poolMiddle(site: Parameters<typeof floorZones>[0]): readonly [number, number] | undefined {
  const [pool] = poolsOf(site.variant.vessels);
  if (!pool) return undefined;
  if (pool.zone === null) return [pool.u.value, pool.v.value];
  const outline = floorZones(site).find((z) => z.pool === pool)?.outline;
  if (!outline) return undefined;
  const mean = (i: 0 | 1) => outline.reduce((sum, p) => sum + p[i], 0) / outline.length;
  return [mean(0), mean(1)];
}

/** The one vertical stack: drainage layer, barrier, substrate, water and dam against each other; and what stands in it. */
export default function GroundStage() {
  const { say, units } = useUnits();
  const boards = useBoards();
  const { levels, inside, tray } = useShown(({ plan }) => plan.shell);
  const base = useShown(({ plan }) => baseOf(plan.shell));
  const pool = useShown(({ plan }) => poolMiddle(plan.site));
  const inIt = useVariant((v) => poolsOf(v.vessels)[0]?.id);
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
    { cut: "frontBack" as const, ...(pool && { atMm: pool[0] + stands(inside.widthMm, base.widthMm) }) },
    { cut: "leftRight" as const, ...(pool && { atMm: pool[1] + stands(inside.depthMm, base.depthMm) }) },
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
            {inIt && <FigureReading id={`vessels/${inIt}/litres`} />}
            <FigureReading id="ground/shared-water" />
            <FigureReading id="vessels/conditioner" />
            <FigureReading id="shell/mass-fill" label="Substrate and water weigh" />
          </Fields>
          <Text fontSize="xs" color="muted" mt="1">
            When the drainage is full follows from the month under Air (key 5). Watch the level in the standpipe.
          </Text>
        </RowSheet>
        <RowSheet title="In it" tools={<PutIn />}>
          <ThingRows rows="inIt" />
        </RowSheet>
      </TwoUp>
    </Workbench>
  );
}
