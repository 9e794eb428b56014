import { Box, Text } from "@chakra-ui/react";
import { memo } from "react";
import type { Figure } from "#core/figures/figure";
import { formatLengthWithUnit, formatMinutes, formatNumber, type LengthDisplay } from "#core/units/format";
import { useBuildHandle, useShown, useUnits } from "../state/context";

/** A figure's value with its unit, as the build shows it. */
export function figureWords(figure: Pick<Figure, "value" | "unit" | "rounding">, units: LengthDisplay): string {
  switch (figure.unit) {
    case "mm":
      return formatLengthWithUnit(figure.value, units, figure.rounding);
    case "min":
      return formatMinutes(figure.value);
    case "1/h":
      return `${formatNumber(figure.value, 1, figure.rounding)} an hour`;
    case "":
      return formatNumber(figure.value, Math.abs(figure.value) < 1 ? 3 : 2, figure.rounding);
    default:
      return `${formatNumber(figure.value, Math.abs(figure.value) < 10 ? 2 : 1, figure.rounding)} ${figure.unit}`;
  }
}

/** A labelled number; with a figure behind it, it opens its working. */
export function Reading({
  label,
  value,
  figure,
  tone = "ink",
}: {
  label: string;
  value: string;
  figure?: string;
  tone?: string;
}) {
  const { openWorking } = useBuildHandle();
  const body = (
    <>
      <Text as="span" display="block" fontSize="xs" color="muted">
        {label}
      </Text>
      <Text as="span" display="block" fontFamily="mono" fontSize="sm" color={tone} fontVariantNumeric="tabular-nums">
        {value}
      </Text>
    </>
  );
  if (!figure) return <Box>{body}</Box>;
  return (
    <Box
      as="button"
      textAlign="left"
      cursor="pointer"
      onClick={() => openWorking(figure)}
      title="Show the working"
      _hover={{ textDecoration: "underline" }}
    >
      {body}
    </Box>
  );
}

/** A figure of the plan by id, as a reading; nothing while the plan has none. */
export const FigureReading = memo(function FigureReading({ id, label }: { id: string; label?: string }) {
  const { units } = useUnits();
  const figure = useShown(({ plan }) => plan.figures.find((f) => f.id === id));
  if (!figure) return null;
  const estimate = figure.estimate ? "about " : "";
  return <Reading label={label ?? figure.label} value={estimate + figureWords(figure, units)} figure={id} />;
});
