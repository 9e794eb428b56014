import { Box, Flex, Text } from "@chakra-ui/react";
import { lazy, useMemo, useState } from "react";
import { NavLink } from "react-router";
import { closingStands } from "#core/bench/closing/standing";
import { stepCodes } from "#core/bench/codes";
import { clocksOf, heldBack, heldNow, stepsNow, waitsOf } from "#core/bench/view";
import { ofKind } from "#core/log/ofKind";
import { Later } from "../../frame/Later";
import { Side } from "../../frame/Side";
import { StageHead } from "../../frame/StageHead";
import { useBuildHandle, useSettled } from "../../state/context";
import { useClockNow } from "../../state/useClockNow";
import { useGuest } from "../../state/useGuest";
import { clockWords, dayWords } from "../../ui/dates";
import { QuietLink } from "../../ui/QuietButton";
import { POSTURE } from "../../words/posture";
import { ClocksCard } from "./ClocksCard";
import { DoneCard } from "./DoneCard";
import { NextCard } from "./NextCard";
import { NowCard } from "./NowCard";
import { OwnLog } from "./OwnLog";
import { Card } from "./parts";
import { useAwake } from "./useAwake";
import { mayNotify, useRing } from "./useRing";

/** A clock that is over within a day stands over the buttons. */
const SOON_MINUTES = 1440;
/** Steps before the end from which on closing and moving are shown. */
const NEAR_STEPS = 8;
const ClosingCard = lazy(() => import("./ClosingCard").then((m) => ({ default: m.ClosingCard })));
const CareCard = lazy(() => import("./CareCard").then((m) => ({ default: m.CareCard })));
const MovingCard = lazy(() => import("./MovingCard").then((m) => ({ default: m.MovingCard })));
const HappenedCard = lazy(() => import("./HappenedCard").then((m) => ({ default: m.HappenedCard })));
const NoteCard = lazy(() => import("./NoteCard").then((m) => ({ default: m.NoteCard })));
const RatesCard = lazy(() => import("./RatesCard").then((m) => ({ default: m.RatesCard })));
const PhotoStrip = lazy(() => import("../../frame/PhotoStrip").then((m) => ({ default: m.PhotoStrip })));
const AwayFields = lazy(() => import("./AwayFields").then((m) => ({ default: m.AwayFields })));

/** The bench: the step now, clocks of what sets, and what happened; for wet gloves first. */
export default function BenchStage() {
  const { buildId } = useBuildHandle();
  const { plan, bench, design } = useSettled();
  const now = useClockNow();
  const guest = useGuest();
  const paper = design.brief.units.unit === "in" ? "letter" : "a4";
  const [taken, setTaken] = useState<string | null>(null);
  const of = { steps: plan.steps, stands: plan.stands, entries: plan.diary.entries };
  const can = stepsNow(of, now);
  const undone = (id: string) => plan.stands.get(id)?.state !== "done";
  const step = plan.steps.find((s) => s.id === taken && undone(s.id)) ?? can[0] ?? nextOf(of);
  const begun = step && plan.stands.get(step.id)?.state === "begun";
  const awake = useAwake(begun === true);
  const held = heldNow(of, now);
  const clocks = clocksOf(of, now);
  useRing(clocks, now);
  const [next, ...rest] = clocks;
  // The one that is over next, if soon, stands over the buttons; the others under them.
  const first = next && next.readyAt > now && next.readyAt - now <= SOON_MINUTES ? [next] : [];
  const others = next && first.length === 0 ? [next, ...rest] : rest;
  const codes = useMemo(() => stepCodes(plan.steps.map((s) => s.id)), [plan]);
  const titleOf = (id: string) => plan.steps.find((s) => s.id === id)?.title ?? id;
  const doneCount = plan.steps.length - plan.diary.entries.length;
  const photos = ofKind(bench.log, "photo").flatMap(({ event: { of: taken, view } }) =>
    taken.id === step?.id ? [view] : [],
  );
  // The closing list comes up with the last days of a build, and stays.
  const near = plan.diary.entries.length <= NEAR_STEPS;
  const where = step?.posture ? `, ${POSTURE[step.posture]}` : "";
  const place = step ? `Step ${doneCount + 1} of ${plan.steps.length}${where}` : `All ${plan.steps.length} steps done`;
  const openChecks = useMemo(
    () => closingStands(plan, bench.log).filter(({ passed }) => !passed).length,
    [plan, bench.log],
  );
  const after = (
    <Later>
      <CareCard now={now} />
      <ClosingCard />
      <MovingCard />
    </Later>
  );
  return (
    <>
      <Flex as="main" gridArea="main" direction="column" minW="0" minH="0">
        <Box hideFrom="md" bg="bar" color="barInk" px="4" py="2.5">
          <Flex justify="space-between" align="baseline" gap="3">
            <Text as="h1" fontWeight="bold" fontSize="lg" truncate>
              {design.name}
            </Text>
            {!guest && (
              <NavLink to={`/builds/${buildId}/diary`} style={{ padding: "10px 0 10px 12px", whiteSpace: "nowrap" }}>
                All pages
              </NavLink>
            )}
          </Flex>
          <Text fontSize="sm" color="barMuted">
            {place}
          </Text>
        </Box>
        <Box hideBelow="md" px="3.5" pt="2">
          <StageHead title="Bench log" summary={place}>
            {!guest && (
              <QuietLink to={`/builds/${buildId}/files/bench-sheet-${paper}.pdf`} reloadDocument>
                Bench sheet, PDF
              </QuietLink>
            )}
          </StageHead>
        </Box>
        <Box flex="1" minH="0" overflowY="auto" px="3" py="3" data-rows>
          <Box
            display="grid"
            gap="3"
            gridTemplateColumns={{ base: "minmax(0, 1fr)", lg: "minmax(0, 1.15fr) minmax(0, 1fr)" }}
            alignItems="start"
          >
            <Flex direction="column" gap="3" minW="0">
              {step ? (
                <>
                  {photos.length > 0 && (
                    <Later>
                      <PhotoStrip id={step.id} />
                    </Later>
                  )}
                  <NowCard step={step} waits={waitsOf(step, of, now)} held={heldBack(step.id, of)} />
                  {held && step.posture && step.posture !== held.posture && (
                    <Card borderColor="stop">
                      <Text fontSize="lg">
                        {`The shell stays ${POSTURE[held.posture]} until ${dayWords(held.until)} ${clockWords(held.until)}: ${held.title}.`}
                      </Text>
                    </Card>
                  )}
                </>
              ) : (
                <Card over="Now">
                  <Text fontSize="lg">Everything in the plan is done.</Text>
                </Card>
              )}
              {!step && after}
              <ClocksCard clocks={first} now={now} />
              {step?.ownLog && <OwnLog id={step.ownLog} />}
              {step && (
                <DoneCard
                  key={step.id}
                  step={step}
                  stands={plan.stands.get(step.id)}
                  plan={{ ...of, supplies: plan.supplies, startSupplies: plan.startSupplies }}
                  photos={photos}
                  openChecks={openChecks}
                  onDone={() => {
                    mayNotify();
                    setTaken(null);
                  }}
                />
              )}
              <ClocksCard clocks={others} now={now} />
              {awake === false && (
                <Text fontSize="sm" color="muted">
                  This browser does not let the page keep the screen on.
                </Text>
              )}
            </Flex>
            <Flex direction="column" gap="3" minW="0">
              <NextCard
                codes={codes}
                steps={can.filter((s) => s.id !== step?.id)}
                onTake={(id) => {
                  setTaken(id);
                  document.querySelector("[data-rows]")?.scrollTo(0, 0);
                }}
              />
              <Later>
                <NoteCard step={step} />
              </Later>
              {step && near && after}
              <Later>
                <HappenedCard titleOf={titleOf} />
                <RatesCard />
              </Later>
            </Flex>
          </Box>
        </Box>
      </Flex>
      <Box display={{ base: "none", xl: "contents" }}>
        <Side
          stage="bench"
          own={{
            title: "On your phone",
            fields: (
              <Later>
                <AwayFields />
              </Later>
            ),
          }}
        />
      </Box>
    </>
  );
}

/** The first step of the diary, where nothing can be done yet but wait. */
const nextOf = ({ steps, entries }: Parameters<typeof stepsNow>[0]) => steps.find((s) => s.id === entries[0]?.stepId);
