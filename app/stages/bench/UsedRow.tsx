import { Box, Flex, Text } from "@chakra-ui/react";
import type { StepUse } from "#core/bench/use";
import { amountWords } from "#core/ledgers/amountWords";
import { packsOf } from "#core/materials/find";
import type { Book } from "#core/materials/schema";
import { formatLengthWithUnit, formatNumber } from "#core/units/format";
import { useUnits } from "../../state/context";
import { TextField } from "../../ui/TextField";
import { BigButton } from "./parts";
import { readPacks } from "./typed";

/** What a material's use is counted in. */
interface Pack {
  name: string;
  content: number;
}

/** The pack a material's use is counted in; none where nobody read off what is in it. */
export function packOf({ materials }: Book, { materialId }: StepUse): Pack | undefined {
  const material = materials.find((m) => m.id === materialId);
  return material ? packsOf(material).find((p) => p.content > 0) : undefined;
}

/** What was used of a material, in packs; one tap takes what was planned. */
export function UsedRow({
  use,
  pack,
  onShelf,
  text,
  onChange,
}: {
  use: StepUse;
  pack: Pack | undefined;
  onShelf: number;
  text: string;
  onChange: (text: string) => void;
}) {
  const planned = use.likely / (pack?.content ?? 1);
  const plan = formatNumber(planned, planned < 0.1 ? 2 : 1, "up");
  const amount = readPacks(text, pack?.content ?? 1);
  const packName = pack?.name ?? "pieces";
  const { units } = useUnits();
  const words = (n: number) => amountWords({ unit: use.unit, amount: n }, (mm) => formatLengthWithUnit(mm, units));
  const over = amount !== undefined && amount > onShelf + 1e-6;
  return (
    <Box mt="2.5">
      <Flex gap="2.5" align="end" css={{ "& input": { height: "56px", fontSize: "lg" } }}>
        <Box flex="1">
          <TextField
            label={`Used of ${use.label}, ${packName}`}
            value={text}
            onChange={onChange}
            error={amount === undefined ? "Type a number of packs, such as 1 or 0.5." : null}
          />
        </Box>
        <BigButton w="auto" flex="0 0 9.5rem" fontSize="md" onClick={() => onChange(plan)}>
          {`As planned: ${plan}`}
        </BigButton>
      </Flex>
      {amount !== undefined && amount > 0 && (
        <Text fontSize="sm" color={over ? "mind" : "muted"} mt="1">
          {over
            ? `${words(amount)}: more than is on the shelf, which has ${words(onShelf)}. It is kept as typed. Was a pack bought that is not in the log?`
            : `${words(amount)} of the ${words(onShelf)} on the shelf`}
        </Text>
      )}
    </Box>
  );
}
