import { Flex, Progress, Text } from "@chakra-ui/react";
import { QuietButton } from "./QuietButton";

/** Something that takes a while: how far it is, and a button that stops it. */
export function Going({ words, share, onStop }: { words: string; share: number; onStop: () => void }) {
  return (
    <Flex align="center" gap="2" my="1" role="status">
      <Text fontSize="xs" color="muted" flex="0 0 auto">
        {words}
      </Text>
      <Progress.Root value={Math.round(100 * share)} size="xs" flex="1" minW="4rem" aria-label={words}>
        <Progress.Track>
          <Progress.Range bg="fern" />
        </Progress.Track>
      </Progress.Root>
      <QuietButton size="xs" onClick={onStop}>
        Stop
      </QuietButton>
    </Flex>
  );
}
