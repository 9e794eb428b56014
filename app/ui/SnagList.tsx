import { Box, Button, Dialog, Field, Flex, Heading, Portal, Stack, Text, Textarea } from "@chakra-ui/react";
import { memo, useState } from "react";
import type { Snag } from "#core/ledgers/ledger";
import { useBuildHandle, useShown } from "../state/context";
import { equal } from "../state/equal";

const TONE: Record<Snag["severity"], { edge: string; bg: string; word: string }> = {
  stop: { edge: "stop", bg: "stopSoft", word: "Stops the build" },
  mind: { edge: "mind", bg: "mindSoft", word: "Mind" },
  note: { edge: "note", bg: "transparent", word: "Note" },
};

const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

/** All snags, stops first, each with its fix, its working and a way to go on anyway. */
export function SnagList() {
  const { api, openWorking } = useBuildHandle();
  const snags = useShown(({ plan }) => plan.snags);
  const [waiving, setWaiving] = useState<Snag | null>(null);
  const open = snags.filter((s) => !s.waived);
  const of = (severity: Snag["severity"]) => open.filter((s) => s.severity === severity).length;
  const fix = (snag: Snag) => snag.fix && api.applyFix(snag.fix);
  const unwaive = (snag: Snag) =>
    api.commit((draft) => {
      draft.waivers = draft.waivers.filter((w) => w.rule !== snag.rule || w.subject !== snag.subject);
    });
  return (
    <Stack gap="2.5">
      <Box>
        <Heading as="h2" size="md" fontFamily="heading">
          Snags
        </Heading>
        <Text fontSize="sm" color="muted" role="status">
          {counted(of("stop"), "stops", "stop")} the build · {of("mind")} to mind ·{" "}
          {counted(of("note"), "note", "notes")}
        </Text>
      </Box>
      {snags.map((snag) => (
        <SnagCard
          key={`${snag.rule}/${snag.subject}`}
          snag={snag}
          onFix={fix}
          onWorking={openWorking}
          onWaive={setWaiving}
          onUnwaive={unwaive}
        />
      ))}
      <WaiveDialog snag={waiving} onClose={() => setWaiving(null)} />
    </Stack>
  );
}

interface CardProps {
  snag: Snag;
  onFix: (snag: Snag) => void;
  onWorking: (figure: string) => void;
  onWaive: (snag: Snag) => void;
  onUnwaive: (snag: Snag) => void;
}

/** Drawn again only when the snag says something else: a plan makes every snag anew. */
const SnagCard = memo(Card, (a, b) => equal(a.snag, b.snag));

function Card({ snag, onFix, onWorking, onWaive, onUnwaive }: CardProps) {
  const tone = TONE[snag.severity];
  return (
    <Box
      as="article"
      borderLeftWidth="4px"
      borderColor={tone.edge}
      bg={snag.waived ? "transparent" : tone.bg}
      px="3"
      py="2"
      data-rule={snag.rule}
      data-subject={snag.subject}
      opacity={snag.waived ? 0.85 : 1}
    >
      <Text fontSize="xs" color={tone.edge} fontWeight="bold">
        {snag.waived ? `${tone.word}, overridden` : tone.word}
      </Text>
      <Heading as="h3" size="sm" lineHeight="1.25">
        {snag.title}
      </Heading>
      <Text fontSize="sm">{snag.sentence}</Text>
      <Text fontSize="xs" color="muted" mt="0.5">
        {snag.waived ? `You go on because: ${snag.waived.reason}` : snag.reason}
      </Text>
      <Flex gap="3" mt="1" wrap="wrap">
        {snag.fix && !snag.waived && <LinkLike onClick={() => onFix(snag)}>{snag.fix.label}</LinkLike>}
        {snag.figure && <LinkLike onClick={() => onWorking(snag.figure!)}>Working</LinkLike>}
        {snag.severity !== "note" &&
          (snag.waived ? (
            <LinkLike onClick={() => onUnwaive(snag)}>Take the override back</LinkLike>
          ) : (
            <LinkLike onClick={() => onWaive(snag)}>Go on anyway…</LinkLike>
          ))}
      </Flex>
    </Box>
  );
}

function LinkLike({ children, onClick }: { children: string; onClick: () => void }) {
  return (
    <Box
      as="button"
      fontSize="sm"
      color="fern"
      textDecoration="underline"
      cursor="pointer"
      textAlign="left"
      onClick={onClick}
    >
      {children}
    </Box>
  );
}

function WaiveDialog({ snag, onClose }: { snag: Snag | null; onClose: () => void }) {
  const { api } = useBuildHandle();
  const [reason, setReason] = useState("");
  const keep = () => {
    if (!snag || reason.trim() === "") return;
    api.commit((draft) => {
      draft.waivers.push({ rule: snag.rule, subject: snag.subject, reason: reason.trim() });
    });
    setReason("");
    onClose();
  };
  return (
    <Dialog.Root open={snag !== null} onOpenChange={({ open }) => !open && onClose()}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" color="ink">
            <Dialog.Header>
              <Dialog.Title>Go on anyway</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              <Text mb="3">{snag?.sentence}</Text>
              <Field.Root>
                <Field.Label>Why</Field.Label>
                <Textarea
                  value={reason}
                  onChange={(e) => setReason(e.target.value)}
                  maxLength={500}
                  borderColor="line"
                />
                <Field.HelperText color="muted">It stays in sight with your reason.</Field.HelperText>
              </Field.Root>
            </Dialog.Body>
            <Dialog.Footer>
              <Button variant="outline" size="sm" onClick={onClose}>
                Leave it open
              </Button>
              <Button size="sm" bg="fern" color="fernInk" onClick={keep} disabled={reason.trim() === ""}>
                Override it
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
