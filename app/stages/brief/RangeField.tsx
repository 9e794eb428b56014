import { Field, Flex, Input, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { formatNumber } from "#core/units/format";
import { parseDecimal } from "#core/units/number";
import { parseTemperatureC } from "#core/units/quantity";
import { useDecision } from "../../state/context";

export interface Range {
  low: number;
  high: number;
}

/** A lower and an upper end, e.g. the room's coolest and warmest; temperatures may be typed in °F. */
export function RangeField({ label, unit, path }: { label: string; unit: "°C" | "% rh"; path: string }) {
  const { value, commit } = useDecision<Range>(path);
  const [texts, setTexts] = useState([formatNumber(value.low), formatNumber(value.high)]);
  const [error, setError] = useState<string | null>(null);
  useEffect(() => setTexts([formatNumber(value.low), formatNumber(value.high)]), [value.low, value.high]);
  const read = (text: string): number | string => {
    if (unit === "°C") {
      const temperature = parseTemperatureC(text);
      return temperature.ok ? temperature.value : temperature.message;
    }
    return parseDecimal(text) ?? `“${text.trim()}” is not a share. Type a number from 0 to 100.`;
  };
  const leave = () => {
    const [low, high] = texts.map(read);
    if (typeof low === "string" || typeof high === "string")
      return setError(String(typeof low === "string" ? low : high));
    setError(
      low === value.low && high === value.high ? null : (commit({ low: low!, high: high! })[0]?.message ?? null),
    );
  };
  return (
    <Field.Root gap="1" invalid={error !== null}>
      <Field.Label fontSize="xs" color="muted" fontWeight="medium">
        {label}, {unit}
      </Field.Label>
      <Flex gap="2" align="center">
        {(["lowest", "highest"] as const).map((end, i) => (
          <Input
            key={end}
            size="sm"
            bg="sheet"
            borderColor="line"
            fontFamily="mono"
            aria-label={`${label}, ${end}, ${unit}`}
            value={texts[i]}
            onChange={(e) => setTexts(texts.map((t, j) => (j === i ? e.target.value : t)))}
            onBlur={leave}
          />
        ))}
        <Text fontSize="xs" color="muted" srOnly>
          lowest and highest
        </Text>
      </Flex>
      <Field.ErrorText fontSize="xs" color="stop" mt="0">
        {error}
      </Field.ErrorText>
    </Field.Root>
  );
}
