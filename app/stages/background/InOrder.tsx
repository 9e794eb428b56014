import { Box, Text } from "@chakra-ui/react";
import type { WallId } from "#core/background/names";
import type { Step } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { useShown } from "../../state/context";

/** A step's name without its wall, as short as it is clear. */
function shortName({ id, title }: Pick<Step, "id" | "title">): string {
  const own = id.split("/").at(-1) ?? "";
  const lift = /^lift-(\d+)$/.exec(own);
  if (lift) return `lift ${lift[1]}`;
  const names: Record<string, string> = { carve: "carve", core: "dry-fit", fit: "in it goes", film: "film" };
  const coat = /coat (\d+) of/.exec(title);
  return names[own] ?? `${title.split(",")[0]!.toLowerCase()}${coat ? ` ${coat[1]}` : ""}`;
}

/** A wall's steps and waits in a row: solid where hands are on it, hatched where it sets. */
export function InOrder({ face }: { face: WallId }) {
  const steps = useShown(({ plan }) =>
    plan.steps
      .filter((s) => s.id.startsWith(`background/${face}/`))
      .map(({ id, title, handsOnMinutes, waitMinutes, posture }) => ({
        id,
        title,
        handsOnMinutes,
        waitMinutes,
        posture,
      })),
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
              {`${shortName(s)} · ${formatMinutes(s.handsOnMinutes)}`}
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
