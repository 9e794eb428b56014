import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { closingStands } from "#core/bench/closing/standing";
import { useSettled } from "../../state/context";
import { useLog } from "../../state/useLog";
import { useRemembered } from "../../state/useRemembered";
import { BigButton, BigTick, Card } from "./parts";

/** The closing list: what is looked at before residents move in, ticked by whoever looked. */
export function ClosingCard() {
  const { plan, bench } = useSettled();
  const log = useLog();
  const [by] = useRemembered("by");
  const [open, setOpen] = useState(false);
  const checks = closingStands(plan, bench.log);
  const passed = checks.filter((c) => c.passed).length;
  return (
    <Card over="Closing list, before residents move in">
      <Text fontSize="lg" fontWeight="bold" mb="2">
        {passed === checks.length ? `All ${checks.length} checked` : `${passed} of ${checks.length} checked`}
      </Text>
      {open ? (
        <Flex direction="column" gap="2">
          {checks.map(({ key, title, pass, passed, said }) => (
            <Box key={key} data-check={key}>
              <BigTick
                on={passed}
                words={`${title}: ${pass}${passed && said?.by ? ` (${said.by})` : ""}`}
                onChange={(on) => log.add({ kind: "checked", check: key, passed: on, by, note: "" })}
              />
              {said && !said.passed && (
                <Text fontSize="sm" color="stop">
                  Did not pass: put it right and look again.
                </Text>
              )}
            </Box>
          ))}
          <BigButton onClick={() => setOpen(false)}>Fold it up</BigButton>
        </Flex>
      ) : (
        <BigButton onClick={() => setOpen(true)}>Go through it</BigButton>
      )}
    </Card>
  );
}
