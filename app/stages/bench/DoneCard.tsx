import { Box, Flex, SimpleGrid, Text } from "@chakra-ui/react";
import { useState } from "react";
import { doneEvent, usesOf } from "#core/bench/done";
import type { StepStands } from "#core/bench/standing";
import type { StepUse } from "#core/bench/use";
import type { BenchOf } from "#core/bench/view";
import { allBought } from "#core/buying/boughtEvent";
import type { SettledStep, Supply } from "#core/ledgers/ledger";
import { formatMinutes } from "#core/units/format";
import { parseDecimal } from "#core/units/number";
import { useBench, useBuildHandle } from "../../state/context";
import { useLog } from "../../state/useLog";
import { useRemembered } from "../../state/useRemembered";
import { TextField } from "../../ui/TextField";
import { closingGate, photoGate } from "./gates";
import { PhotoButton } from "./PhotoButton";
import { BigAct, BigButton, BigTick, Card } from "./parts";
import { minutesFault, readPacks } from "./typed";
import { packOf, UsedRow } from "./UsedRow";

interface Plan extends BenchOf {
  supplies: readonly Supply[];
  startSupplies: readonly Supply[];
}

/** How it went: a photograph, what was used, and one tap that ends the work and starts its wait. */
export function DoneCard({
  step,
  stands,
  plan,
  photos,
  openChecks,
  onDone,
}: {
  step: SettledStep;
  stands: StepStands | undefined;
  plan: Plan;
  /** Views there are photographs of this step from. */
  photos: readonly string[];
  /** Checks of the closing list that are open. */
  openChecks: number;
  onDone: (entry: string) => void;
}) {
  const { api } = useBuildHandle();
  const log = useLog();
  const { book, stock } = useBench();
  const uses = usesOf(step.id, plan);
  const [used, setUsed] = useState<Record<string, string>>({});
  const [typed, setTyped] = useState<string | null>(null);
  const [passed, setPassed] = useState(false);
  const fetches = step.reaches?.includes("fetched") ?? false;
  const [allHad, setAllHad] = useState(false);
  const [more, setMore] = useState(false);
  const [batch, setBatch] = useState("");
  const [note, setNote] = useState("");
  const [by, setBy] = useRemembered("by");
  const [room, setRoom] = useRemembered("room");
  const begun = stands?.state === "begun";
  const clockMinutes = begun ? Math.max(1, Math.round(api.clock.now() - stands.at) + stands.spentMinutes) : null;
  const minutes = typed === null ? clockMinutes : typed.trim() === "" ? null : parseDecimal(typed);
  const roomC = room.trim() === "" ? null : (parseDecimal(room) ?? null);
  const gates = [...photoGate(step, photos), ...closingGate(step, openChecks)];

  const faults = minutesFault(minutes, step.handsOnMinutes);
  const amountOf = (use: StepUse) => readPacks(used[use.materialId] ?? "", packOf(book, use)?.content ?? 1);
  const bad = uses.some((use) => amountOf(use) === undefined) || faults.stops;

  const done = () => {
    const event = doneEvent(
      step.id,
      plan,
      {
        ...{ roomC, batch, by, note },
        minutes: minutes ?? null,
        passed: passed ? true : null,
        used: uses.map((use) => ({ material: use.materialId, amount: amountOf(use) ?? 0 })),
      },
      api.clock.now(),
    );
    if (!event) return;
    log.add(event, ...(fetches && allHad ? allBought(api.shown.getState().plan.buying.lines) : []));
    onDone(step.id);
  };

  return (
    <Card over="When it is done">
      <SimpleGrid columns={2} gap="2.5">
        <PhotoButton step={step} />
        {begun ? (
          <BigButton onClick={() => log.add({ kind: "step-left", step: step.id, because: "" })}>Break off</BigButton>
        ) : (
          <BigButton onClick={() => log.add({ kind: "step-begun", step: step.id })}>
            {stands?.state === "left" ? "Go on" : "Start"}
          </BigButton>
        )}
      </SimpleGrid>
      {uses.map((use) => (
        <UsedRow
          key={use.materialId}
          use={use}
          pack={packOf(book, use)}
          onShelf={stock.onHand.filter((s) => s.material === use.materialId).reduce((n, s) => n + s.amount, 0)}
          text={used[use.materialId] ?? ""}
          onChange={(text) => setUsed({ ...used, [use.materialId]: text })}
        />
      ))}
      {fetches && (
        <Box mt="2.5">
          <BigTick on={allHad} words="All of the list is bought, as many packs as are likely" onChange={setAllHad} />
        </Box>
      )}
      {step.passSign && (
        <Box mt="2.5">
          <BigTick on={passed} words={step.passSign} onChange={setPassed} />
        </Box>
      )}
      <Flex mt="2.5" gap="2.5" css={{ "& input": { height: "56px", fontSize: "lg" } }}>
        <Box flex="1">
          <TextField
            label={begun && typed === null ? "Minutes, by the clock" : "Minutes it took"}
            value={typed ?? (clockMinutes === null ? "" : String(clockMinutes))}
            onChange={setTyped}
            error={faults.stops ? faults.words : null}
          />
        </Box>
        <Box flex="1">
          <TextField label="Done by" value={by} onChange={setBy} />
        </Box>
      </Flex>
      {!faults.stops && faults.words && (
        <Text fontSize="sm" color="mind" mt="1" role="status">
          {faults.words}
        </Text>
      )}
      {more && (
        <SimpleGrid columns={2} gap="2.5" mt="2" css={{ "& input": { height: "56px", fontSize: "lg" } }}>
          <TextField label="Room, °C" value={room} onChange={setRoom} />
          <TextField label="Batch on the pack" value={batch} onChange={setBatch} />
          <Box gridColumn="span 2">
            <TextField label="Note" value={note} onChange={setNote} />
          </Box>
        </SimpleGrid>
      )}
      {gates.map((words) => (
        <Text key={words} mt="2" fontSize="md" color="stop" role="status">
          {words}
        </Text>
      ))}
      <Flex direction="column" gap="2.5" mt="2.5">
        <BigAct disabled={bad || gates.length > 0} onClick={done}>
          {step.waitMinutes > 0 ? `Done, start the wait of ${formatMinutes(step.waitMinutes)}` : "Done"}
        </BigAct>
        <Flex gap="2.5">
          {!more && <BigButton onClick={() => setMore(true)}>More to say</BigButton>}
          {gates.length > 0 && (
            <BigButton
              disabled={bad}
              onClick={() => {
                log.add({
                  kind: "deviation",
                  step: step.id,
                  what: `${step.title}, although: ${gates.join(" ")}`.slice(0, 300),
                  because: note || "nobody said",
                });
                done();
              }}
            >
              Done all the same
            </BigButton>
          )}
        </Flex>
      </Flex>
    </Card>
  );
}
