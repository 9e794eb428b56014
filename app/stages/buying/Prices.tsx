import { Box, Input, Stack, Text } from "@chakra-ui/react";
import { useRef } from "react";
import { useFetcher } from "react-router";
import type { BuyLine } from "#core/buying/buyLine";
import { findMaterial } from "#core/materials/find";
import type { Pack } from "#core/materials/schema";
import { plainMoney } from "#core/units/money";
import { useBench } from "../../state/context";
import { useDraft } from "../../state/useDraft";

/** The prices behind a line, to be typed over: of the packs chosen, or of the glass by the square metre. */
export function Prices({ line }: { line: BuyLine }) {
  const bench = useBench();
  const glass = findMaterial(bench.book, line.materialId, "glass");
  if (!bench.book.materials.some((m) => m.id === line.materialId))
    return (
      <Text fontSize="xs" color="muted">
        typed on Cuts
      </Text>
    );
  const packs = glass ? [glass.perM2] : line.likely.map((c) => c.pack);
  return (
    <Stack gap="1" align="end">
      {packs.map((pack) => (
        <PriceField key={pack.id} pack={pack} per={glass ? "per m²" : pack.name} />
      ))}
    </Stack>
  );
}

function PriceField({ pack, per }: { pack: Pack; per: string }) {
  const { currency } = useBench().workshop;
  const fetcher = useFetcher<{ message: string | null }>();
  const shown = pack.priceMinor === null ? "" : plainMoney(pack.priceMinor, currency);
  const draft = useDraft(shown);
  const { text } = draft;
  const input = useRef<HTMLInputElement>(null);
  const message = fetcher.data?.message;
  const send = () => {
    const changed = text.trim() !== shown;
    if (changed) fetcher.submit({ pack: pack.id, price: text }, { method: "post", action: "/prices" });
    // What was typed stays till the book has it, and where it is refused.
    draft.leave(changed ? "not in the book yet" : null);
  };
  return (
    <Box>
      <Input
        ref={input}
        size="xs"
        w="4.2rem"
        textAlign="end"
        fontFamily="mono"
        bg="sheet"
        borderColor={message ? "stop" : "line"}
        aria-label={`Price, ${per}`}
        title={per}
        placeholder="price?"
        value={text}
        onFocus={draft.focus}
        onChange={(e) => draft.type(e.target.value)}
        onBlur={send}
        onKeyDown={(e) => e.key === "Enter" && input.current?.blur()}
      />
      {message && (
        <Text fontSize="xs" color="stop" maxW="10rem">
          {message}
        </Text>
      )}
    </Box>
  );
}
