import { Checkbox, Flex, Text } from "@chakra-ui/react";
import type { PlacedPart } from "#core/cuts/nest/format";
import { samePiece } from "#core/cuts/record/pieces";
import { pinnedOf, type SawSheet } from "#core/cuts/record/sawSheet";
import { useUnits } from "../../state/context";
import type { useLog } from "../../state/useLog";
import { QuietButton } from "../../ui/QuietButton";

/** Parts of a sheet that stay where they are while the rest is nested anew. */
export function Pins({
  sheet,
  name,
  log,
}: {
  sheet: SawSheet;
  name: (partId: string) => string;
  log: ReturnType<typeof useLog>;
}) {
  const { say } = useUnits();
  const isPinned = (part: PlacedPart) => sheet.pinned.some((p) => samePiece(p, part));
  const pin = (kept: PlacedPart[]) => log.add({ kind: "sheet-pinned", sheet: pinnedOf(sheet, kept) });
  return (
    <>
      <Text fontWeight="bold" fontSize="sm" mt="4">
        Keep where they are
      </Text>
      <Text fontSize="xs" color="muted" mb="1">
        What is kept stays as drawn, whatever else changes; the rest is nested again round it. A trimmed sheet stays
        whole.
      </Text>
      <Flex gap="3" wrap="wrap">
        {sheet.parts.map((part) => (
          <Checkbox.Root
            key={`${part.x}/${part.y}`}
            size="sm"
            colorPalette="green"
            checked={isPinned(part)}
            onCheckedChange={({ checked }) =>
              pin(checked === true ? [...sheet.pinned, part] : sheet.pinned.filter((p) => !samePiece(p, part)))
            }
          >
            <Checkbox.HiddenInput aria-label={`Keep ${name(part.partId)} here`} />
            <Checkbox.Control borderColor="muted" />
            <Checkbox.Label fontSize="sm">{`${name(part.partId)} ${say(part.w)} × ${say(part.h)}`}</Checkbox.Label>
          </Checkbox.Root>
        ))}
        {sheet.parts.some((p) => !isPinned(p)) && (
          <QuietButton size="xs" onClick={() => pin([...sheet.parts])}>
            Keep the whole sheet
          </QuietButton>
        )}
      </Flex>
    </>
  );
}
