import { Flex, Heading, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A stage's title with its one-line summary, and its buttons at the right. */
export function StageHead({ title, summary, children }: { title: string; summary: string; children?: ReactNode }) {
  return (
    <Flex align="baseline" gap="3" mb="2.5" wrap="wrap">
      <Heading as="h2" size="xl" fontFamily="heading">
        {title}
      </Heading>
      <Text fontSize="sm" color="muted" flex="1" minW="10rem">
        {summary}
      </Text>
      {children && (
        <Flex gap="2" wrap="wrap">
          {children}
        </Flex>
      )}
    </Flex>
  );
}
