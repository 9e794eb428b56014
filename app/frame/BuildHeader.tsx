import { Box, Button, Dialog, Flex, IconButton, Portal, Text } from "@chakra-ui/react";
import { History, Redo2, Undo2 } from "lucide-react";
import { useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { Link } from "react-router";
import { useStore } from "zustand";
import type { autosave } from "../state/autosave";
import { useBuildHandle, useShown, useUnits } from "../state/context";
import type { SaveState } from "../state/store";
import { ThemeButton } from "../theme/ThemeButton";
import { BAR_BUTTON } from "./barButton";
import { FindOrDo } from "./FindOrDo";
import { HistoryDrawer } from "./HistoryDrawer";
import { NextLine } from "./NextLine";

type Saver = () => ReturnType<typeof autosave> | undefined;

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
      {save.kind === "conflict" && <ConflictDialog save={save} saver={saver} />}
      {showHistory && <HistoryDrawer onClose={() => setShowHistory(false)} />}
    </Flex>
  );
}

/** Someone else saved meanwhile: nothing is lost either way, the builder says which goes on. */
function ConflictDialog({ save, saver }: { save: Extract<SaveState, { kind: "conflict" }>; saver: Saver }) {
  const { api } = useBuildHandle();
  return (
    <Dialog.Root open closeOnInteractOutside={false} closeOnEscape={false}>
      <Portal>
        <Dialog.Backdrop />
        <Dialog.Positioner>
          <Dialog.Content bg="sheet" color="ink">
            <Dialog.Header>
              <Dialog.Title>This build was changed elsewhere</Dialog.Title>
            </Dialog.Header>
            <Dialog.Body>
              Revision {save.newest} was saved from another page while you worked here. Your edit is still on this page.
              Whichever you take, the other is kept: theirs in the earlier saves, yours behind Undo.
            </Dialog.Body>
            <Dialog.Footer>
              <Button
                size="sm"
                variant="outline"
                onClick={() => saver()?.takeTheirs(save.newest, save.theirs, api.replace)}
              >
                Take theirs
              </Button>
              <Button size="sm" bg="fern" color="fernInk" onClick={() => saver()?.keepMine(save.newest)}>
                Save mine on top
              </Button>
            </Dialog.Footer>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}
