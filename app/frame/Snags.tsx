import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import { lazy, memo, Suspense, useEffect, useRef, useState } from "react";
import type { Severity, Snag } from "#core/ledgers/ledger";
import { useBuildHandle, usePicked, useShown } from "../state/context";
import { equal } from "../state/equal";
import { QuietButton } from "../ui/QuietButton";
import { useGo } from "./go";

/** Fetched when something is first overridden: nobody begins with it. */
const OverrideDialog = lazy(() => import("./OverrideDialog").then((m) => ({ default: m.OverrideDialog })));

const TONE: Record<Severity, { edge: string; bg: string; word: string }> = {
  stop: { edge: "stop", bg: "stopSoft", word: "Stops the build" },
  mind: { edge: "mind", bg: "mindSoft", word: "Warning" },
  note: { edge: "note", bg: "transparent", word: "Note" },
};
const ORDER: readonly Severity[] = ["stop", "mind", "note"];
/** How long what is new stays marked, ms. */
const NEW_MS = 6000;

const keyOf = ({ rule, subject }: Pick<Snag, "rule" | "subject">) => `${rule}/${subject}`;
const counted = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;
const shows = (s: Snag) => !s.waived && s.severity !== "note";

/** Snags of this stage with their fixes, then a line for each other stage; what stops the build is never out of sight. */
export function Snags({ stage }: { stage: string }) {
  const { api, openWorking, stages } = useBuildHandle();
  const snags = useShown(({ plan }) => plan.snags);
  const [overriding, setOverriding] = useState<Snag | null>(null);
  const [asked, setAsked] = useState(false);
  const [all, setAll] = useState(false);
  const [notes, setNotes] = useState(false);
  const held = usePicked((p) => p.held);
  const fresh = useFresh(snags);
  const go = useGo();
  const place = (snag: Snag) => {
    const { plan, seen } = api.shown.getState();
    go(snag.stage, seen.places[plan.snags.findIndex((s) => keyOf(s) === keyOf(snag))] ?? undefined);
  };
  const fix = (snag: Snag) => snag.fix && api.applyFix(snag.fix);
  const back = (snag: Snag) =>
    api.commit((draft) => {
      draft.waivers = draft.waivers.filter((w) => w.rule !== snag.rule || w.subject !== snag.subject);
    });
  const isHeld = ({ subject }: Snag) => held.some((h) => h.id === subject);
  const here = (all ? snags : snags.filter((s) => s.stage === stage))
    .filter((s) => notes || s.severity !== "note")
    .sort(
      (a, b) =>
        ORDER.indexOf(a.severity) - ORDER.indexOf(b.severity) ||
        Number(b.stage === stage) - Number(a.stage === stage) ||
        Number(isHeld(b)) - Number(isHeld(a)) ||
        Number(a.waived !== undefined) - Number(b.waived !== undefined),
    );
  const own = snags.filter((s) => s.stage === stage);
  const noteCount = (all ? snags : own).filter((s) => s.severity === "note").length;
  const open = snags.filter(shows).length;
  const stops = snags.filter((s) => shows(s) && s.severity === "stop").length;
  const elsewhere = all
    ? []
    : stages
        .filter(({ id }) => id !== stage)
        .flatMap(({ id, label }) => {
          const there = snags.filter((s) => s.stage === id && shows(s));
          const worst = there.find((s) => s.severity === "stop") ?? there[0];
          return worst ? [{ id, label, worst, count: there.filter((s) => s.severity === worst.severity).length }] : [];
        });
  const blockers = elsewhere.filter(({ worst }) => worst.severity === "stop");
  const warnings = elsewhere.filter(({ worst }) => worst.severity !== "stop");
  const farNotes = snags.filter((s) => s.stage !== stage && s.severity === "note").length;
  return (
    <Flex
      as="section"
      aria-label="Snags"
      direction="column"
      gap="1.5"
      flex="1 1 0"
      minH={{ xl: "0" }}
      overflowY={{ xl: "auto" }}
    >
      <Box position="sticky" top="0" bg="sheet" zIndex="docked" pb="1">
        <Flex align="baseline" gap="2">
          <Heading as="h2" size="sm" fontFamily="heading">
            {all ? "All snags" : "Snags here"}
          </Heading>
          <Text fontSize="xs" color="muted" role="status" flex="1">
            {`${counted(stops, "stops", "stop")} the build · ${own.filter(shows).length} of ${open} here`}
          </Text>
          <QuietButton size="2xs" aria-pressed={all} onClick={() => setAll(!all)}>
            {all ? "these only" : `all ${open}`}
          </QuietButton>
        </Flex>
        {blockers.map(({ id, label, worst, count }) => (
          <Line key={id} tone="stop" onClick={() => place(worst)}>
            {`${counted(count, "stops", "stop")}, ${label}: ${worst.title} →`}
          </Line>
        ))}
      </Box>
      <Box srOnly aria-live="polite">
        {fresh.map((s) => `New: ${s.title}.`).join(" ")}
      </Box>
      {here.length === 0 && (
        <Text fontSize="sm" color="muted">
          Nothing here stops or warns.
        </Text>
      )}
      {here.map((snag) => (
        <SnagCard
          key={keyOf(snag)}
          snag={snag}
          isNew={fresh.some((f) => keyOf(f) === keyOf(snag))}
          onFix={fix}
          onPlace={place}
          onWorking={openWorking}
          onOverride={(snag) => {
            setAsked(true);
            setOverriding(snag);
          }}
          onBack={back}
        />
      ))}
      {noteCount > 0 && (
        <Line tone="muted" onClick={() => setNotes(!notes)}>
          {notes ? "fold the notes away" : `${counted(noteCount, "note", "notes")} here →`}
        </Line>
      )}
      {!all && (warnings.length > 0 || farNotes > 0) && (
        <Box borderTopWidth="1px" borderColor="line" pt="1.5">
          <Text fontSize="xs" color="muted">
            Elsewhere
          </Text>
          {warnings.map(({ id, label, worst, count }) => (
            <Line key={id} tone="mind" onClick={() => place(worst)}>
              {`${counted(count, "warning", "warnings")}, ${label} →`}
            </Line>
          ))}
          {farNotes > 0 && (
            <Line
              tone="muted"
              onClick={() => {
                setAll(true);
                setNotes(true);
              }}
            >
              {`${counted(farNotes, "note", "notes")} →`}
            </Line>
          )}
        </Box>
      )}
      {asked && (
        <Suspense fallback={null}>
          <OverrideDialog snag={overriding} onClose={() => setOverriding(null)} />
        </Suspense>
      )}
    </Flex>
  );
}

/** Snags that were not there before the last edit, for as long as they are new. */
function useFresh(snags: readonly Snag[]): Snag[] {
  const known = useRef(new Set(snags.map(keyOf)));
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const [fresh, setFresh] = useState<Snag[]>([]);
  useEffect(() => {
    const born = snags.filter((s) => shows(s) && !known.current.has(keyOf(s)));
    known.current = new Set(snags.map(keyOf));
    if (born.length === 0) return;
    setFresh(born);
    clearTimeout(timer.current);
    timer.current = setTimeout(() => setFresh([]), NEW_MS);
  }, [snags]);
  useEffect(() => () => clearTimeout(timer.current), []);
  // What is gone again meanwhile is not new.
  return fresh.filter((f) => snags.some((s) => keyOf(s) === keyOf(f)));
}

function Line({ tone, onClick, children }: { tone: string; onClick: () => void; children: string }) {
  return (
    <Box
      as="button"
      display="block"
      w="100%"
      textAlign="left"
      fontSize="sm"
      color={tone}
      py="0.5"
      cursor="pointer"
      truncate
      title={children}
      onClick={onClick}
    >
      {children}
    </Box>
  );
}

interface CardProps {
  snag: Snag;
  isNew: boolean;
  onFix: (snag: Snag) => void;
  onPlace: (snag: Snag) => void;
  onWorking: (figure: string) => void;
  onOverride: (snag: Snag) => void;
  onBack: (snag: Snag) => void;
}

/** Drawn again only when the snag says something else: a plan makes every snag anew. */
const SnagCard = memo(Card, (a, b) => a.isNew === b.isNew && equal(a.snag, b.snag));

function Card({ snag, isNew, onFix, onPlace, onWorking, onOverride, onBack }: CardProps) {
  const tone = TONE[snag.severity];
  return (
    <Box
      as="article"
      borderLeftWidth="4px"
      borderColor={tone.edge}
      bg={snag.waived ? "transparent" : tone.bg}
      outline={isNew ? "2px solid" : undefined}
      outlineColor={tone.edge}
      px="2.5"
      py="1.5"
      data-rule={snag.rule}
      data-subject={snag.subject}
    >
      <Heading as="h3" size="sm" lineHeight="1.25">
        <Box as="button" textAlign="left" cursor="pointer" onClick={() => onPlace(snag)} title="Go there">
          {snag.title}
        </Box>
      </Heading>
      <Text fontSize="xs" color={tone.edge} fontWeight="bold">
        {`${tone.word}${snag.waived ? ", overridden" : ""}${isNew ? " · new" : ""}`}
      </Text>
      <Text fontSize="sm" lineHeight="1.3">
        {snag.sentence}
      </Text>
      <Text fontSize="xs" color="muted" lineHeight="1.3">
        {snag.waived ? `You go on because: ${snag.waived.reason}` : snag.reason}
      </Text>
      <Flex columnGap="3" wrap="wrap">
        {snag.fix && !snag.waived && <LinkLike onClick={() => onFix(snag)}>{snag.fix.label}</LinkLike>}
        {!snag.fix && !snag.waived && <LinkLike onClick={() => onPlace(snag)}>Go there</LinkLike>}
        {snag.figure && <LinkLike onClick={() => onWorking(snag.figure!)}>Working</LinkLike>}
        {snag.severity !== "note" &&
          (snag.waived ? (
            <LinkLike onClick={() => onBack(snag)}>Take the override back</LinkLike>
          ) : (
            <LinkLike onClick={() => onOverride(snag)}>Go on anyway…</LinkLike>
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
