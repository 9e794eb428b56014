import { Box, type BoxProps, Heading, SimpleGrid } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A sheet of paper on the bench with a heading of its own. */
export function Panel({ title, children, ...rest }: BoxProps & { title?: string; children: ReactNode }) {
  return (
    <Box as="section" bg="sheet" borderWidth="1px" borderColor="line" borderRadius="md" px="3" py="2" {...rest}>
      {title && (
        <Heading as="h2" size="sm" mb="1.5" fontFamily="heading">
          {title}
        </Heading>
      )}
      {children}
    </Box>
  );
}

/** Fields side by side as room allows: two in the hand. */
export function Fields({ children, min = "8.2rem" }: { children: ReactNode; min?: string }) {
  return (
    <SimpleGrid minChildWidth={min} columnGap="2.5" rowGap="1.5" alignItems="start">
      {children}
    </SimpleGrid>
  );
}
