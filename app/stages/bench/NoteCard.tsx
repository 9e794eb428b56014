import { SimpleGrid } from "@chakra-ui/react";
import { useState } from "react";
import { REWORK_CAUSES, type ReworkCause } from "#core/bench/names";
import { CAUSE_WORDS } from "#core/bench/plainWords";
import type { SettledStep } from "#core/ledgers/ledger";
import type { LogEntry } from "#core/log/schema";
import { parseDecimal } from "#core/units/number";
import { useLog } from "../../state/useLog";
import { Select } from "../../ui/Select";
import { TextField } from "../../ui/TextField";
import { BigAct, BigButton, Card } from "./parts";

type Event = LogEntry["event"];
type Typed = Readonly<Record<string, string>>;
const number = (text: string | undefined): number | undefined =>
  text === undefined || text.trim() === "" ? 0 : (parseDecimal(text) ?? undefined);

/** What can be written down, with its lines; what is missing or no number keeps it from being kept. */
interface Kind {
  words: string;
  lines: readonly (readonly [key: string, label: string])[];
  cause?: true;
  event: (typed: Typed, step: SettledStep | undefined, cause: ReworkCause) => Event | string;
}
const KINDS = {
  deviation: {
    words: "Done otherwise than planned",
    lines: [
      ["what", "What was done"],
      ["because", "Because"],
    ],
    event: ({ what = "", because = "" }, step) =>
      what.trim() && because.trim()
        ? { kind: "deviation", step: step?.id ?? null, what, because }
        : "Say what was done, and why.",
  },
  rework: {
    words: "Done again",
    lines: [
      ["what", "What was done again"],
      ["minutes", "Minutes"],
      ["material", "Material lost"],
      ["delayDays", "Days lost"],
      ["check", "What check would have caught it"],
    ],
    cause: true,
    event: ({ what = "", minutes, material = "", delayDays, check = "" }, step, cause) => {
      const [took, late] = [number(minutes), number(delayDays)];
      if (!what.trim()) return "Say what was done again.";
      if (took === undefined || took < 0 || took > 1440) return "Type minutes from 0 to 1440.";
      if (late === undefined || late < 0 || late > 3650) return "Type days as a number, such as 2.";
      return {
        ...{ kind: "rework", step: step?.id ?? null, what, cause, minutes: took, material },
        ...{ delayDays: late, check: check.trim() || null },
      };
    },
  },
  regret: {
    words: "Next time otherwise",
    lines: [["what", "What you would do otherwise"]],
    event: ({ what = "" }, step) =>
      what.trim() ? { kind: "regret", what, stage: step?.stage ?? "bench" } : "Say what you would do otherwise.",
  },
  swatch: {
    words: "A swatch",
    lines: [
      ["what", "Of what"],
      ["wet", "Wet"],
      ["dry", "Dry"],
      ["varnished", "Varnished"],
    ],
    event: ({ what = "", wet = "", dry = "", varnished = "" }) =>
      what.trim() && (wet || dry || varnished)
        ? { kind: "swatch", what, wet, dry, varnished }
        : "Say of what it is, and how it looks wet, dry or varnished.",
  },
  weighed: {
    words: "Weighed",
    lines: [
      ["what", "What was weighed"],
      ["kg", "Kilograms"],
    ],
    event: ({ what = "", kg }) => {
      const mass = number(kg);
      return what.trim() && mass !== undefined && mass > 0 && mass <= 5000
        ? { kind: "weighed", what, kg: mass }
        : "Say what was weighed, and its kilograms, such as 12.5.";
    },
  },
} satisfies Record<string, Kind>;
type KindId = keyof typeof KINDS;

/** Writes down what happened beside the steps: deviations, rework, regrets, swatches, masses. */
export function NoteCard({ step }: { step: SettledStep | undefined }) {
  const log = useLog();
  const [kind, setKind] = useState<KindId>("deviation");
  const [typed, setTyped] = useState<Typed>({});
  const [cause, setCause] = useState<ReworkCause>("didNotFit");
  const [open, setOpen] = useState(false);
  const [fault, setFault] = useState<string | null>(null);
  if (!open)
    return (
      <Card over="Something to write down">
        <BigButton onClick={() => setOpen(true)}>Otherwise, again, next time…</BigButton>
      </Card>
    );
  const { lines, event, ...rest }: Kind = KINDS[kind];
  const keep = () => {
    const made = event(typed, step, cause);
    if (typeof made === "string") return setFault(made);
    log.add(made);
    setTyped({});
    setFault(null);
    setOpen(false);
  };
  return (
    <Card over="Something to write down" css={{ "& input, & select": { height: "48px", fontSize: "md" } }}>
      <SimpleGrid columns={1} gap="2">
        <Select
          label="What it is"
          value={kind}
          options={(Object.keys(KINDS) as KindId[]).map((id) => [id, KINDS[id].words] as const)}
          onChange={setKind}
        />
        {rest.cause && (
          <Select
            label="Why"
            value={cause}
            options={REWORK_CAUSES.map((id) => [id, CAUSE_WORDS[id]] as const)}
            onChange={setCause}
          />
        )}
        {lines.map(([key, label], i) => (
          <TextField
            key={key}
            label={label}
            value={typed[key] ?? ""}
            onChange={(text) => setTyped({ ...typed, [key]: text.slice(0, 200) })}
            error={i === 0 ? fault : null}
          />
        ))}
      </SimpleGrid>
      <SimpleGrid columns={2} gap="2.5" mt="2.5">
        <BigButton onClick={() => setOpen(false)}>Not now</BigButton>
        <BigAct onClick={keep}>Write it down</BigAct>
      </SimpleGrid>
    </Card>
  );
}
