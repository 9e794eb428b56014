import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { NavLink, useNavigate, useRouteLoaderData } from "react-router";
import type { loader as rootLoader } from "../root";
import { RESERVED_KEYS, STAGES } from "../stages/list";
import { useBuildHandle, useShown } from "../state/context";
import { chooseKeys } from "../theme/cookie";
import { QuietButton } from "./QuietButton";

/** The stages with their keys and snag counts. */
export function StageNav() {
  const { buildId } = useBuildHandle();
  const open = useShown(({ plan }) =>
    plan.snags.filter((s) => !s.waived && s.severity !== "note").map(({ stage, severity }) => ({ stage, severity })),
  );
  const navigate = useNavigate();
  const [notYet, setNotYet] = useState<string | null>(null);
  const stored = useRouteLoaderData<typeof rootLoader>("root")?.keys ?? true;
  const [keys, setKeys] = useState(stored);
  useHotkeys(
    [...STAGES.map((s) => s.key), ...Object.keys(RESERVED_KEYS)],
    (event) => {
      const key = event.key.toLowerCase();
      const stage = STAGES.find((s) => s.key === key);
      setNotYet(stage ? null : (RESERVED_KEYS[key] ?? null));
      if (stage) navigate(`/builds/${buildId}/${stage.id}`);
    },
    { enabled: keys },
  );
  const switchKeys = () => {
    chooseKeys(!keys);
    setKeys(!keys);
  };
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
            {...(stage.group === "after" &&
              STAGES[i - 1]?.group === "design" && {
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
                  {keys ? stage.key.toUpperCase() : ""}
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
      <Box px="3" pt="3">
        <QuietButton size="2xs" aria-pressed={keys} onClick={switchKeys} title="Whether a single key opens a stage">
          {keys ? "Single keys: on" : "Single keys: off"}
        </QuietButton>
      </Box>
      <Text role="status" fontSize="xs" color="muted" px="4" pt="3">
        {notYet ? `${notYet} is not built yet; its key is kept for it.` : ""}
      </Text>
    </Flex>
  );
}
