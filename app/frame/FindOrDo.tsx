import { Button, Dialog, Portal } from "@chakra-ui/react";
import { lazy, Suspense, useState } from "react";
import { useHotkeys } from "react-hotkeys-hook";
import { BAR_BUTTON } from "./barButton";

const Palette = lazy(() => import("./Palette").then((m) => ({ default: m.Palette })));

/** Finds anything of the build by its name, or does something, by Ctrl or ⌘ and K. */
export function FindOrDo() {
  const [open, setOpen] = useState(false);
  useHotkeys("mod+k", () => setOpen(true), { preventDefault: true, enableOnFormTags: true });
  return (
    <>
      <Button {...BAR_BUTTON} onClick={() => setOpen(true)} display={{ base: "none", md: "inline-flex" }}>
        Find or do… Ctrl K
      </Button>
      <Dialog.Root open={open} onOpenChange={(d) => setOpen(d.open)} lazyMount unmountOnExit>
        <Portal>
          <Dialog.Backdrop />
          <Dialog.Positioner>
            <Dialog.Content bg="sheet" color="ink" maxW="36rem">
              <Dialog.Title srOnly>Find or do</Dialog.Title>
              <Suspense fallback="On its way…">
                <Palette onDone={() => setOpen(false)} />
              </Suspense>
            </Dialog.Content>
          </Dialog.Positioner>
        </Portal>
      </Dialog.Root>
    </>
  );
}
