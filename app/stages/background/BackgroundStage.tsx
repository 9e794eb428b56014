import { Box, Button, Grid, Stack, Text } from "@chakra-ui/react";
import { useState } from "react";
import { BUILD_UP } from "#core/background/buildUps";
import { coversOf } from "#core/background/cover";
import { newWall } from "#core/background/create";
import { liftsOf } from "#core/background/foam";
import { WALLS, type WallId } from "#core/background/names";
import { chosenVariant } from "#core/document/variant";
import { Elevation } from "../../drawing/Elevation";
import { Net } from "../../drawing/Net";
import { OneSection } from "../../drawing/SectionView";
import { useBuild, usePicked } from "../../state/context";
import { Panel } from "../../ui/Panel";
import { Toggle } from "../../ui/Toggle";
import { StageHead } from "../StageHead";
import { Compare } from "./Compare";
import { InOrder } from "./InOrder";
import { PanelsSaveLine } from "./PanelsSaveLine";
import { Swatches } from "./Swatches";
import { WallFields } from "./WallFields";
import { WallReadings } from "./WallReadings";
import { Zones } from "./Zones";

const words = (n: number, one: string, many: string) => (n === 1 ? `one ${one}` : `${n} ${many}`);

/** Each wall looking in, its section beside it, its order of work, and the ways to build and finish it side by side. */
export default function BackgroundStage() {
  const { plan, variant, api } = useBuild();
  const walls = WALLS.filter((f) => !plan.shell.faces[f].open);
  const [view, setView] = useState<WallId | "net">(walls[0] ?? "net");
  const chosen = usePicked((p) => p.chosen);
  const face = view === "net" ? undefined : view;
  const at = variant.background.walls.findIndex((w) => w.face === face);
  const wall = variant.background.walls[at];
  const cover = coversOf(plan.shell, variant).find((c) => c.wall.face === face);
  const zone = variant.background.zones.find((z) => z.id === chosen && z.face === face);
  const summary = !face
    ? "every wall; drag a zone, or type where its middle is"
    : wall
      ? `${face} wall · ${BUILD_UP[wall.buildUp].name.toLowerCase()}${cover && (wall.buildUp === "foam" || wall.buildUp === "panels") ? `, ${words(liftsOf(cover), "lift", "lifts")}` : ""}`
      : `${face} wall · nothing planned`;
  const begin = () =>
    api.commit((draft) => {
      if (face) chosenVariant(draft).background.walls.push(newWall(face));
    });
  return (
    <Stack gap="3">
      <StageHead title="Background" summary={summary}>
        <Toggle
          views={[
            ...walls.map((id) => [id, `${id[0]!.toUpperCase()}${id.slice(1)}`] as const),
            ["net", "All, on the net"] as const,
          ]}
          shown={view}
          onShow={setView}
        />
      </StageHead>
      {!face && <Net />}
      {!face && <PanelsSaveLine />}
      {face && (
        <Grid templateColumns={{ base: "1fr", xl: "minmax(0, 1.25fr) minmax(0, 1fr)" }} gap="3" alignItems="start">
          <Elevation face={face} />
          <Box>
            <Text fontSize="xs" fontWeight="bold" mb="1">
              {`Section ${zone ? `through ${zone.name || "the chosen zone"}` : "through the middle"} · every level`}
            </Text>
            <OneSection cut={face === "back" ? "frontBack" : "leftRight"} {...(zone && { atMm: zone.u.value })} />
          </Box>
        </Grid>
      )}
      {face && !wall && (
        <Panel>
          <Text mb="2">
            Nothing is planned on this wall. A start is foam in two lifts, carved, with fibre on it; every part of it
            can be changed, and other ways are shown beside it.
          </Text>
          <Button size="sm" bg="fern" color="fernInk" onClick={begin}>
            {`Build the ${face} up`}
          </Button>
        </Panel>
      )}
      {face && wall && (
        <>
          <InOrder face={face} />
          <WallReadings wall={wall} />
          <WallFields key={face} wall={wall} index={at} />
          <Zones face={face} />
          <Compare wall={wall} index={at} />
          <PanelsSaveLine />
        </>
      )}
      <Swatches />
    </Stack>
  );
}
