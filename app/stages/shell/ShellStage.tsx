import { Box, Text } from "@chakra-ui/react";
import { lazy, Suspense, useState } from "react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { newDam } from "#core/shell/dam/create";
import type { CabinetShell } from "#core/shell/kinds/cabinet/schema";
import type { PanelKitShell } from "#core/shell/kinds/panelKit/schema";
import { surveyId } from "#core/things/surveyId";
import { SurveyDrawing } from "../../drawing/SurveyDrawing";
import { NET_VIEW, SECTIONS_VIEW, useBoards } from "../../drawing/useBoards";
import { FigureReading } from "../../fields/Reading";
import { RowSheet, ThingRows } from "../../frame/Rows";
import { StartButtons } from "../../frame/StartButtons";
import { TwoUp } from "../../frame/TwoUp";
import { Wide } from "../../frame/Wide";
import { Workbench } from "../../frame/Workbench";
import { SurveyGroup } from "../../hand/shell";
import { type Held, useBuildHandle, usePicked, useShown, useUnits } from "../../state/context";
import { Fields } from "../../ui/Panel";
import { QuietButton, QuietLink } from "../../ui/QuietButton";
import { Toggle } from "../../ui/Toggle";
import { LargestWayOut } from "./LargestWayOut";
import { MassRows } from "./MassRows";

const PutUpWays = lazy(() => import("./PutUpWays"));
const Model = lazy(() => import("../../drawing/Model"));

const VIEWS = [NET_VIEW, SECTIONS_VIEW, ["model", "Model"]] as const;

/** The shell as found and as finished: net, sections or model; what is measured, what is on its faces, what it weighs. */
export default function ShellStage() {
  const { buildId } = useBuildHandle();
  const { say, units } = useUnits();
  const boards = useBoards();
  const { words, inside, outside } = useShown(({ plan }) => {
    const { words, inside, outside } = plan.shell;
    return { words, inside, outside };
  });
  const isKit = useShown(({ plan }) => plan.shell.putUp !== undefined);
  const [view, setView] = useState<(typeof VIEWS)[number][0]>("net");
  const survey = useShown(({ seen }) => seen.survey);
  const first = survey.groups[0]!;
  const unit = units.unit === "mm" ? " mm" : "";
  const size = (s: typeof inside) => `${say(s.widthMm)} × ${say(s.depthMm)} × ${say(s.heightMm)}${unit}`;
  return (
    <Workbench
      stage="shell"
      title="Shell"
      summary={`${words}, ${size(inside)} inside, ${size(outside)} outside`}
      tools={<Toggle views={VIEWS} shown={view} onShow={setView} />}
      board={
        view === "net"
          ? { ...boards.net(), corner: <Tape /> }
          : view === "sections"
            ? boards.sections()
            : {
                label: "Model",
                whole: (
                  <Suspense fallback={<Text color="muted">The model is on its way…</Text>}>
                    <Model />
                  </Suspense>
                ),
              }
      }
      own={{ title: first.title, fields: <SurveyGroup id={surveyId(first.title)} /> }}
    >
      <TwoUp>
        <RowSheet title="Measured and set in" tools={<PutIn />}>
          <ThingRows rows="measured" />
        </RowSheet>
        <RowSheet title="The shell comes to">
          <Fields>
            <LargestWayOut />
            <FigureReading id="shell/volume" />
            <FigureReading id="shell/claim" label="Label and tape" />
            <FigureReading id="shell/mass-shell" label="Bare shell" />
            <FigureReading id="shell/mass-fill" label="Substrate or water" />
            <FigureReading id="shell/tipping" />
            <FigureReading id="shell/centre-height" label="Centre of mass, above the floor" />
            <FigureReading id="shell/floor-load" />
            <FigureReading id="shell/top-sag" />
            <FigureReading id="shell/rail-sag" />
            <FigureReading id="shell/joints" label="Joints" />
            <FigureReading id="shell/magnets" label="Magnets hold" />
            <FigureReading id="shell/lid-growth" />
            <FigureReading id="shell/growth" label="Longest panel, warm" />
            <FigureReading id="stand/sag" label="Its shelf sags" />
            <FigureReading id="shell/floor-pour" label="Floor to pour" />
            <FigureReading id="shell/mound" />
            <FigureReading id="panes/lying-base" label="Base pane, stress" />
          </Fields>
        </RowSheet>
        <RowSheet title="On the faces" tools={<StartButtons stage="shell" />}>
          <ThingRows
            rows="openings"
            only={(t) => t.stage === "shell"}
            empty="Cables, probes, drains and nozzles pass through ports; keep-outs leave room for mats, lamps and doors. Vents are under Air (key 5)."
          />
          <Text as="span" fontSize="xs" color="muted">
            The back at 1 : 1, tiled and mirrored, to tape outside while you work inside:{" "}
          </Text>
          {(["a4", "letter"] as const).map((paper) => (
            <QuietLink key={paper} size="2xs" to={`/builds/${buildId}/files/back-${paper}.pdf`} reloadDocument mx="1">
              {paper === "a4" ? "A4" : "Letter"}
            </QuietLink>
          ))}
        </RowSheet>
        {isKit && (
          <RowSheet
            title="Flat, or once it stands"
            tools={
              <Wide button="Side by side" title="Coats, slips and foam flat, or once it stands">
                {() => (
                  <Suspense fallback={<Text color="muted">Both are being laid out…</Text>}>
                    <PutUpWays />
                  </Suspense>
                )}
              </Wide>
            }
          >
            <Fields>
              <FigureReading id="put-up/mass" label="As it is put up" />
              <FigureReading id="put-up/heaviest" label="Heaviest panel" />
              <FigureReading id="kit/fasteners" label="Fasteners wanted" />
              <FigureReading id="kit/panels" label="Panels of the box" />
            </Fields>
          </RowSheet>
        )}
        <RowSheet title="Mass by stage">
          <MassRows />
        </RowSheet>
      </TwoUp>
    </Workbench>
  );
}

/** Where the tape runs for the measure whose field is in hand. */
function Tape() {
  const active = usePicked((p) => p.measure);
  const survey = useShown(({ seen }) => seen.survey);
  const field = survey.groups.flatMap((g) => g.fields).find((f) => f.path === active);
  if (!field?.arrow) return null;
  return (
    <Box bg="sheet" borderWidth="1px" borderColor="line" borderRadius="md" p="1.5" w="150px">
      <SurveyDrawing survey={survey} active={active} />
      <Text fontSize="xs" color="fern" fontWeight="bold" lineHeight="1.2">
        {field.label}
      </Text>
    </Box>
  );
}

/** What a kind of shell can be given beside its survey, a button each while it is not there. */
function PutIn() {
  const { make } = useBuildHandle();
  const may = useShown(({ design }) => {
    const shell = chosenVariant(design).shell as unknown as Record<string, unknown> & {
      found?: { shelves?: { material: string }[]; panels?: unknown };
    };
    const free = (key: string) => shell[key] === null;
    const noTray = (shell.tray ?? null) === null;
    return {
      shelf: shell.found?.shelves !== undefined,
      panel: shell.found?.panels !== undefined,
      stand: chosenVariant(design).stand === null,
      tray: free("tray") && (shell.found?.shelves?.some((s) => s.material === "glass") ?? false),
      dam: free("dam") && noTray,
      pane: free("damPane") && noTray,
      floor: free("floor") && noTray,
    };
  });
  const own = (recipe: (shell: never) => Held) =>
    make((draft) => recipe(chosenVariant(draft).shell as unknown as never));
  const dam = (key: "dam" | "damPane") =>
    own((shell: Record<typeof key, unknown>) => {
      shell[key] = newDam(100);
      return { kind: "dam", id: key };
    });
  const panel = async () => {
    const { nextPanel } = await import("#core/shell/kinds/panelKit/next");
    own((shell: PanelKitShell) => {
      const next = nextPanel(shell.found);
      shell.found.panels.push(next);
      return { kind: "kitPanel", id: next.id };
    });
  };
  return (
    <>
      {may.panel && (
        <QuietButton size="xs" onClick={panel}>
          Add a panel
        </QuietButton>
      )}
      {may.stand && (
        <QuietButton
          size="xs"
          onClick={() =>
            make((draft) => {
              chosenVariant(draft).stand = {
                ...{ length: statedMm(1200), depth: statedMm(400), thickness: statedMm(27), board: "timber" },
                brackets: { count: 3, fromEnd: statedMm(100), carries: null },
                ...{ others: [], place: 0 },
              };
              return { kind: "stand", id: "stand" };
            })
          }
        >
          It stands on a shelf
        </QuietButton>
      )}
      {may.shelf && (
        <QuietButton
          size="xs"
          onClick={() =>
            own((shell: CabinetShell) => {
              const { width, depth, faces, shelves } = shell.found;
              let n = shelves.length + 1;
              while (shelves.some((s) => s.name === `Shelf ${n}`)) n++;
              const name = `Shelf ${n}`;
              shelves.push({
                name,
                material: "glass",
                thickness: statedMm(6),
                width: statedMm(Math.round(width.value - faces.left.thickness.value - faces.right.thickness.value - 8)),
                depth: statedMm(Math.round(depth.value - faces.back.thickness.value - faces.front.thickness.value - 8)),
                count: 1,
                use: "keep",
              });
              return { kind: "shelf", id: name };
            })
          }
        >
          Add a shelf
        </QuietButton>
      )}
      {may.tray && (
        <QuietButton
          size="xs"
          onClick={() =>
            own((shell: CabinetShell) => {
              shell.tray = { height: statedMm(100) };
              for (const shelf of shell.found.shelves) if (shelf.material === "glass") shelf.use = "cutUp";
              return { kind: "tray", id: "tray" };
            })
          }
        >
          Cut the glass shelves into a tray
        </QuietButton>
      )}
      {may.dam && (
        <QuietButton size="xs" onClick={() => dam("dam")}>
          Set a dam across the front
        </QuietButton>
      )}
      {may.pane && (
        <QuietButton size="xs" onClick={() => dam("damPane")}>
          Set a pane behind the front frame
        </QuietButton>
      )}
      {may.floor && (
        <QuietButton
          size="xs"
          onClick={() =>
            own((shell: { floor: unknown }) => {
              shell.floor = { source: { of: "bought", material: "glass-4" } };
              return { kind: "secondFloor", id: "secondFloor" };
            })
          }
        >
          Bed a second floor on the base
        </QuietButton>
      )}
    </>
  );
}
