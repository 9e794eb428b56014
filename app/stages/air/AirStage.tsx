import { Text } from "@chakra-ui/react";
import { lazy } from "react";
import { useBoards } from "../../drawing/useBoards";
import { FigureReading } from "../../fields/Reading";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { StartButtons } from "../../frame/StartButtons";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { RoomFields } from "../../hand/brief";
import { useShown } from "../../state/context";
import { Fields } from "../../ui/Panel";

const Covers = lazy(() => import("./Covers").then((m) => ({ default: m.Covers })));

/** Vents: drawn on the net, dragged, sized or typed, with the air they let through. */
export default function AirStage() {
  const boards = useBoards();
  const vents = useShown(({ design, plan }) => ({
    made: design.variants.find((v) => v.id === plan.site.variant.id)!.features.length,
    found: plan.audit.ways.filter((w) => w.vent).map((w) => ({ id: w.id, label: `${w.way.name}, free` })),
  }));
  return (
    <Workbench
      stage="air"
      title="Air"
      summary={
        vents.made + vents.found.length === 0
          ? "no vents yet: start low on one side, high on the other"
          : "drag a vent, size it by its handles, or type where its middle is"
      }
      tools={<StartButtons stage="air" main />}
      board={boards.net()}
      own={{ title: "The room it stands in", fields: <RoomFields /> }}
    >
      <TwoUp>
        <RowSheet
          title="Vents"
          tools={
            <Wide button="Covers side by side" title="What could cover a vent, and still keep them in">
              {() => <Covers />}
            </Wide>
          }
        >
          <ThingRows
            rows="openings"
            only={(t) => t.stage === "air"}
            empty="None yet. Warm air leaves high and is made up for low: give it one of each."
          />
          <ThingRows rows="waysOut" only={(t) => vents.found.some((f) => f.id === t.id)} />
        </RowSheet>
        <RowSheet title="The air comes to">
          <Fields>
            <FigureReading id="air/free" />
            <FigureReading id="air/gaps" label="Gaps, gross" />
            <FigureReading id="air/changes" />
            {vents.found.map(({ id, label }) => (
              <FigureReading key={id} id={`air/${id}/free`} label={label} />
            ))}
          </Fields>
          <Text fontSize="xs" color="muted" mt="1.5">
            Air changes are by warmth alone, 5 K over the room; lamps, fans and draughts come with the climate. Free
            area and screen loss are kept apart. What the shell came with is measured under Shell (key 2) and closed
            under Front & lid (key 4).
          </Text>
        </RowSheet>
      </TwoUp>
    </Workbench>
  );
}
