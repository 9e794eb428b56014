import { Box, Grid } from "@chakra-ui/react";
import { lazy, Suspense, useEffect, useRef, useState } from "react";
import { data, Outlet, type ShouldRevalidateFunctionArgs, useLocation } from "react-router";
import { received, sendable } from "#core/sent";
import { seenOf } from "#core/things/seen";
import { STAGES } from "#core/trades/stages";
import { openDatabase } from "#db/open";
import { guestContext } from "../away";
import { nowMinutes } from "../clock.server";
import { BuildHeader } from "../frame/BuildHeader";
import { KeepHand } from "../frame/KeepHand";
import { StageNav } from "../frame/StageNav";
import { TallyBar } from "../frame/TallyBar";
import { WorkingDrawer } from "../frame/WorkingDrawer";
import { planInputOf, planOnServer } from "../planOf.server";
import { afterPaint } from "../state/afterPaint";
import { autosave } from "../state/autosave";
import { BuildProvider } from "../state/context";
import { fetchPlanner } from "../state/fetchPlanner";
import { createBuildStore } from "../state/store";
import { SIDE_WIDTH } from "../ui/room";
import type { Route } from "./+types/build";

/** What is only now and then to be said does not keep a page waiting. */
const Notice = lazy(() => import("../frame/Notice").then((m) => ({ default: m.Notice })));

export async function loader({ params, context }: Route.LoaderArgs) {
  const input = await planInputOf(params.id);
  if (!input) throw data("There is no build of this name. It may have been renamed or never kept.", { status: 404 });
  if (!input.ok) throw data(input.message, { status: 409 });
  const { design, revision, unread, ...bench } = input.value;
  const plan = planOnServer(input.value);
  const { db } = await openDatabase();
  const ids = STAGES.map((stage) => stage.id);
  return {
    ...{ id: params.id, design, revision, unread: unread.length, bench, clock: await nowMinutes(db) },
    // A device that was let in from the network has this one page.
    guest: context.get(guestContext),
    ...{ stages: STAGES, plan: sendable(plan), seen: seenOf(plan, ids) },
  };
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

function OpenBuild({
  id,
  design,
  revision,
  unread,
  bench,
  clock,
  guest,
  stages,
  plan,
  seen,
}: Route.ComponentProps["loaderData"]) {
  // The page owns the design from its first render on: a later read of the loader must not throw edits away.
  const [api] = useState(() =>
    createBuildStore(
      {
        ...{ design, revision, bench, clock, seen },
        plan: received(plan, { design, ...bench }),
        planner: fetchPlanner,
      },
      afterPaint,
    ),
  );
  useEffect(() => afterPaint(api.wake), [api]);
  useEffect(() => api.setBench(bench), [api, bench]);
  const startedFrom = useRef(revision);
  const saver = useRef<ReturnType<typeof autosave>>(undefined);
  useEffect(() => {
    const running = autosave(id, api, startedFrom.current);
    saver.current = running;
    return () => running.stop();
  }, [id, api]);
  // What works its day out is fetched after the page stands.
  useEffect(() => {
    if (guest) return;
    let stop: (() => void) | undefined;
    let gone = false;
    void Promise.all([import("../state/dayKeeper"), import("../state/sureKeeper")]).then(
      ([{ keepDays }, { sureKeeperOf }]) => {
        if (gone) return;
        const [days, sure] = [keepDays(id, api), sureKeeperOf(id, api)];
        stop = () => {
          days();
          sure.end();
        };
      },
    );
    return () => {
      gone = true;
      stop?.();
    };
  }, [id, api, guest]);
  // On a phone the bench has the page to itself: one step, large.
  const whole = useLocation().pathname.endsWith("/bench");
  return (
    <BuildProvider buildId={id} stages={stages} api={api}>
      <Grid
        templateAreas={{
          base: `"head" "nav" "main" "tally"`,
          md: `"head head" "nav main" "tally tally"`,
          xl: `"head head head" "nav main side" "tally tally tally"`,
        }}
        templateColumns={{
          base: "minmax(0, 1fr)",
          md: "132px minmax(0, 1fr)",
          xl: `150px minmax(0, 1fr) ${SIDE_WIDTH}`,
        }}
        templateRows={{ base: "auto auto minmax(0, 1fr) auto", md: "auto minmax(0, 1fr) auto" }}
        height="100dvh"
      >
        <Box gridArea="head">
          <Box display={whole ? { base: "none", md: "block" } : "block"}>
            <BuildHeader saver={() => saver.current} />
          </Box>
          <Suspense fallback={null}>
            <Notice unread={unread} />
          </Suspense>
        </Box>
        <Box
          gridArea="nav"
          display={whole ? { base: "none", md: "block" } : "block"}
          bg="rail"
          borderRightWidth={{ md: "1px" }}
          borderColor="line"
          overflowY="auto"
        >
          <StageNav />
        </Box>
        <Outlet />
        <Box gridArea="tally" display={whole ? { base: "none", md: "block" } : "block"}>
          <TallyBar />
        </Box>
      </Grid>
      <KeepHand />
      <WorkingDrawer />
    </BuildProvider>
  );
}
