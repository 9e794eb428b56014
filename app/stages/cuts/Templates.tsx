import { Box, Flex, Text } from "@chakra-ui/react";
import { featureName } from "#core/features/feature";
import { cornerFile, hasTemplate, templateFile } from "#files/templateFile";
import { RowSheet } from "../../frame/Rows";
import { useBuildHandle, useVariant } from "../../state/context";
import { QuietLink } from "../../ui/QuietButton";

const SIDES = ["inside", "outside"] as const;
const PAPERS = [
  ["a4", "A4"],
  ["letter", "Letter"],
] as const;

/** Templates at true size of all that is drilled or cut through a face, and of corners cut out of odd parts. */
export function Templates() {
  const { buildId } = useBuildHandle();
  const features = useVariant((v) => v.features).filter(hasTemplate);
  const corners = useVariant((v) => v.oddParts).filter((odd) => odd.corners);
  if (features.length + corners.length === 0) return null;
  return (
    <RowSheet title="Templates at 1 : 1">
      <Text fontSize="xs" color="muted" mb="2">
        Tape one on, prick every cross through, drill slowly with a board behind. Measure the bar on the page first: it
        is 100 mm.
      </Text>
      {features.map((feature) => (
        <Flex key={feature.id} gap="1" py="0.5" align="center" wrap="wrap">
          <Box flex="1" minW="8rem" fontSize="sm">
            {featureName(feature)}, {feature.face}
          </Box>
          {SIDES.flatMap((side) =>
            PAPERS.map(([paper, words]) => (
              <QuietLink
                key={side + paper}
                to={`/builds/${buildId}/files/${templateFile(feature, side, paper)}`}
                reloadDocument
              >
                {`${side}, ${words}`}
              </QuietLink>
            )),
          )}
        </Flex>
      ))}
      {corners.map((odd) => (
        <Flex key={odd.id} gap="3" py="1" align="center" wrap="wrap">
          <Box minW="11rem" fontSize="sm">
            {odd.label}, corner
          </Box>
          {PAPERS.map(([paper, words]) => (
            <QuietLink key={paper} to={`/builds/${buildId}/files/${cornerFile(odd.id, paper)}`} reloadDocument>
              {words}
            </QuietLink>
          ))}
        </Flex>
      ))}
    </RowSheet>
  );
}
