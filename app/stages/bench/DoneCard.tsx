import { Box, Flex, SimpleGrid, Text } from "@chakra-ui/react";
import { useState } from "react";
import { doneEvent, usesOf } from "#core/bench/done";
import { amountWords, VIEW_WORDS } from "#core/bench/plainWords";
import type { StepStands } from "#core/bench/standing";
import type { StepUse } from "#core/bench/use";
import type { BenchOf } from "#core/bench/view";
import { allBought } from "#core/buying/boughtEvent";
import type { SettledStep, Supply } from "#core/ledgers/ledger";
import { packsOf } from "#core/materials/find";
import { formatMinutes, formatNumber } from "#core/units/format";
import { parseDecimal } from "#core/units/number";
import { useBench, useBuildHandle } from "../../state/context";
import { useLog } from "../../state/useLog";
import { useRemembered } from "../../state/useRemembered";
import { TextField } from "../../ui/TextField";
import { PhotoButton } from "./PhotoButton";
import { BigAct, BigButton, BigTick, Card } from "./parts";

interface Plan extends BenchOf {
  supplies: readonly Supply[];
  startSupplies: readonly Supply[];
}

/** Long for a step of an evening: likely two steps, or minutes typed for hours. */
const LONG_MINUTES = 480;

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
  const amountOf = (use: StepUse) => readUsed(used[use.materialId] ?? "", use, packOf(book, use));
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

/** What keeps a layout from being over: memory fails once it is taken out. */
function photoGate({ photos: wanted = [] }: SettledStep, photos: readonly string[]): string[] {
  const missing = wanted.filter((view) => !photos.includes(view));
  if (missing.length === 0) return [];
  return [
    `Photograph it first ${missing.map((v) => VIEW_WORDS[v]).join(", ")}: ${wanted.length - missing.length} of ${wanted.length} are there. Memory fails once it is taken out.`,
  ];
}

/** What keeps residents out. */
const closingGate = ({ reaches }: SettledStep, open: number): string[] =>
  open > 0 && reaches?.includes("residentsIn")
    ? [
        `${open} ${open === 1 ? "check" : "checks"} of the closing list ${open === 1 ? "is" : "are"} open. Go through it first.`,
      ]
    : [];

/** What is wrong with minutes as they were typed, and whether that keeps them out. */
function minutesFault(minutes: number | null | undefined, planned: number): { stops: boolean; words: string } {
  if (minutes === null) return { stops: false, words: "" };
  if (minutes === undefined) return { stops: true, words: "Type minutes as a number, such as 25, or leave it empty." };
  if (minutes <= 0 || minutes > 1440)
    return { stops: true, words: "Type minutes from 1 to 1440, or leave it empty: nobody looked." };
  if (minutes > LONG_MINUTES && minutes > 3 * planned)
    return {
      stops: false,
      words: `${formatMinutes(minutes)} for a step planned at ${formatMinutes(planned)}: kept as typed, and your rate follows it. Were breaks in it?`,
    };
  return { stops: false, words: "" };
}

interface Pack {
  name: string;
  content: number;
}

/** The pack a material's use is counted in; none where nobody read off what is in it. */
function packOf(book: ReturnType<typeof useBench>["book"], { materialId }: StepUse): Pack | undefined {
  const material = book.materials.find((m) => m.id === materialId);
  return material ? packsOf(material).find((p) => p.content > 0) : undefined;
}

/** Packs as they were typed, as an amount; nothing typed is none, and undefined for what is no number. */
function readUsed(text: string, _use: StepUse, pack: Pack | undefined): number | undefined {
  if (text.trim() === "") return 0;
  const count = parseDecimal(text);
  if (count === undefined || count < 0 || count > 10_000) return undefined;
  return count * (pack?.content ?? 1);
}

/** What was used of a material, in packs; one tap takes what was planned. */
function UsedRow({
  use,
  pack,
  onShelf,
  text,
  onChange,
}: {
  use: StepUse;
  pack: Pack | undefined;
  onShelf: number;
  text: string;
  onChange: (text: string) => void;
}) {
  const planned = use.likely / (pack?.content ?? 1);
  const plan = formatNumber(planned, planned < 0.1 ? 2 : 1, "up");
  const amount = readUsed(text, use, pack);
  const packName = pack?.name ?? "pieces";
  const over = amount !== undefined && amount > onShelf + 1e-6;
  return (
    <Box mt="2.5">
      <Flex gap="2.5" align="end" css={{ "& input": { height: "56px", fontSize: "lg" } }}>
        <Box flex="1">
          <TextField
            label={`Used of ${use.label}, ${packName}`}
            value={text}
            onChange={onChange}
            error={amount === undefined ? "Type a number of packs, such as 1 or 0.5." : null}
          />
        </Box>
        <BigButton w="auto" flex="0 0 9.5rem" fontSize="md" onClick={() => onChange(plan)}>
          {`As planned: ${plan}`}
        </BigButton>
      </Flex>
      {amount !== undefined && amount > 0 && (
        <Text fontSize="sm" color={over ? "mind" : "muted"} mt="1">
          {over
            ? `${amountWords({ unit: use.unit, amount })}: more than is on the shelf, which has ${amountWords({ unit: use.unit, amount: onShelf })}. It is kept as typed. Was a pack bought that is not in the log?`
            : `${amountWords({ unit: use.unit, amount })} of the ${amountWords({ unit: use.unit, amount: onShelf })} on the shelf`}
        </Text>
      )}
    </Box>
  );
}
