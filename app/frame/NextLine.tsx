import { Box } from "@chakra-ui/react";
import { useShown } from "../state/context";
import { useGo } from "./go";

/** What to do next, in a line; pressed, it goes there. */
export function NextLine() {
  const next = useShown(({ seen }) => seen.next);
  const go = useGo();
  return (
    <Box flex={{ base: "1 0 100%", md: "1 1 0" }} order={{ base: 1, md: 0 }} minW="0">
      {next && (
        <Box
          as="button"
          display="block"
          maxW="100%"
          truncate
          fontSize="sm"
          color="barInk"
          cursor="pointer"
          textAlign="left"
          title={next.says}
          _hover={{ textDecoration: "underline" }}
          onClick={() => go(next.stage, next.thing)}
        >
          {`Next: ${next.says} →`}
        </Box>
      )}
    </Box>
  );
}
