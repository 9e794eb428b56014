import { Box, Text } from "@chakra-ui/react";
import { type ComponentProps, lazy, Suspense, useEffect, useState } from "react";
import type { DayAnswer } from "#core/day/answer";
import { DAY } from "#core/day/facts";
import { foggedHours } from "#core/day/rules/water";
import { capital } from "#core/units/capital";
import { formatNumber } from "#core/units/format";
import { NET_VIEW, useBoards } from "../../drawing/useBoards";
import { FigureReading } from "../../fields/Reading";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { StartButtons } from "../../frame/StartButtons";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { RoomFields } from "../../hand/brief";
import { usePicked, useShown } from "../../state/context";
import { Fields } from "../../ui/Panel";
import { BOARD_HEIGHT } from "../../ui/room";
import { Toggle } from "../../ui/Toggle";
import { useJobs } from "./useJobs";

// The curves are fetched with what draws them, apart from the rest of the page.
const AirChart = lazy(() => import("./AirChart").then((m) => ({ default: m.AirChart })));
const GaugeChart = lazy(() => import("./GaugeChart").then((m) => ({ default: m.GaugeChart })));
const HowSure = lazy(() => import("./HowSure"));
const Levers = lazy(() => import("./Levers"));
const AirGauge = lazy(() => import("./AirGauge"));
const Covers = lazy(() => import("./Covers").then((m) => ({ default: m.Covers })));

const VIEWS = [["day", "The day"], ["month", "The month"], ["gauge", "The gauge"], NET_VIEW] as const;

/** Vents drawn on the net, and the air that comes of them as curves. */
export default function AirStage() {
  const boards = useBoards();
  const jobs = useJobs();
  const [view, setView] = useState<(typeof VIEWS)[number][0]>("day");
  // What is taken in hand is seen where it is, with the day under it.
  const held = usePicked((p) => p.held[0]?.id);
  useEffect(() => {
    if (held !== undefined) setView("net");
  }, [held]);
  const vents = useShown(({ design, plan }) => ({
    made: design.variants.find((v) => v.id === plan.site.variant.id)!.features.length,
    found: plan.audit.ways.filter((w) => w.vent).map((w) => ({ id: w.id, label: `${w.way.name}, free` })),
  }));
  const day = useShown(({ plan }) => plan.facts.one(DAY));
  return (
    <Workbench
      stage="air"
      title="Air"
      summary={
        vents.made + vents.found.length === 0
          ? "no vents yet: start low on one side, high on the other"
          : "as it will be"
      }
      tools={
        <>
          <StartButtons stage="air" main />
          <Toggle views={VIEWS} shown={view} onShow={setView} />
        </>
      }
      board={
        view === "net"
          ? boards.net()
          : {
              label: "The air as it will be",
              whole: view === "gauge" ? <GaugeBoard /> : <Curves of={view} height={BOARD_HEIGHT} board />,
            }
      }
      own={{ title: "The room it stands in", fields: <RoomFields /> }}
    >
      <TwoUp>
        {view !== "net" && (
          <Suspense fallback={null}>
            {view === "gauge" && <AirGauge job={jobs.fit} />}
            <Levers job={jobs.levers} />
            <HowSure />
            {view !== "gauge" && <AirGauge job={jobs.fit} />}
          </Suspense>
        )}
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
        {view === "net" ? (
          <RowSheet title="The day">
            <Curves of="day" height="240px" />
          </RowSheet>
        ) : (
          <RowSheet title="The air comes to">
            <Fields>
              {FIGURES.map((id) => (
                <FigureReading key={id} id={id} />
              ))}
              <FigureReading id="air/gaps" label="Gaps, gross" />
              {vents.found.map(({ id, label }) => (
                <FigureReading key={id} id={`air/${id}/free`} label={label} />
              ))}
            </Fields>
            <Text fontSize="xs" color="muted" mt="1.5">
              {`${fogWords(day?.answer)}${day?.answer ? "" : "The day is being worked out; until then the air changes by warmth alone. "}${day && day.taken.length > 0 ? `${capital(day.taken.join("; "))}. ` : ""}Places within the shell are not told apart.`}
            </Text>
          </RowSheet>
        )}
      </TwoUp>
    </Workbench>
  );
}

/** The curves, and until they are there the room that they take. */
const Curves = (props: ComponentProps<typeof AirChart>) => (
  <Suspense fallback={<Box flex="0 0 auto" height={props.height} {...(props.board && { "data-board": true })} />}>
    <AirChart {...props} />
  </Suspense>
);

const GaugeBoard = () => (
  <Suspense fallback={<Box flex="0 0 auto" height={BOARD_HEIGHT} data-board />}>
    <GaugeChart height={BOARD_HEIGHT} />
  </Suspense>
);

/** What the day comes to, as far as it is known. */
const FIGURES = [
  ...(["day/temp", "day/rh", "air/changes", "day/misted", "day/to-air", "day/to-drain"] as const),
  ...(["day/dries", "day/cut", "ground/days-to-fill", "air/free"] as const),
];

/** Which walls are wet with condensation, and for how long. */
function fogWords(answer: DayAnswer | undefined): string {
  const wet = answer ? foggedHours(answer).map((f) => `${f.face} ${formatNumber(f.wetHours, 0)} h`) : [];
  return wet.length > 0 ? `Fog a day: ${wet.join(", ")}. ` : "";
}
