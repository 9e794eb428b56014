import { Box, Flex, Heading, Table, Text } from "@chakra-ui/react";
import { memo, type ReactNode } from "react";
import type { Severity } from "#core/ledgers/ledger";
import { thingKey } from "#core/things/key";
import type { RowsId } from "#core/things/names";
import type { Thing } from "#core/things/thing";
import { isSame, useBuildHandle, useIsHeld, usePicked, useShown } from "../state/context";

type Verdict = Severity | "unjudged";
const VERDICT: Record<Verdict, { words: string; tone: string; title?: string }> = {
  stop: { words: "stops", tone: "stop" },
  mind: { words: "warns", tone: "mind" },
  note: { words: "✓", tone: "fern" },
  unjudged: { words: "–", tone: "muted", title: "not judged yet" },
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

/** Things of a stage, a row each: pressed, it is in hand. Parts of one stand under it while it or one of them is in hand. */
export function ThingRows({
  rows: id,
  only = () => true,
  empty,
}: {
  rows: RowsId;
  /** Which of them, where the stage does not show all. */
  only?: (thing: Thing) => boolean;
  empty?: string;
}) {
  const held = usePicked((p) => p.held);
  const rows = useShown(({ seen }) => {
    const verdicts = new Map(seen.verdicts.map((v) => [v.key, v.severity]));
    const all = seen.things.filter((t) => t.rows === id && only(t));
    const unfolded = new Set(
      all.filter((t) => held.some((h) => thingKey(h) === thingKey(t))).map((t) => t.partOf ?? thingKey(t)),
    );
    return all
      .filter((t) => !t.partOf)
      .flatMap((t) => [t, ...all.filter((part) => part.partOf === thingKey(t) && unfolded.has(thingKey(t)))])
      .map((thing): { thing: Thing; verdict: Verdict } => ({
        thing,
        verdict: verdicts.get(thingKey(thing)) ?? (thing.unjudged ? "unjudged" : "note"),
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

interface Row {
  thing: Thing;
  verdict: Verdict;
}
/** Whether a row says the same: where a thing lies, which changes with every move, no row says. */
const saysTheSame = (a: Row, b: Row) =>
  a.verdict === b.verdict && isSame(a.thing, b.thing) && a.thing.name === b.thing.name && a.thing.says === b.thing.says;

const ThingRow = memo(function ThingRow({ thing, verdict }: Row) {
  const { take } = useBuildHandle();
  const held = useIsHeld(thing);
  const { words, tone, title } = VERDICT[verdict];
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
      <Table.Cell {...cell} width="4rem" textAlign="end" color={tone} fontWeight="bold" fontSize="xs" title={title}>
        {words}
      </Table.Cell>
    </Table.Row>
  );
}, saysTheSame);
