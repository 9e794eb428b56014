import { Box, Flex, Text } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { FACES } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { layOut } from "#core/slips/layout";
import { facesLeftFor, slipJob } from "#core/slips/trade";

import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { ChoiceField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton, QuietLink } from "../../ui/QuietButton";
import { FigureReading, Reading } from "../../ui/Reading";

const BONDS = [
  ["stack", "joints in line"],
  ["running", "shifted by half a piece"],
] as const;

/** Brick slips and tiles: equal joints from a count, the count from a joint, and where they lie. */
export function SlipsPanel() {
  const { api, buildId } = useBuildHandle();
  const { currency } = useBench().workshop;
  const all = useVariant((v) => v.slips);
  const faces = useShown(({ plan }) => plan.shell.faces);
  const { say } = useUnits();
  const add = () =>
    api.commit((draft) => {
      const chosen = chosenVariant(draft);
      let n = 1;
      while (chosen.slips.some((s) => s.id === `slips-${n}`)) n++;
      chosen.slips.push({
        ...{ id: `slips-${n}`, name: n === 1 ? "Slips" : `Slips ${n}`, face: "back", bond: "running" },
        ...{ width: statedMm(65), height: statedMm(20), joint: statedMm(8), edge: statedMm(0), foot: statedMm(0) },
        ...{ breakagePercent: { typed: "5", value: 5, how: "stated" } },
        ...{ onHand: null, packOf: null, packPrice: null },
      });
    });
  return (
    <Panel title="Slips and tiles">
      <Text fontSize="xs" color="muted" mb="2">
        Type how many there are and the joints come out even; leave it empty and the count comes from the joint. Lay
        them out dry before any glue.
      </Text>
      {all.map((slips, i) => {
        const at = (key: string) => `/slips/${i}/${key}`;
        const job = slipJob(slips, faces);
        const layout = layOut(job);
        const second = layout?.left ? facesLeftFor(slips, layout.left, faces) : [];
        return (
          <Box key={slips.id} borderTopWidth="1px" borderColor="line" py="2">
            <Fields min="7.5rem">
              <ChoiceField
                label="On which face"
                path={at("face")}
                options={FACES.filter((f) => f !== "front").map((f) => [f, f] as const)}
              />
              <ChoiceField label="Rows" path={at("bond")} options={BONDS} />
              <MeasureField label="Piece, wide" path={at("width")} />
              <MeasureField label="Piece, high" path={at("height")} />
              <MeasureField label="Joint wanted" path={at("joint")} />
              <MeasureField label="Free all round" path={at("edge")} />
              <MeasureField label="Begins above the foot" path={at("foot")} />
              <MeasureField label="On hand, pieces" path={at("onHand")} kind="plain" optional />
              <MeasureField label="Breakage" path={at("breakagePercent")} kind="plain" suffix="%" />
              {!slips.onHand && (
                <>
                  <MeasureField label="Pieces in a pack" path={at("packOf")} kind="plain" optional />
                  <MeasureField
                    label="Price of a pack"
                    path={at("packPrice")}
                    kind="plain"
                    suffix={currency}
                    optional
                  />
                </>
              )}
            </Fields>
            {layout && (
              <Box mt="3">
                <Fields min="7.5rem">
                  <FigureReading id={`slips/${slips.id}/joint-across`} label="Joint across" />
                  <FigureReading id={`slips/${slips.id}/joint-up`} label="Joint up" />
                  <Reading label="Rows × pieces" value={`${layout.rows} × ${layout.columns}`} />
                  <Reading label="Whole, halves" value={`${layout.whole}, ${layout.halves}`} />
                  <FigureReading id={`slips/${slips.id}/needed`} label="Takes, with breakage" />
                  {layout.left !== null && (
                    <Reading
                      label="Left over"
                      value={`${layout.left}${second.length > 0 ? `: enough for ${second.join(" or ")}` : ""}`}
                    />
                  )}
                </Fields>
              </Box>
            )}
            <Flex gap="2" mt="2" wrap="wrap">
              {layout && (
                <>
                  <QuietLink to={`/builds/${buildId}/files/slips-${slips.id}-a4.pdf`} reloadDocument>
                    Guide lines, A4
                  </QuietLink>
                  <QuietLink to={`/builds/${buildId}/files/slips-${slips.id}-letter.pdf`} reloadDocument>
                    Guide lines, Letter
                  </QuietLink>
                </>
              )}
              {!layout && (
                <Text role="alert" fontSize="sm" color="stop">
                  {`These do not go on ${say(job.faceWidthMm)} × ${say(Math.max(0, job.faceHeightMm))}: see Snags.`}
                </Text>
              )}
              <QuietButton
                size="xs"
                onClick={() =>
                  api.commit((draft) => {
                    const chosen = chosenVariant(draft);
                    chosen.slips = chosen.slips.filter((s) => s.id !== slips.id);
                  })
                }
              >
                Take them off
              </QuietButton>
            </Flex>
          </Box>
        );
      })}
      <QuietButton size="xs" onClick={add}>
        Lay slips on a face
      </QuietButton>
    </Panel>
  );
}
