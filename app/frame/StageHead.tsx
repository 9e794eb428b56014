import { Flex, Heading, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";

/** A stage's title with its one-line summary, and its buttons at the right. */
export function StageHead({ title, summary, children }: { title: string; summary: string; children?: ReactNode }) {
  return (
    <Flex align="center" columnGap="3" rowGap="1" mb="1.5" wrap={{ base: "wrap", lg: "nowrap" }} flex="0 0 auto">
      <Heading as="h2" size="lg" fontFamily="heading" flex="0 0 auto">
        {title}
      </Heading>
      <Text fontSize="sm" color="muted" flex="1" minW="0" lineClamp={1} title={summary}>
        {summary}
      </Text>
      {children && (
        <Flex gap="1.5" wrap="wrap" minW="0" flex={{ base: "0 1 auto", lg: "0 0 auto" }}>
          {children}
        </Flex>
      )}
    </Flex>
  );
}
