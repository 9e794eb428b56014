import "@fontsource-variable/atkinson-hyperlegible-next/wght.css";
import "@fontsource-variable/atkinson-hyperlegible-mono/wght.css";
import "@fontsource-variable/bricolage-grotesque/wght.css";
import { ChakraProvider, Heading, Stack, Text } from "@chakra-ui/react";
import type { ReactNode } from "react";
import {
  isRouteErrorResponse,
  Links,
  Meta,
  Outlet,
  Scripts,
  ScrollRestoration,
  useRouteLoaderData,
} from "react-router";
import type { Route } from "./+types/root";
import { readKeys, readTheme } from "./theme/cookie";
import { system } from "./theme/system";
import { LinkButton } from "./ui/LinkButton";

export function loader({ request }: Route.LoaderArgs) {
  const cookie = request.headers.get("Cookie");
  return { theme: readTheme(cookie), keys: readKeys(cookie) };
}

export const links: Route.LinksFunction = () => [{ rel: "icon", href: "/favicon.svg", type: "image/svg+xml" }];

export const meta: Route.MetaFunction = () => [{ title: "Hornwort" }];

export function Layout({ children }: { children: ReactNode }) {
  const data = useRouteLoaderData<typeof loader>("root");
  return (
    <html lang="en" className={data?.theme ?? "light"} suppressHydrationWarning>
      <head>
        <meta charSet="utf-8" />
        <meta name="viewport" content="width=device-width, initial-scale=1" />
        <Meta />
        <Links />
      </head>
      <body>
        <ChakraProvider value={system}>{children}</ChakraProvider>
        <ScrollRestoration />
        <Scripts />
      </body>
    </html>
  );
}

export default function App() {
  return <Outlet />;
}

/** What a visitor sees when a page cannot be shown: what happened, what was kept, what to do. */
export function ErrorBoundary({ error }: Route.ErrorBoundaryProps) {
  const missing = isRouteErrorResponse(error) && error.status === 404;
  const words = isRouteErrorResponse(error) && typeof error.data === "string" ? error.data : undefined;
  return (
    <Stack
      as="main"
      maxW="36rem"
      mx="auto"
      mt="16"
      p="6"
      gap="4"
      bg="sheet"
      borderWidth="1px"
      borderColor="line"
      borderRadius="md"
    >
      <Heading as="h1" size="xl">
        {missing ? "Nothing here" : "This page could not be shown"}
      </Heading>
      <Text>
        {words ??
          (missing ? "There is no such page." : "Something in Hornwort went wrong. Everything you saved is kept.")}
      </Text>
      <LinkButton to="/">Go to your builds</LinkButton>
    </Stack>
  );
}
