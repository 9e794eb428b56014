import { Button, Dialog, Field, Portal, Text, Textarea } from "@chakra-ui/react";
import { useState } from "react";
import type { Snag } from "#core/ledgers/ledger";
import { useBuildHandle } from "../state/context";

/** Going on although something stops or warns, with a reason that is kept. */
export function OverrideDialog({ snag, onClose }: { snag: Snag | null; onClose: () => void }) {
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
