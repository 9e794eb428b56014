import { Box, Button, Flex, IconButton, Text } from "@chakra-ui/react";
import { History, Redo2, Undo2 } from "lucide-react";
import { lazy, Suspense, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link } from "react-router";
import { useStore } from "zustand";
import { useBuildHandle, useShown, useUnits } from "../state/context";
import type { SaveState } from "../state/store";
import { ThemeButton } from "../theme/ThemeButton";
import { BAR_BUTTON } from "./barButton";
import type { Saver } from "./ConflictDialog";
import { FindOrDo } from "./FindOrDo";
import { NextLine } from "./NextLine";

const ConflictDialog = lazy(() => import("./ConflictDialog").then((m) => ({ default: m.ConflictDialog })));
const HistoryDrawer = lazy(() => import("./HistoryDrawer").then((m) => ({ default: m.HistoryDrawer })));

const SAVE_WORDS: Record<SaveState["kind"], string> = {
  saved: "Saved",
  saving: "Saving…",
  waiting: "Not saved yet",
  failed: "Not saved",
  conflict: "Changed elsewhere",
};

/** What was changed before the planner was there, and waits for it. */
const HELD: SaveState = { kind: "waiting" };

/** The head of an open build: where you are, units, undo, history, and whether it is saved. */
export function BuildHeader({ saver }: { saver: Saver }) {
  const { api } = useBuildHandle();
  const { units } = useUnits();
  const name = useShown(({ design }) => design.name);
  const workshop = useShown(({ bench }) => bench.workshop.name);
  const save = useStore(api.store, (s) => (s.held ? HELD : s.save));
  const past = useStore(api.store.temporal, (s) => s.pastStates.length);
  const future = useStore(api.store.temporal, (s) => s.futureStates.length);
  const [showHistory, setShowHistory] = useState(false);
  useHotkeys("mod+z", api.undo, { preventDefault: true });
  useHotkeys("mod+shift+z, mod+y", api.redo, { preventDefault: true });
  const toggleUnits = () =>
    api.commit((draft) => {
      draft.brief.units = units.unit === "mm" ? { unit: "in", denominator: 16 } : { unit: "mm" };
    });
  return (
    <Flex
      as="header"
      bg="bar"
      color="barInk"
      align="center"
      px={{ base: "2", md: "4" }}
      minH="44px"
      wrap="wrap"
      columnGap={{ base: "1.5", md: "2.5" }}
      rowGap="1"
    >
      <Link to="/">
        <Text as="span" fontFamily="heading" fontWeight="bold" fontSize="lg">
          Hornwort
        </Text>
      </Link>
      <Text fontSize="sm" color="barMuted" display={{ base: "none", md: "block" }}>
        {workshop} /
      </Text>
      <Text as="h1" fontFamily="heading" fontWeight="bold" truncate flex={{ base: "1", md: "0 1 auto" }}>
        {name}
      </Text>
      <NextLine />
      <Button {...BAR_BUTTON} onClick={toggleUnits} title="Show lengths in the other unit">
        {units.unit === "mm" ? "mm" : "inches"}
      </Button>
      <FindOrDo />
      <IconButton {...BAR_BUTTON} aria-label="Undo" disabled={past === 0} onClick={api.undo}>
        <Undo2 size={14} />
      </IconButton>
      <IconButton {...BAR_BUTTON} aria-label="Redo" disabled={future === 0} onClick={api.redo}>
        <Redo2 size={14} />
      </IconButton>
      <IconButton
        {...BAR_BUTTON}
        display={{ base: "none", md: "inline-flex" }}
        aria-label="Earlier saves"
        onClick={() => setShowHistory(true)}
      >
        <History size={14} />
      </IconButton>
      <ThemeButton {...BAR_BUTTON} display={{ base: "none", md: "inline-flex" }} />
      <Text
        fontSize="sm"
        role="status"
        aria-label="Save state"
        minW={{ md: "6rem" }}
        textAlign="right"
        title={save.kind === "failed" ? save.message : undefined}
      >
        {SAVE_WORDS[save.kind]}
        {save.kind === "saved" ? ` · rev ${save.revision}` : ""}
      </Text>
      {save.kind === "failed" && (
        <Box w="100%" fontSize="sm" pb="1">
          {save.message}
        </Box>
      )}
      <Suspense fallback={null}>
        {save.kind === "conflict" && <ConflictDialog save={save} saver={saver} />}
        {showHistory && <HistoryDrawer onClose={() => setShowHistory(false)} />}
      </Suspense>
    </Flex>
  );
}
