import { Flex, Text } from "@chakra-ui/react";
import { useStore } from "zustand";
import { useBuildHandle } from "../state/context";
import { QuietButton } from "../ui/QuietButton";

/** What was not done, and what of the log cannot be read: said over every stage, wherever it came from. */
export function Notice({ unread }: { unread: number }) {
  const { api, logbook } = useBuildHandle();
  const refused = useStore(api.store, (s) => s.refused);
  const notKept = useStore(logbook.state, (s) => s.message);
  return (
    <>
      {refused && <Line words={refused} onClose={api.dismiss} />}
      {notKept && <Line words={notKept} onClose={logbook.dismiss} />}
      {unread > 0 && (
        <Line
          words={`This Hornwort cannot read ${unread} of this log's entries, and leaves them out of the plan. They are kept: open the build with the one that wrote them.`}
        />
      )}
    </>
  );
}

function Line({ words, onClose }: { words: string; onClose?: () => void }) {
  return (
    <Flex
      role="alert"
      bg="stopSoft"
      color="ink"
      borderLeftWidth="4px"
      borderColor="stop"
      px="4"
      py="1.5"
      gap="3"
      align="center"
    >
      <Text fontSize="sm" flex="1">
        {words}
      </Text>
      {onClose && (
        <QuietButton size="2xs" onClick={onClose}>
          Close
        </QuietButton>
      )}
    </Flex>
  );
}
