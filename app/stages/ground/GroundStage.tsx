import { Box, Grid, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { keptApart } from "#core/ground/poolLevel";
import { siteFloor } from "#core/ground/site";
import { OneSection } from "../../drawing/SectionView";
import { useShown, useUnits, useVariant } from "../../state/context";
import { Fields, Panel } from "../../ui/Panel";
import { FigureReading } from "../../ui/Reading";
import { Toggle } from "../../ui/Toggle";
import { StageHead } from "../StageHead";
import { Layers } from "./Layers";
import { Mix } from "./Mix";
import { Planting } from "./Planting";
import { PoolPanel } from "./PoolPanel";
import { ServicePanel } from "./ServicePanel";

const CUTS = [
  ["frontBack", "Front to back"],
  ["leftRight", "Left to right"],
] as const;

/** The one vertical stack: drain layer, barrier, ground, water and dam against each other; mix, pool, plants, service. */
export default function GroundStage() {
  const { say, units } = useUnits();
  const { levels, inside, tray } = useShown(({ plan }) => plan.shell);
  const floor = useShown(({ plan }) => siteFloor(plan.site));
  const pool = useVariant((v) => v.ground.pool);
  const apart = useVariant(keptApart);
  // A pool that reaches from front to back is seen beside its land from the front.
  const [cut, setCut] = useState<"frontBack" | "leftRight">(pool ? "leftRight" : "frontBack");
  const unit = units.unit === "mm" ? " mm" : "";
  const summary = [
    levels.groundMm > 0 ? `ground to ${say(levels.groundMm)}${unit}` : "no ground yet",
    levels.drainMm > 0 ? `drain layer ${say(levels.drainMm)}${unit}` : "no drain layer",
    levels.waterMm > 0
      ? `water ${say(levels.waterMm)}${unit}${apart ? ", kept in the pool" : ""}`
      : "no standing water",
  ].join(", ");
  // Through the pool where it has one, so that both sides are seen.
  const stands = (room: number, own: number) => (tray ? (room - own) / 2 : 0);
  const at =
    pool &&
    (cut === "frontBack"
      ? pool.u.value + stands(inside.widthMm, floor.widthMm)
      : pool.v.value + stands(inside.depthMm, floor.depthMm));
  return (
    <Stack gap="3">
      <StageHead title="Water & ground" summary={summary}>
        <Toggle views={CUTS} shown={cut} onShow={setCut} />
      </StageHead>
      <Grid templateColumns={{ base: "1fr", xl: "minmax(0, 1.15fr) minmax(0, 1fr)" }} gap="3" alignItems="start">
        <Stack gap="3">
          <Box bg="sheet" borderWidth="1px" borderColor="line" borderRadius="md" p="2">
            <Text fontSize="xs" color="muted" mb="1">
              {`Section ${cut === "frontBack" ? "front to back, front at the left" : "left to right, from the front"}${pool ? ", through the pool" : ""}`}
            </Text>
            <OneSection cut={cut} {...(at !== null && { atMm: at })} />
          </Box>
          <Panel title="Readings">
            <Fields min="9rem">
              <FigureReading id="ground/mix" />
              <FigureReading id="ground/capacity" />
              <FigureReading id="ground/days-to-fill" />
              <FigureReading id="ground/pool" />
              <FigureReading id="ground/conditioner" />
              <FigureReading id="ground/ramp" />
              <FigureReading id="shell/mass-fill" label="Ground and water weigh" />
            </Fields>
            <Text fontSize="xs" color="muted" mt="2">
              The balance of misting and drain layer is a simple one; the climate comes later. Watch the level in the
              standpipe.
            </Text>
          </Panel>
        </Stack>
        <Layers />
      </Grid>
      <Mix />
      <PoolPanel />
      <Planting />
      <ServicePanel />
    </Stack>
  );
}
