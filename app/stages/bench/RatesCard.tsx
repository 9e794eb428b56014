import { Box, Text } from "@chakra-ui/react";
import { basisWords } from "#core/figures/figure";
import { formatNumber } from "#core/units/format";
import { useBuildHandle, useShown } from "../../state/context";
import { Card } from "./parts";

/** The builder's own rates as the log has taught them, beside the ones everyone starts from. */
export function RatesCard() {
  const { openWorking } = useBuildHandle();
  const figures = useShown(({ plan }) => plan.figures.filter((f) => f.id.startsWith("bench/")));
  if (figures.length === 0) return null;
  const times = (n: number) => formatNumber(n, 2);
  return (
    <Card over="Your own hand, as the log has taught it">
      {figures.map(({ id, label, value, low, high, inputs }) => (
        <Box
          key={id}
          as="button"
          display="flex"
          width="100%"
          justifyContent="space-between"
          alignItems="center"
          gap="3"
          minH="44px"
          textAlign="left"
          borderTopWidth="1px"
          borderColor="line"
          cursor="pointer"
          onClick={() => openWorking(id)}
        >
          <Text as="span" flex="1">
            {label.replace(/, (your own hand|what you use of it)$/, "")}
            <Text as="span" display="block" fontSize="xs" color="muted">
              {inputs[0]?.basis ? basisWords(inputs[0].basis) : ""}
            </Text>
          </Text>
          <Text as="span" fontFamily="mono" whiteSpace="nowrap">
            {`${times(value)} × (${times(low ?? value)}–${times(high ?? value)})`}
          </Text>
        </Box>
      ))}
    </Card>
  );
}
