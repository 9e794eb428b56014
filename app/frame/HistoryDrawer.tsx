import { CloseButton, Drawer, Flex, Portal, Stack, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import type { Build } from "#core/document/schema";
import { ask } from "../state/ask";
import { useBuildHandle } from "../state/context";
import { QuietButton } from "../ui/QuietButton";

interface Row {
  number: number;
  what: string;
  savedAt: string;
}

/** Every save of the build; any of them can be made the newest again. */
export function HistoryDrawer({ onClose }: { onClose: () => void }) {
  const { buildId, api } = useBuildHandle();
  const [rows, setRows] = useState<Row[] | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  useEffect(() => {
    let gone = false;
    void ask<{ revisions: Row[] }>(`/builds/${buildId}/revisions`).then((answer) => {
      if (gone) return;
      if (answer.ok) setRows(answer.value.revisions);
      else setProblem(`The earlier saves could not be read: ${answer.message}`);
    });
    return () => {
      gone = true;
    };
  }, [buildId]);
  const restore = async (number: number) => {
    const answer = await ask<{ design: Build }>(`/builds/${buildId}/revisions?number=${number}`);
    const problem = answer.ok ? api.replace(answer.value.design)[0]?.message : answer.message;
    if (problem) setProblem(`Not restored: ${problem}`);
    else onClose();
  };
  return (
    <Drawer.Root open onOpenChange={({ open }) => !open && onClose()} size="sm">
      <Portal>
        <Drawer.Backdrop />
        <Drawer.Positioner>
          <Drawer.Content bg="sheet" color="ink">
            <Drawer.Header>
              <Drawer.Title fontFamily="heading">Earlier saves</Drawer.Title>
            </Drawer.Header>
            <Drawer.Body>
              <Text fontSize="sm" color="muted" mb="3">
                Restoring makes an earlier save the newest; nothing in between is lost.
              </Text>
              {problem && (
                <Text role="alert" color="stop" mb="2">
                  {problem}
                </Text>
              )}
              {!rows && !problem && <Text>Reading…</Text>}
              <Stack gap="1">
                {rows?.map((row, i) => (
                  <Flex key={row.number} align="center" gap="3" borderBottomWidth="1px" borderColor="line" py="1.5">
                    <Text fontFamily="mono" w="3rem">
                      {row.number}
                    </Text>
                    <Text flex="1" fontSize="sm">
                      {new Date(row.savedAt).toLocaleString()} · {row.what}
                    </Text>
                    {i > 0 && (
                      <QuietButton size="xs" onClick={() => restore(row.number)}>
                        Restore
                      </QuietButton>
                    )}
                  </Flex>
                ))}
              </Stack>
            </Drawer.Body>
            <Drawer.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close the earlier saves" />
            </Drawer.CloseTrigger>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
}
