import { Button, Dialog, Portal } from "@chakra-ui/react";
import type { autosave } from "../state/autosave";
import { useBuildHandle } from "../state/context";
import type { SaveState } from "../state/store";

/** What saves, once the page has it. */
export type Saver = () => ReturnType<typeof autosave> | undefined;

/** Someone else saved meanwhile: nothing is lost either way, the builder says which goes on. */
export function ConflictDialog({ save, saver }: { save: Extract<SaveState, { kind: "conflict" }>; saver: Saver }) {
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
