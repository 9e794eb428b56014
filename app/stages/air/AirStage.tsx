import { Button, Stack, Text } from "@chakra-ui/react";
import { memo } from "react";
import { chosenVariant } from "#core/document/variant";
import { isVent } from "#core/features/vents";
import { Net } from "../../drawing/Net";
import { useStarts } from "../../features/useStarts";
import { useShown } from "../../state/context";
import { FeatureCard } from "../../ui/FeatureCard";
import { Fields, Panel } from "../../ui/Panel";
import { FigureReading } from "../../ui/Reading";
import { StageHead } from "../StageHead";

/** Vents: drawn on the net, dragged or typed, with the air they let through. */
export default function AirStage() {
  const variant = useShown(({ design }) => {
    const { id, features } = chosenVariant(design);
    return { id, vents: features.flatMap((f, index) => (isVent(f) ? [{ id: f.id, index }] : [])) };
  });
  const hasAir = useShown(({ plan }) => plan.figures.some((f) => f.id === "air/changes"));
  const found = useShown(({ plan }) =>
    plan.audit.ways.filter((w) => w.vent).map((w) => ({ id: w.id, label: `${w.way.name}, free` })),
  );
  const vents = variant.vents.length;
  return (
    <Stack gap="3">
      <StageHead
        title="Air"
        summary={
          vents === 0 && found.length > 0
            ? `${found.length} ${found.length === 1 ? "vent" : "vents"} as found`
            : vents === 0
              ? "no vents yet: start low on one side, high on the other"
              : `${vents} ${vents === 1 ? "vent" : "vents"}; drag one, or type where its middle is`
        }
      >
        <AddButtons />
      </StageHead>
      <Net />
      {hasAir && (
        <Panel>
          <Fields min="8rem">
            <FigureReading id="air/free" />
            <FigureReading id="air/gaps" label="Gaps, gross" />
            <FigureReading id="air/changes" />
          </Fields>
          <Text fontSize="xs" color="muted" mt="2">
            Air changes are by warmth alone, 5 K over the room; lamps, fans and draughts come with the climate. Free
            area and screen loss are kept apart.
          </Text>
        </Panel>
      )}
      {found.length > 0 && (
        <Panel title="As found">
          <Fields min="8rem">
            {found.map(({ id, label }) => (
              <FigureReading key={id} id={`air/${id}/free`} label={label} />
            ))}
          </Fields>
          <Text fontSize="xs" color="muted" mt="2">
            What the shell came with is measured under Shell (key 2), and closed under Front & lid (key 4).
          </Text>
        </Panel>
      )}
      {variant.vents.map(({ id, index }) => (
        <FeatureCard key={id} index={index} variantId={variant.id} />
      ))}
    </Stack>
  );
}

const AddButtons = memo(function AddButtons() {
  return useStarts("air").map(({ button, add }) => (
    <Button key={button} size="xs" bg="fern" color="fernInk" onClick={add}>
      {button}
    </Button>
  ));
});
