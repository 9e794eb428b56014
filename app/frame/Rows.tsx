import { Box, Flex, Heading, Table, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import type { Severity } from "#core/ledgers/ledger";
import { thingKey } from "#core/things/key";
import type { Thing } from "#core/things/thing";
import { useBuildHandle, useIsHeld, useShown } from "../state/context";

const VERDICT: Record<Severity, { words: string; tone: string }> = {
  stop: { words: "stops", tone: "stop" },
  mind: { words: "warns", tone: "mind" },
  note: { words: "✓", tone: "fern" },
};

/** A sheet of rows under the board, with its heading and what is put on it. */
export function RowSheet({ title, tools, children }: { title: string; tools?: ReactNode; children: ReactNode }) {
  return (
    <Box as="section" bg="sheet" borderWidth="1px" borderColor="line" borderRadius="md" px="2.5" py="1.5" minW="0">
      <Flex
        align="center"
        gap="1.5"
        mb="1"
        wrap="wrap"
        css={{ "& button, & select": { height: "26px", minHeight: "26px", fontSize: "xs", paddingInline: "8px" } }}
      >
        <Heading as="h2" size="sm" fontFamily="heading" flex="1" minW="7rem">
          {title}
        </Heading>
        {tools}
      </Flex>
      {children}
    </Box>
  );
}

/** Things of a stage, a row each: pressed, it is in hand. */
export function ThingRows({
  pick,
  under,
  empty,
}: {
  pick: (thing: Thing) => boolean;
  /** What a row stands under, by the first row that says the same. */
  under?: (thing: Thing) => string;
  empty?: string;
}) {
  const rows = useShown(({ seen }) => {
    const verdicts = new Map(seen.verdicts.map((v) => [v.key, v.severity]));
    const all = seen.things.filter(pick);
    const heads = under ? [...new Set(all.map(under))] : [];
    return (under ? heads.flatMap((head) => all.filter((t) => under(t) === head)) : all).map((thing) => ({
      thing,
      verdict: verdicts.get(thingKey(thing)) ?? "note",
    }));
  });
  if (rows.length === 0)
    return empty ? (
      <Text fontSize="sm" color="muted">
        {empty}
      </Text>
    ) : null;
  return (
    <Table.Root size="sm" css={{ bg: "transparent", tableLayout: "fixed", "& tr": { bg: "transparent" } }}>
      <Table.Body>
        {rows.map(({ thing, verdict }) => (
          <ThingRow key={thingKey(thing)} thing={thing} verdict={verdict} />
        ))}
      </Table.Body>
    </Table.Root>
  );
}

function ThingRow({ thing, verdict }: { thing: Thing; verdict: Severity }) {
  const { take } = useBuildHandle();
  const held = useIsHeld(thing);
  const { words, tone } = VERDICT[verdict];
  const cell = { borderColor: "line", px: "1.5", py: "1" } as const;
  return (
    <Table.Row data-thing={thingKey(thing)} css={held ? { "&&": { bg: "fernSoft" } } : {}}>
      <Table.Cell {...cell} width="46%">
        <Box
          as="button"
          textAlign="left"
          cursor="pointer"
          fontWeight={held ? "bold" : "normal"}
          aria-pressed={held}
          onClick={(event: React.MouseEvent) => take(thing, event.shiftKey)}
        >
          {thing.name}
        </Box>
      </Table.Cell>
      <Table.Cell {...cell} color="muted" fontSize="xs" truncate title={thing.says}>
        {thing.says}
      </Table.Cell>
      <Table.Cell {...cell} width="4rem" textAlign="end" color={tone} fontWeight="bold" fontSize="xs">
        {words}
      </Table.Cell>
    </Table.Row>
  );
}
