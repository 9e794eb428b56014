import { Box } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** Sheets of rows in two columns where there is room, packed without gaps. */
export const TwoUp = ({ children }: { children: ReactNode }) => (
  <Box css={{ columnCount: { base: 1, md: 2 }, columnGap: "2", "& > *": { breakInside: "avoid", marginBottom: "2" } }}>
    {children}
  </Box>
);
