import { Box, Flex, Heading, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import { Link } from "react-router";
import { ThemeButton } from "../theme/ThemeButton";

/** A page outside a build: head, title, content. */
export function Page({ title, summary, children }: { title: string; summary?: string; children: ReactNode }) {
  return (
    <>
      <Flex as="header" bg="bar" color="barInk" align="center" gap="5" px="4" minH="48px">
        <Link to="/">
          <Text as="span" fontFamily="heading" fontWeight="bold" fontSize="lg">
            Hornwort
          </Text>
        </Link>
        <Flex as="nav" aria-label="Pages" gap="4" fontSize="sm" flex="1">
          <Link to="/">Builds</Link>
          <Link to="/workshop">Workshop</Link>
          <Link to="/about">What it computes</Link>
        </Flex>
        <ThemeButton size="xs" variant="outline" color="barInk" borderColor="barMuted" />
      </Flex>
      <Box as="main" maxW="60rem" mx="auto" px="4" py="6">
        <Heading as="h1" size="2xl" fontFamily="heading">
          {title}
        </Heading>
        {summary && (
          <Text color="muted" mb="4">
            {summary}
          </Text>
        )}
        {children}
      </Box>
    </>
  );
}
