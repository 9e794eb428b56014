import { CloseButton, Dialog, Portal } from "@chakra-ui/react";
import { type ReactNode, Suspense, useState } from "react";
import { QuietButton } from "../ui/QuietButton";

/** Something that needs the width of the page: opened over the board, and closed again. What is in it loads with it. */
export function Wide({
  button,
  title,
  children,
}: {
  button: string;
  title: string;
  children: (close: () => void) => ReactNode;
}) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <QuietButton size="xs" onClick={() => setOpen(true)}>
        {button} ⤢
      </QuietButton>
      <Dialog.Root open={open} onOpenChange={(d) => setOpen(d.open)} lazyMount unmountOnExit scrollBehavior="inside">
        <Portal>
          <Dialog.Backdrop />
          <Dialog.Positioner>
            <Dialog.Content bg="sheet" color="ink" maxW="min(76rem, calc(100vw - 2rem))" my="8">
              <Dialog.Header pb="1">
                <Dialog.Title fontFamily="heading">{title}</Dialog.Title>
              </Dialog.Header>
              <Dialog.Body>
                <Suspense fallback="On its way…">{children(() => setOpen(false))}</Suspense>
              </Dialog.Body>
              <Dialog.CloseTrigger asChild>
                <CloseButton size="sm" aria-label="Close" />
              </Dialog.CloseTrigger>
            </Dialog.Content>
          </Dialog.Positioner>
        </Portal>
      </Dialog.Root>
    </>
  );
}
