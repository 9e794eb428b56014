import { Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/design/variant";
import type { RoundTubShell } from "#core/shell/kinds/roundTub/schema";
import { useBuildHandle, useShown } from "../../state/context";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** The tube to the next box: bore, climb, run and bend. */
export function TubePanel() {
  const { api } = useBuildHandle();
  const { hasTube, heightMm } = useShown(({ design }) => {
    const shell = chosenVariant(design).shell as RoundTubShell;
    return { hasTube: shell.tube !== null, heightMm: Math.round(shell.found.height.value) };
  });
  const setTube = (tube: RoundTubShell["tube"]) =>
    api.commit((draft) => {
      (chosenVariant(draft).shell as RoundTubShell).tube = tube;
    });
  return (
    <Panel title="Tube port">
      {hasTube ? (
        <>
          <Fields min="8rem">
            <MeasureField label="Tube, outside" path="/shell/tube/outer" />
            <MeasureField label="Bore" path="/shell/tube/bore" />
            <MeasureField label="Hole, middle above the base" path="/shell/tube/height" />
            <MeasureField label="Climbs by" path="/shell/tube/rise" />
            <MeasureField label="Over a run of" path="/shell/tube/run" />
            <MeasureField label="Bend radius" path="/shell/tube/bendRadius" />
          </Fields>
          <QuietButton mt="3" onClick={() => setTube(null)}>
            Take the tube out
          </QuietButton>
        </>
      ) : (
        <>
          <Text fontSize="sm" mb="2">
            A tube to a second box: a gentle slope, no kink, flush inside.
          </Text>
          <QuietButton
            onClick={() =>
              setTube({
                outer: statedMm(16),
                bore: statedMm(12),
                height: statedMm(heightMm / 2),
                rise: statedMm(40),
                run: statedMm(200),
                bendRadius: statedMm(60),
              })
            }
          >
            Plan a tube port
          </QuietButton>
        </>
      )}
    </Panel>
  );
}
