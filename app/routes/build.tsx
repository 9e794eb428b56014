import { Box, Grid } from "@chakra-ui/react";
import { useEffect, useRef, useState } from "react";
import { data, Outlet, type ShouldRevalidateFunctionArgs, useLocation } from "react-router";
import { planInputOf } from "../planOf.server";
import { afterPaint } from "../state/afterPaint";
import { autosave } from "../state/autosave";
import { BuildProvider } from "../state/context";
import { createBuildStore } from "../state/store";
import { BuildHeader } from "../ui/BuildHeader";
import { Notice } from "../ui/Notice";
import { SnagList } from "../ui/SnagList";
import { StageNav } from "../ui/StageNav";
import { TallyBar } from "../ui/TallyBar";
import { WorkingDrawer } from "../ui/WorkingDrawer";
import type { Route } from "./+types/build";

export async function loader({ params }: Route.LoaderArgs) {
  const input = await planInputOf(params.id);
  if (!input) throw data("There is no build of this name. It may have been renamed or never kept.", { status: 404 });
  if (!input.ok) throw data(input.message, { status: 409 });
  const { design, revision, unread, ...bench } = input.value;
  return { id: params.id, design, revision, unread: unread.length, bench };
}

/** The open page owns its design; only a form sent (a price, a restored revision) reads the server again. */
export const shouldRevalidate = ({ formMethod, currentParams, nextParams }: ShouldRevalidateFunctionArgs) =>
  currentParams.id !== nextParams.id || (formMethod !== undefined && formMethod !== "GET");

export const meta: Route.MetaFunction = ({ loaderData }) => [
  { title: `${loaderData?.design.name ?? "Build"} · Hornwort` },
];

export default function BuildPage({ loaderData }: Route.ComponentProps) {
  return <OpenBuild key={loaderData.id} {...loaderData} />;
}

function OpenBuild({ id, design, revision, unread, bench }: Route.ComponentProps["loaderData"]) {
  // The page owns the design from its first render on: a later read of the loader must not throw edits away.
  const [api] = useState(() => createBuildStore(design, revision, bench, afterPaint));
  useEffect(() => api.setBench(bench), [api, bench]);
  const startedFrom = useRef(revision);
  const saver = useRef<ReturnType<typeof autosave>>(undefined);
  useEffect(() => {
    const running = autosave(id, api, startedFrom.current);
    saver.current = running;
    return () => running.stop();
  }, [id, api]);
  // A stage opens at its head, however far down the last one was read.
  const main = useRef<HTMLDivElement>(null);
  const { pathname } = useLocation();
  useEffect(() => {
    if (pathname) main.current?.scrollTo(0, 0);
  }, [pathname]);
  return (
    <BuildProvider buildId={id} api={api}>
      <Grid
        templateAreas={{
          base: `"head" "nav" "main" "snags" "tally"`,
          lg: `"head head head" "nav main snags" "tally tally tally"`,
        }}
        templateColumns={{ base: "minmax(0, 1fr)", lg: "168px minmax(0, 1fr) 292px" }}
        templateRows={{ base: "auto", lg: "auto minmax(0, 1fr) auto" }}
        height={{ base: "auto", lg: "100dvh" }}
        minHeight="100dvh"
      >
        <Box gridArea="head">
          <BuildHeader saver={() => saver.current} />
          <Notice unread={unread} />
        </Box>
        <Box gridArea="nav" bg="rail" borderRightWidth={{ lg: "1px" }} borderColor="line" overflowY="auto">
          <StageNav />
        </Box>
        <Box as="main" ref={main} gridArea="main" overflowY={{ lg: "auto" }} px="4" py="3">
          <Outlet />
        </Box>
        <Box
          as="aside"
          aria-label="Snags"
          gridArea="snags"
          bg="sheet"
          borderLeftWidth={{ lg: "1px" }}
          borderColor="line"
          overflowY={{ lg: "auto" }}
          px="3.5"
          py="3"
        >
          <SnagList />
        </Box>
        <Box gridArea="tally">
          <TallyBar />
        </Box>
      </Grid>
      <WorkingDrawer />
    </BuildProvider>
  );
}
