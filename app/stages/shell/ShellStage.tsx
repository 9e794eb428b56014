import { SimpleGrid, Stack } from "@chakra-ui/react";
import { materialsOf } from "#core/materials/find";
import { Net } from "../../drawing/Net";
import { useBuild, useUnits } from "../../state/context";
import { ChoiceField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

/** The sheet box: sizes, sheet, joints, front frame, with the net above. */
export default function ShellStage() {
  const { bench, plan, variant } = useBuild();
  const { say, units } = useUnits();
  const { inside, outside } = plan.shell;
  const unit = units.unit === "mm" ? " mm" : "";
  const sheets = materialsOf(bench.book, "sheet").map((s) => [s.id, s.name] as const);
  return (
    <Stack gap="3">
      <StageHead
        title="Shell"
        summary={`flat sheet, ${say(inside.widthMm)} × ${say(inside.depthMm)} × ${say(inside.heightMm)}${unit} inside, ${say(outside.widthMm)} × ${say(outside.depthMm)} × ${say(outside.heightMm)}${unit} outside`}
      />
      <Net />
      <SimpleGrid columns={{ base: 1, xl: 2 }} gap="3">
        <Panel title="Size">
          <Fields>
            <MeasureField label="Width" path="/shell/size/width" />
            <MeasureField label="Depth" path="/shell/size/depth" />
            <MeasureField label="Height" path="/shell/size/height" />
            <ChoiceField
              label="These are"
              path="/shell/size/given"
              options={[
                ["inside", "inside sizes"],
                ["outside", "outside sizes"],
              ]}
            />
            <ChoiceField
              label="Depth is measured to"
              path="/shell/size/depthTo"
              options={[
                ["frontEdge", "the front edge"],
                ["behindFront", "back of dam, rails"],
              ]}
            />
            <ChoiceField label="Sheet" path="/shell/material" options={sheets} />
          </Fields>
        </Panel>
        <Panel title="Joints">
          <Fields>
            <ChoiceField
              label="Box"
              path="/shell/joints/box"
              options={[
                ["topBaseOver", "top, base over sides"],
                ["sidesFull", "sides full height"],
              ]}
            />
            <ChoiceField
              label="Back"
              path="/shell/joints/back"
              options={[
                ["overlaid", "laid over the edges"],
                ["inset", "inset between them"],
                ["rabbeted", "in a rabbet"],
              ]}
            />
            {variant.shell.joints.back === "rabbeted" && (
              <MeasureField label="Rabbet, how deep" path="/shell/joints/rabbetDepth" />
            )}
            <ChoiceField
              label="Held by"
              path="/shell/joints/fixing"
              options={[
                ["cementAndScrews", "cement, screws"],
                ["adhesiveAndScrews", "adhesive, screws"],
                ["siliconeOnly", "silicone only"],
              ]}
            />
            <MeasureField label="Screws every" path="/shell/joints/screwSpacing" />
          </Fields>
        </Panel>
        <Panel title="Front frame and ground">
          <Fields>
            <MeasureField label="Dam, how high" path="/shell/front/dam" optional />
            <MeasureField label="Vent rail on it" path="/shell/front/ventRail" optional />
            <MeasureField label="Head rail" path="/shell/front/headRail" optional />
            <MeasureField label="Stiles, how wide" path="/shell/front/stile" optional />
            <MeasureField label="Ground, how deep" path="/shell/groundDepth" optional />
            <MeasureField label="Load on the top" path="/shell/topLoadKg" kind="plain" suffix="kg" />
          </Fields>
        </Panel>
        <Panel title="What comes of it">
          <Fields min="8rem">
            <FigureReading id="shell/volume" />
            <FigureReading id="shell/mass-sheet" />
            <FigureReading id="shell/top-sag" />
            <FigureReading id="shell/rail-sag" />
            <FigureReading id="shell/joints" label="Joints" />
            <FigureReading id="shell/mass-fill" />
          </Fields>
        </Panel>
      </SimpleGrid>
    </Stack>
  );
}
