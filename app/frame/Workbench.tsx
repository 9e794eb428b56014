import { Box, Flex } from "@chakra-ui/react";
import { type ReactNode, useEffect, useRef } from "react";
import type { Drawing } from "../drawing/useBoards";
import { Board } from "./Board";
import { Side } from "./Side";
import { StageHead } from "./StageHead";

/** How a stage is laid out: its board in sight, the rows under it, and at the side what is in hand and what it causes. */
export function Workbench({
  stage,
  title,
  summary,
  tools,
  board,
  own,
  children,
}: {
  /** The stage's id: its snags come first. */
  stage: string;
  title: string;
  summary: string;
  /** Views and other buttons of the head. */
  tools?: ReactNode;
  /** The drawing, with what it is called; none where a stage draws nothing. */
  board?: Drawing | { label: string; whole: ReactNode };
  /** What is in hand while nothing else is: the stage's own few fields, with their title. */
  own: { title: string; fields: ReactNode };
  /** The rows. */
  children: ReactNode;
}) {
  const rows = useRef<HTMLDivElement>(null);
  // A stage opens at its head, however far down the last one was read.
  useEffect(() => {
    if (stage) rows.current?.scrollTo(0, 0);
  }, [stage]);
  return (
    <>
      <Flex as="main" gridArea="main" direction="column" minW="0" minH="0" px={{ base: "2", md: "3.5" }} pt="2">
        <StageHead title={title} summary={summary}>
          {tools}
        </StageHead>
        {board &&
          ("draw" in board ? (
            <Board label={board.label} corner={board.corner}>
              {board.draw}
            </Board>
          ) : (
            board.whole
          ))}
        <Box ref={rows} data-rows flex="1" minH="0" overflowY="auto" pt="2" pb="3" css={{ scrollbarGutter: "auto" }}>
          {children}
        </Box>
      </Flex>
      <Side stage={stage} own={own} />
    </>
  );
}
