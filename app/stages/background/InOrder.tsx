import { Box, Text } from "@chakra-ui/react";
import type { WallId } from "#core/background/names";
import { formatMinutes } from "#core/units/format";
import { useShown } from "../../state/context";

/** A wall's steps and waits in a row: solid where hands are on it, hatched where it sets. */
export function InOrder({ face }: { face: WallId }) {
  const steps = useShown(({ plan }) =>
    plan.steps.flatMap(({ id, title, about, handsOnMinutes, waitMinutes, posture }) =>
      about?.thing === face ? [{ id, title, short: about.short, handsOnMinutes, waitMinutes, posture }] : [],
    ),
  );
  if (steps.length === 0)
    return (
      <Text fontSize="xs" color="muted">
        Nothing of this wall is left to do.
      </Text>
    );
  return (
    <Box>
      <Text fontSize="xs" fontWeight="bold" mb="1">
        This wall, in order
      </Text>
      <Box as="ol" display="flex" flexWrap="wrap" listStyleType="none" borderWidth="1px" borderColor="line" bg="sheet">
        {steps.map((s) => (
          <Box as="li" key={s.id} display="flex" title={s.title}>
            <Text
              bg="straw"
              color="ink"
              px="2"
              py="1"
              fontSize="xs"
              fontFamily="mono"
              borderRightWidth="1px"
              borderColor="ink"
            >
              {`${s.short} · ${formatMinutes(s.handsOnMinutes)}`}
            </Text>
            {s.waitMinutes > 0 && (
              <Text
                px="2"
                py="1"
                fontSize="xs"
                fontFamily="mono"
                color="water"
                borderRightWidth="1px"
                borderColor="line"
              >
                {`${formatMinutes(s.waitMinutes)}${s.posture === "onBack" ? ", on its back" : s.posture ? ", on its side" : ""}`}
              </Text>
            )}
          </Box>
        ))}
      </Box>
    </Box>
  );
}
