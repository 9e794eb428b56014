import { Box, Flex, Progress, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useFetcher } from "react-router";
import { compareWorth, worthOf } from "#core/cuts/nest/compare";
import type { SheetGroup } from "#core/cuts/sheets";
import { formatNumber } from "#core/units/format";
import { under } from "../../core/units/tolerance";
import { Reading } from "../fields/Reading";
import { useBench, useBuildHandle, useUnits } from "../state/context";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { proofWords } from "../words/proofWords";
import { SEARCH_MS, useSearch } from "./useSearch";

/** What the nesting of one material comes to, what is proved of it, and a search for a better one. */
export function GroupReadings({ group }: { group: SheetGroup }) {
  const bench = useBench();
  const { say } = useUnits();
  const key = JSON.stringify(group.instance);
  const improved = bench.nestings.some((n) => n.instance === key);
  return (
    <Box data-group={group.material.id}>
      <Fields>
        <Reading
          label={improved ? "Proof, improved by search" : "Proof"}
          value={proofWords(group)}
          figure={`cuts/${group.material.id}/sheets`}
        />
        <Reading label="Used" value={`${formatNumber(group.usedShare * 100, 0)} %`} />
        <Reading label="Largest offcuts to keep" value={offcutWords(group, say)} />
        {!group.own && <Reading label="From the rack" value={group.offcutsUsed.join(", ") || "nothing"} />}
        <Reading label="Cuts" value={String(group.layout.reduce((n, s) => n + s.cuts.length, 0))} />
      </Fields>
      {group.instance.parts.length > 0 && <SearchLine key={key} group={group} improved={improved} />}
    </Box>
  );
}

const FAILED = "The search could not start in this browser; the nesting above stands.";
const IN_VAIN = "Nothing better was found; the nesting above stands.";
const IMPROVED = "A better nesting was found, and is kept.";
const NOT_YET = `Up to ${SEARCH_MS / 1000} s, beside your work; what is better is kept.`;

/** A search for a better nesting: how far it is, and a stop. */
function SearchLine({ group, improved }: { group: SheetGroup; improved: boolean }) {
  const { buildId } = useBuildHandle();
  const fetcher = useFetcher<{ message: string | null }>();
  const now = worthOf(group.instance, group.solution);
  const [inVain, setInVain] = useState(false);
  const { report, failed, start, stop } = useSearch(group.instance, (solution) => {
    const isBetter = compareWorth(worthOf(group.instance, solution), now) < 0;
    setInVain(!isBetter);
    if (isBetter)
      fetcher.submit(JSON.stringify({ instance: JSON.stringify(group.instance), solution }), {
        method: "POST",
        action: `/builds/${buildId}/nestings`,
        encType: "application/json",
      });
  });
  const largestMm2 = Math.max(1, ...group.instance.stock.map((s) => s.w * s.h));
  const share = (mm2: number) => `${formatNumber((100 * mm2) / largestMm2, 1)} % of a sheet`;
  return (
    <Flex gap="2" mt="2" align="center" wrap="wrap" role="status" aria-label={`Search, ${group.material.name}`}>
      {report ? (
        <>
          <QuietButton size="xs" onClick={stop}>
            Stop, keep the best
          </QuietButton>
          <Progress.Root
            value={Math.min(100, (100 * report.ms) / SEARCH_MS)}
            w="8rem"
            size="sm"
            aria-label="Time searched"
          >
            <Progress.Track>
              <Progress.Range bg="fern" />
            </Progress.Track>
          </Progress.Root>
          <Text fontSize="sm" fontVariantNumeric="tabular-nums">
            {`${formatNumber(report.ms / 1000, 0)} s of ${SEARCH_MS / 1000}, round ${report.rounds}: ${
              under(report.worth.cost, now.cost)
                ? `cheaper by ${formatNumber((100 * (now.cost - report.worth.cost)) / now.cost, 1)} %`
                : "no cheaper yet"
            }; largest offcut ${share(report.worth.offcutMm2)}, was ${share(now.offcutMm2)}`}
          </Text>
        </>
      ) : (
        <>
          <QuietButton size="xs" onClick={start} loading={fetcher.state !== "idle"}>
            Search for better
          </QuietButton>
          <Text fontSize="xs" color="muted">
            {failed ? FAILED : (fetcher.data?.message ?? (inVain ? IN_VAIN : improved ? IMPROVED : NOT_YET))}
          </Text>
        </>
      )}
    </Flex>
  );
}

function offcutWords(group: SheetGroup, say: (mm: number) => string): string {
  const offcuts = group.layout.flatMap((s) => s.offcuts).sort((a, b) => b.w * b.h - a.w * a.h);
  return offcuts.length === 0
    ? "none"
    : offcuts
        .slice(0, 2)
        .map((o) => `${say(o.w)} × ${say(o.h)}`)
        .join(", ");
}
