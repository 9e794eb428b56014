import { Box, Table, Text } from "@chakra-ui/react";
import { proxy, wrap } from "comlink";
import { useState } from "react";
import { useStore } from "zustand";
import { DAY } from "#core/day/facts";
import type { LeverFound, LeverSearch } from "#core/levers/search";
import type { LeversDoor } from "../../../workers/levers.worker";
import { RowSheet } from "../../frame/Rows";
import { useBuildHandle, useShown } from "../../state/context";
import { ActButton } from "../../ui/ActButton";
import { Going } from "../../ui/Going";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";
import type { AirJobs } from "./useJobs";

/** What would bring the air into its band: each lever alone, or two together; looked for in a thread of its own. */
export default function Levers({ job }: { job: AirJobs["levers"] }) {
  const { api } = useBuildHandle();
  const { status, known: now } = useStore(job.state);
  const known = now?.search ?? null;
  const key = useShown(({ plan }) => plan.facts.one(DAY)?.key);
  const look = () => {
    const { design, bench } = api.settled.getState();
    const of = api.settled.getState().plan.facts.one(DAY)?.key;
    job.run((tell) => {
      tell({ of, search: null });
      const worker = new Worker(new URL("../../../workers/levers.worker.ts", import.meta.url), { type: "module" });
      const failed = new Promise<void>((_, no) => {
        worker.onerror = () => no(new Error("The thread failed."));
      });
      const done = wrap<LeversDoor>(worker).search(
        { design, ...bench },
        proxy(async (search) => tell({ of, search })),
      );
      return { done: Promise.race([done, failed]), end: () => worker.terminate() };
    });
  };
  const running = status === "running";
  const isStale = known !== null && !running && now?.of !== key;
  const shown = isStale ? null : known;
  // What else is still looked for would be of the design as it was.
  const doIt = (found: LeverFound) => {
    job.stop();
    api.applyFix({ label: wordsOf(found), patch: found.patch });
  };
  return (
    <RowSheet
      title="What would bring it into the band"
      tools={
        running ? undefined : (
          <ActButton onClick={look}>{known === null || isStale ? "Look for it" : "Look again"}</ActButton>
        )
      }
    >
      {running && (
        <Going
          words={known && known.of > 0 ? `${known.done} of ${known.of} levers` : "It begins"}
          share={known && known.of > 0 ? known.done / known.of : 0}
          onStop={job.stop}
        />
      )}
      {status === "failed" && (
        <Text role="alert" fontSize="sm" color="stop">
          The search failed; what it had found is shown. Look again.
        </Text>
      )}
      {status === "stopped" && shown && (
        <Text fontSize="xs" color="muted">{`Stopped after ${shown.done} of ${shown.of}; what was found stands.`}</Text>
      )}
      {shown ? <Known known={shown} running={running} onDo={doIt} /> : <Hint stale={isStale} running={running} />}
    </RowSheet>
  );
}

const wordsOf = ({ parts }: LeverFound): string => parts.map(({ name, to }) => `${name}, ${to}`).join("; ");

const Hint = ({ stale, running }: { stale: boolean; running: boolean }) =>
  running ? null : (
    <Text fontSize="sm" color="muted">
      {stale
        ? "The design has changed since it was looked for."
        : "Vents, meshes, mist, hours of lamps, heat and fans: each is tried alone, and what would let somebody out is left out."}
    </Text>
  );

function Known({ known, running, onDo }: { known: LeverSearch; running: boolean; onDo: (found: LeverFound) => void }) {
  const [all, setAll] = useState(false);
  if (known.nothing) return <Text fontSize="sm">{known.nothing}</Text>;
  const { found, refused } = known;
  return (
    <>
      {found.length > 0 && (
        <PlainTable heads={["Change", "In band", "Else", { text: "", end: true }]}>
          {found.map((f) => (
            <Table.Row key={f.ids.join()} data-lever={f.ids.join("+")}>
              <Table.Cell fontSize="sm">
                {f.parts.map(({ name, from, to }) => (
                  <Box key={name} mb="0.5">
                    <Text fontSize="xs" color="muted">
                      {name}
                    </Text>
                    {`${from} → ${to}`}
                  </Box>
                ))}
              </Table.Cell>
              <Table.Cell fontSize="sm" fontWeight="bold" color={f.safe ? "fern" : "mind"}>
                {f.safe ? "24 h, to be safe" : "24 h on a usual day"}
              </Table.Cell>
              <Table.Cell fontSize="xs">{f.also.join(", ") || "nothing else"}</Table.Cell>
              <Table.Cell textAlign="end">
                <QuietButton size="xs" onClick={() => onDo(f)} aria-label={`Do it: ${wordsOf(f)}`}>
                  Do it
                </QuietButton>
              </Table.Cell>
            </Table.Row>
          ))}
        </PlainTable>
      )}
      {found.length === 0 && !running && <Text fontSize="sm">No lever brings it there, alone or with another.</Text>}
      {refused.length > 0 && (
        <Box mt="1">
          <QuietButton size="xs" onClick={() => setAll(!all)} aria-expanded={all}>
            {all ? "Put the reasons away" : `Why ${refused.length} cannot`}
          </QuietButton>
          {all &&
            refused.map((r) => (
              <Text key={r.ids.join()} fontSize="xs" mt="1" data-refused={r.ids.join("+")}>
                <b>{r.name}.</b> {r.why}
              </Text>
            ))}
        </Box>
      )}
    </>
  );
}
