import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { NavLink, useNavigate } from "react-router";
import { RESERVED_KEYS, STAGES } from "../stages/list";
import { useBuildHandle, useShown } from "../state/context";

/** The stages with their keys and snag counts. */
export function StageNav() {
  const { buildId } = useBuildHandle();
  const open = useShown(({ plan }) =>
    plan.snags.filter((s) => !s.waived && s.severity !== "note").map(({ stage, severity }) => ({ stage, severity })),
  );
  const navigate = useNavigate();
  const [notYet, setNotYet] = useState<string | null>(null);
  useHotkeys([...STAGES.map((s) => s.key), ...Object.keys(RESERVED_KEYS)], (event) => {
    const key = event.key.toLowerCase();
    const stage = STAGES.find((s) => s.key === key);
    setNotYet(stage ? null : (RESERVED_KEYS[key] ?? null));
    if (stage) navigate(`/builds/${buildId}/${stage.id}`);
  });
  return (
    <Flex
      as="nav"
      aria-label="Stages"
      direction={{ base: "row", lg: "column" }}
      wrap={{ base: "wrap", lg: "nowrap" }}
      py={{ base: "1", lg: "2.5" }}
    >
      {STAGES.map((stage, i) => {
        const snags = open.filter((s) => s.stage === stage.id);
        const stops = snags.filter((s) => s.severity === "stop").length;
        const count = stops || snags.length;
        return (
          <Box
            key={stage.id}
            {...(stage.group === 2 &&
              STAGES[i - 1]?.group === 1 && {
                borderTopWidth: { lg: "1px" },
                borderColor: "line",
                mt: { lg: "2" },
                pt: { lg: "2" },
              })}
          >
            <Flex
              asChild
              align="center"
              gap="3"
              px="3"
              py="1.5"
              fontSize="sm"
              borderLeftWidth="4px"
              borderColor="transparent"
              css={{ "&[aria-current=page]": { bg: "sheet", fontWeight: "bold", borderColor: "fern" } }}
            >
              <NavLink to={`/builds/${buildId}/${stage.id}`} prefetch="intent">
                <Text as="span" fontSize="xs" color="muted" fontFamily="mono" w="2.5" aria-hidden>
                  {stage.key.toUpperCase()}
                </Text>
                <Text as="span" flex="1">
                  {stage.label}
                </Text>
                {count > 0 && (
                  <Text
                    as="span"
                    fontSize="xs"
                    px="1.5"
                    borderRadius="full"
                    fontWeight="bold"
                    bg={stops ? "stop" : "mindSoft"}
                    color={stops ? "sheet" : "mind"}
                    borderWidth="1px"
                    borderColor={stops ? "stop" : "mind"}
                    title={stops ? "stop the build" : "to mind"}
                  >
                    {count}
                    <Box as="span" srOnly>
                      {stops ? " stop the build" : " to mind"}
                    </Box>
                  </Text>
                )}
              </NavLink>
            </Flex>
          </Box>
        );
      })}
      <Text role="status" fontSize="xs" color="muted" px="4" pt="3">
        {notYet ? `${notYet} is not built yet; its key is kept for it.` : ""}
      </Text>
    </Flex>
  );
}
