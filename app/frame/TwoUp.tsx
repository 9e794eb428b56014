import { Grid } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** Sheets of rows side by side where there is room. */
export const TwoUp = ({ children }: { children: ReactNode }) => (
  <Grid templateColumns={{ base: "minmax(0, 1fr)", md: "repeat(2, minmax(0, 1fr))" }} gap="2" alignItems="start">
    {children}
  </Grid>
);
