import { Text } from "@chakra-ui/react";

/** A quiet word under the fields of what is in hand. */
export const Hint = ({ children }: { children: string }) => (
  <Text fontSize="xs" color="muted" mt="1.5">
    {children}
  </Text>
);
