import { Flex, Input, Text } from "@chakra-ui/react";
import { formatNumber } from "#core/units/format";
import { parseDecimal } from "#core/units/number";
import { parseTemperatureC } from "#core/units/quantity";
import { useDecision } from "../state/context";
import { useDraft } from "../state/useDraft";
import { Labelled } from "../ui/Labelled";

export interface Range {
  low: number;
  high: number;
}

const ENDS = ["lowest", "highest"] as const;

/** A lower and an upper end, e.g. the room's coolest and warmest; temperatures may be typed in °F. */
export function RangeField({ label, unit, path }: { label: string; unit: "°C" | "% rh"; path: string }) {
  const { value, attempt } = useDecision<Range>(path);
  const low = useDraft(formatNumber(value.low));
  const high = useDraft(formatNumber(value.high));
  const error = low.error ?? high.error;
  const read = (text: string): number | string => {
    if (unit === "°C") {
      const temperature = parseTemperatureC(text);
      return temperature.ok ? temperature.value : temperature.message;
    }
    return parseDecimal(text) ?? `“${text.trim()}” is not a share. Type a number from 0 to 100.`;
  };
  const leave = () => {
    const ends = [read(low.text), read(high.text)] as const;
    const wrong = ends.map((end) => (typeof end === "string" ? end : null));
    if (typeof ends[0] === "number" && typeof ends[1] === "number") {
      // Left as it was, the value keeps the digits the field does not show.
      const next = { low: low.touched ? ends[0] : value.low, high: high.touched ? ends[1] : value.high };
      if (next.low !== value.low || next.high !== value.high) wrong[0] = attempt(next)[0]?.message ?? null;
    }
    low.leave(wrong[0] ?? null);
    high.leave(wrong[1] ?? null);
  };
  return (
    <Labelled label={`${label}, ${unit}`} error={error}>
      <Flex gap="2" align="center">
        {([low, high] as const).map((end, i) => (
          <Input
            key={ENDS[i]}
            size="sm"
            bg="sheet"
            borderColor="line"
            fontFamily="mono"
            aria-label={`${label}, ${ENDS[i]}, ${unit}`}
            value={end.text}
            onFocus={end.focus}
            onChange={(e) => end.type(e.target.value)}
            onBlur={leave}
          />
        ))}
        <Text fontSize="xs" color="muted" srOnly>
          lowest and highest
        </Text>
      </Flex>
    </Labelled>
  );
}
