import { Box, Flex, NativeSelect, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { NavLink, useLocation, useNavigate, useRouteLoaderData } from "react-router";
import type { loader as rootLoader } from "../root";
import { useBuildHandle, useShown } from "../state/context";
import { chooseKeys } from "../theme/cookie";
import { QuietButton } from "../ui/QuietButton";
import { RESERVED_KEYS } from "./reserved";

/** The stages with their keys and snag counts. */
export function StageNav() {
  const { buildId, stages } = useBuildHandle();
  const open = useShown(({ plan }) =>
    plan.snags.filter((s) => !s.waived && s.severity !== "note").map(({ stage, severity }) => ({ stage, severity })),
  );
  const navigate = useNavigate();
  const [notYet, setNotYet] = useState<string | null>(null);
  const stored = useRouteLoaderData<typeof rootLoader>("root")?.keys ?? true;
  const [keys, setKeys] = useState(stored);
  useHotkeys(
    [...stages.map((s) => s.key), ...Object.keys(RESERVED_KEYS)],
    (event) => {
      const key = event.key.toLowerCase();
      const stage = stages.find((s) => s.key === key);
      setNotYet(stage ? null : (RESERVED_KEYS[key] ?? null));
      if (stage) navigate(`/builds/${buildId}/${stage.id}`);
    },
    { enabled: keys },
  );
  const here = useLocation().pathname.split("/").at(-1);
  const countOf = (id: string) => {
    const snags = open.filter((s) => s.stage === id);
    const stops = snags.filter((s) => s.severity === "stop").length;
    const count = stops || snags.length;
    const one = count === 1;
    const words = stops
      ? `: ${count} ${one ? "stops" : "stop"} the build`
      : `: ${count} ${one ? "warning" : "warnings"}`;
    return { stops, count, words: count > 0 ? words : "" };
  };
  const switchKeys = () => {
    chooseKeys(!keys);
    setKeys(!keys);
  };
  return (
    <>
      <NativeSelect.Root size="sm" display={{ base: "block", md: "none" }}>
        <NativeSelect.Field
          aria-label="Stage"
          bg="sheet"
          borderColor="line"
          value={here}
          onChange={(event) => navigate(`/builds/${buildId}/${event.currentTarget.value}`)}
        >
          {stages.map(({ id, label }) => (
            <option key={id} value={id}>
              {`${label}${countOf(id).words}`}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
      <Flex as="nav" aria-label="Stages" display={{ base: "none", md: "flex" }} direction="column" py="2">
        {stages.map((stage, i) => {
          const { stops, count } = countOf(stage.id);
          return (
            <Box
              key={stage.id}
              {...(stage.group === "after" &&
                stages[i - 1]?.group === "design" && {
                  borderTopWidth: "1px",
                  borderColor: "line",
                  mt: "1.5",
                  pt: "1.5",
                })}
            >
              <Flex
                asChild
                align="center"
                gap="2.5"
                px="2.5"
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
                      title={stops ? "stop the build" : "warnings"}
                    >
                      {count}
                      <Box as="span" srOnly>
                        {stops ? " stop the build" : " warnings"}
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
          {notYet ? `${notYet} is not built yet.` : ""}
        </Text>
      </Flex>
    </>
  );
}
