import { Box, Flex } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { useBuildHandle, usePicked, useShown } from "../state/context";
import { QuietButton } from "../ui/QuietButton";
import { SIDE_BELOW, SIDE_OVER, SIDE_WIDTH } from "../ui/room";
import { InHand } from "./InHand";
import { Snags } from "./Snags";

/** What is in hand and the snags: beside the board, or over it where there is no room, or from below on a phone. */
export function Side({ stage, own }: { stage: string; own: { title: string; fields: ReactNode } }) {
  const { openSide } = useBuildHandle();
  const open = usePicked((p) => p.sideOpen);
  const here = useShown(
    ({ plan }) => plan.snags.filter((s) => s.stage === stage && !s.waived && s.severity !== "note").length,
  );
  return (
    <Box gridArea={{ xl: "side" }} position={{ base: "static", xl: "relative" }} minH="0" minW="0">
      <QuietButton
        display={{ base: "flex", xl: "none" }}
        position="fixed"
        zIndex="banner"
        right={{ base: "2", md: "3" }}
        bottom={{ base: open ? `calc(${SIDE_BELOW} + 6px)` : "3", md: "16" }}
        bg="fern"
        color="fernInk"
        size="sm"
        aria-expanded={open}
        onClick={() => openSide(!open)}
      >
        {open ? "Close" : `In hand · ${here === 1 ? "1 snag" : `${here} snags`} here`}
      </QuietButton>
      <Flex
        as="aside"
        aria-label="In hand and snags"
        direction="column"
        gap="2"
        bg="sheet"
        borderColor="line"
        borderLeftWidth={{ md: "1px" }}
        borderTopWidth={{ base: "2px", md: "0" }}
        px="2.5"
        py="2.5"
        height={{ base: "auto", xl: "100%" }}
        overflowY={{ base: "auto", xl: "hidden" }}
        position={{ base: "fixed", xl: "static" }}
        zIndex={{ base: "sticky", xl: "auto" }}
        top={{ base: "auto", md: SIDE_OVER.top, xl: "auto" }}
        bottom={{ base: "0", md: SIDE_OVER.bottom, xl: "auto" }}
        right="0"
        left={{ base: "0", md: "auto" }}
        width={{ base: "auto", md: SIDE_WIDTH }}
        maxHeight={{ base: SIDE_BELOW, md: "none" }}
        pb={{ base: "14", xl: "2.5" }}
        display={{ base: open ? "flex" : "none", xl: "flex" }}
        boxShadow={{ base: "0 0 24px rgb(0 0 0 / 25%)", xl: "none" }}
      >
        <InHand own={own} />
        <Snags stage={stage} />
      </Flex>
    </Box>
  );
}
