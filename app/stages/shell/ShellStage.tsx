import { Box, Grid, SimpleGrid, Stack, Text } from "@chakra-ui/react";
import { type ComponentType, lazy, Suspense, useState } from "react";
import type { Variant } from "#core/document/schema";
import { kindOf } from "#core/shell/kinds/index";
import { Net } from "../../drawing/Net";
import { SectionView } from "../../drawing/SectionView";
import { SurveyDrawing } from "../../drawing/SurveyDrawing";
import { useShown, useUnits } from "../../state/context";
import { Fields, Panel } from "../../ui/Panel";
import { FigureReading } from "../../ui/Reading";
import { Toggle } from "../../ui/Toggle";
import { StageHead } from "../StageHead";
import { DamPanel } from "./DamPanel";
import { FacesPanel } from "./FacesPanel";
import { MassPanel } from "./MassPanel";
import { ShelvesPanel } from "./ShelvesPanel";
import { SurveyFields } from "./SurveyFields";

const Model = lazy(() => import("../../drawing/Model"));

const VIEWS = [
  ["net", "Net"],
  ["sections", "Sections"],
  ["model", "Model"],
] as const;

const CabinetPanels = () => (
  <>
    <ShelvesPanel />
    <DamPanel />
  </>
);

const PanePanel = () => <DamPanel at="damPane" />;

/** What a kind of shell asks beside its survey. */
const OWN_PANELS: Record<Variant["shell"]["kind"], ComponentType | null> = {
  ...{ tank: null, tub: null, roundTub: null },
  ...{ sheet: PanePanel, tankOnEnd: PanePanel },
  cabinet: CabinetPanels,
  frontGlass: DamPanel,
};

/** The shell as found and as finished: net, sections or model above, the survey below. */
export default function ShellStage() {
  const { say, units } = useUnits();
  const { kind, words, inside, outside } = useShown(({ plan }) => {
    const { kind, words, inside, outside } = plan.shell;
    return { kind, words, inside, outside };
  });
  const [view, setView] = useState<(typeof VIEWS)[number][0]>("net");
  const [active, setActive] = useState<string | null>(null);
  const { survey } = kindOf({ kind });
  const OwnPanel = OWN_PANELS[kind];
  const unit = units.unit === "mm" ? " mm" : "";
  const size = (s: typeof inside) => `${say(s.widthMm)} × ${say(s.depthMm)} × ${say(s.heightMm)}${unit}`;
  return (
    <Stack gap="3">
      <StageHead title="Shell" summary={`${words}, ${size(inside)} inside, ${size(outside)} outside`}>
        <Toggle views={VIEWS} shown={view} onShow={setView} />
      </StageHead>
      {view === "net" && <Net />}
      {view === "sections" && <SectionView />}
      {view === "model" && (
        <Suspense fallback={<Text color="muted">The model is on its way…</Text>}>
          <Model />
        </Suspense>
      )}
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        {survey.groups.map((group, i) => (
          <Panel key={group.title} title={group.title}>
            {i === 0 ? (
              <Grid templateColumns={{ base: "1fr", sm: "minmax(0, 1fr) 130px" }} gap="3">
                <SurveyFields fields={group.fields} onFocus={setActive} />
                <Box>
                  <SurveyDrawing survey={survey} active={active} />
                </Box>
              </Grid>
            ) : (
              <SurveyFields fields={group.fields} onFocus={setActive} />
            )}
          </Panel>
        ))}
        {OwnPanel && <OwnPanel />}
        <Panel title="Readings">
          <Fields min="8rem">
            <FigureReading id="shell/volume" />
            <FigureReading id="shell/claim" label="Label and tape" />
            <FigureReading id="shell/mass-shell" label="Bare shell" />
            <FigureReading id="shell/mass-fill" label="Ground or water" />
            <FigureReading id="shell/tipping" />
            <FigureReading id="shell/centre-height" label="Centre of mass, above the floor" />
            <FigureReading id="shell/floor-load" />
            <FigureReading id="shell/top-sag" />
            <FigureReading id="shell/rail-sag" />
            <FigureReading id="shell/joints" label="Joints" />
            <FigureReading id="shell/floor-pour" label="Floor to pour" />
            <FigureReading id="shell/mound" />
            <FigureReading id="panes/lying-base" label="Base pane, stress" />
          </Fields>
        </Panel>
        <MassPanel />
        <FacesPanel />
      </SimpleGrid>
    </Stack>
  );
}
