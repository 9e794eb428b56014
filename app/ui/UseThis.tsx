import { Text } from "@chakra-ui/react";
import { QuietButton } from "./QuietButton";

/** Takes one of several ways, or says that it is the one. */
export const UseThis = ({ name, chosen, onUse }: { name: string; chosen: boolean; onUse: (() => void) | undefined }) =>
  chosen ? (
    <Text fontSize="xs" color="fern" fontWeight="bold">
      chosen
    </Text>
  ) : (
    <QuietButton size="xs" disabled={onUse === undefined} onClick={onUse} aria-label={`Use ${name.toLowerCase()}`}>
      use this
    </QuietButton>
  );
