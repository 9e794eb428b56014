import { Box, Flex, Heading, IconButton, Text } from "@chakra-ui/react";
import { Moon, Sun } from "lucide-react";
import { type ReactNode, useState } from "react";
import { Link, useRouteLoaderData } from "react-router";
import { chooseTheme } from "../theme/cookie";

/** A page outside a build: head, title, content. */
export function Page({ title, summary, children }: { title: string; summary?: string; children: ReactNode }) {
  const theme = (useRouteLoaderData("root") as { theme: "light" | "dark" } | undefined)?.theme ?? "light";
  const [dark, setDark] = useState(theme === "dark");
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
        <IconButton
          size="xs"
          variant="outline"
          color="barInk"
          borderColor="barMuted"
          aria-label={dark ? "Light" : "Dark"}
          onClick={() => {
            chooseTheme(dark ? "light" : "dark");
            setDark(!dark);
          }}
        >
          {dark ? <Sun size={14} /> : <Moon size={14} />}
        </IconButton>
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
