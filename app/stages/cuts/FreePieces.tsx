import { Flex, Text } from "@chakra-ui/react";
import { samePiece } from "#core/cuts/record/pieces";
import type { SawSheet } from "#core/cuts/record/sawSheet";
import { useUnits } from "../../state/context";
import type { useLog } from "../../state/useLog";
import { QuietButton } from "../../ui/QuietButton";

/** Offcuts of a sheet at the saw: cut free, they go to the rack, where every build finds them. */
export function FreePieces({ sheet, log }: { sheet: SawSheet; log: ReturnType<typeof useLog> }) {
  const { say } = useUnits();
  if (sheet.offcuts.length === 0) return null;
  return (
    <>
      <Text fontWeight="bold" fontSize="sm" mt="4" mb="1">
        Worth keeping
      </Text>
      {sheet.offcuts.map((offcut) => {
        const free = sheet.pieces.some((p) => samePiece(p, offcut));
        const size = `${say(offcut.w)} × ${say(offcut.h)}`;
        return (
          <Flex key={`${offcut.x}/${offcut.y}`} gap="3" align="center" py="0.5">
            <Text fontFamily="mono" fontSize="sm" minW="12rem">
              {size}
            </Text>
            {free ? (
              <QuietButton
                size="xs"
                onClick={() =>
                  log.add({ kind: "piece-racked", sheet: sheet.id, x: offcut.x, y: offcut.y, offcut: "new" })
                }
              >
                {`Put ${size} on the rack`}
              </QuietButton>
            ) : (
              <Text fontSize="xs" color="muted">
                once its cuts are ticked
              </Text>
            )}
          </Flex>
        );
      })}
    </>
  );
}
