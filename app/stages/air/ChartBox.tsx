import { Box, type BoxProps, Text } from "@chakra-ui/react";
import type { EChartsCoreOption } from "echarts/core";
import { useChart } from "../../drawing/useChart";

/** Curves with what they come to in words over them; empty until there are some. */
export function ChartBox({
  height,
  words,
  name = words,
  option,
  ...marks
}: {
  height: BoxProps["height"];
  words: string;
  /** For who cannot see the curves. */
  name?: string;
  option: EChartsCoreOption | null;
} & Record<`data-${string}`, string | boolean>) {
  return (
    <Box
      position="relative"
      overflow="hidden"
      minWidth="0"
      flex="0 0 auto"
      height={height}
      minHeight="200px"
      {...marks}
    >
      <Text position="absolute" top="0" right="4" fontSize="xs" color="muted" zIndex="1" aria-live="polite">
        {words}
      </Text>
      {option && <Drawn option={option} name={name} />}
    </Box>
  );
}

function Drawn({ option, name }: { option: EChartsCoreOption; name: string }) {
  const box = useChart(option);
  return <Box ref={box} h="100%" role="img" aria-label={name} />;
}
