import { Box, Flex, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { useFetcher } from "react-router";
import type { Stock } from "#core/stock/schema";
import type { RackAnswer } from "../routes/rack";
import { ListButton } from "./ListButton";
import { Fields, Panel } from "./Panel";
import { QuietButton } from "./QuietButton";
import { RowErrors } from "./RowErrors";
import { Select } from "./Select";
import { TextField } from "./TextField";

const EMPTY = { length: "", width: "", from: "" };
const mm = (value: number) => String(Math.round(value * 10) / 10);

/** The offcuts on the rack: every build is cut from them first. Put on by hand or from a list, and taken off. */
export function Rack({
  offcuts,
  sheets,
}: {
  offcuts: Stock["offcuts"];
  sheets: readonly { id: string; name: string }[];
}) {
  const fetcher = useFetcher<RackAnswer>();
  const [typed, setTyped] = useState(EMPTY);
  const [material, setMaterial] = useState(sheets[0]?.id ?? "");
  const send = (fields: Record<string, string>) => fetcher.submit(fields, { method: "post", action: "/rack" });
  const name = (id: string) => sheets.find((s) => s.id === id)?.name ?? id;
  const answer = fetcher.state === "idle" ? fetcher.data : undefined;
  // What was put on the rack is not to be put there twice by a second press.
  useEffect(() => {
    if (fetcher.data?.put) setTyped(EMPTY);
  }, [fetcher.data]);

  const bringIn = async (chosen: File) => send({ material, file: chosen.name, list: await chosen.text() });

  return (
    <Panel title="The rack">
      <Text fontSize="sm" color="muted" mb="2">
        Offcuts you have, edges good. Every build is cut from them first, without trim.
      </Text>
      {offcuts.length === 0 && <Text fontSize="sm">Nothing yet.</Text>}
      <Box maxH="18rem" overflowY="auto" tabIndex={offcuts.length > 8 ? 0 : undefined}>
        {offcuts.map((o) => (
          <Flex key={o.id} gap="3" align="center" py="0.5" wrap="wrap" data-offcut={o.id}>
            <Text fontSize="sm" fontFamily="mono" minW="4.5rem">
              {o.id}
            </Text>
            <Text fontSize="sm" fontFamily="mono" minW="9rem">
              {`${mm(o.widthMm)} × ${mm(o.heightMm)} mm`}
            </Text>
            <Text fontSize="sm" flex="1" minW="14rem">
              {`${name(o.material)}, from ${o.from}`}
            </Text>
            <QuietButton size="xs" aria-label={`Take ${o.id} off the rack`} onClick={() => send({ drop: o.id })}>
              Take off
            </QuietButton>
          </Flex>
        ))}
      </Box>
      <Box mt="3">
        <Fields min="9rem">
          <Select
            label="Offcut of"
            value={material}
            options={sheets.map((s) => [s.id, s.name] as const)}
            onChange={setMaterial}
          />
          <TextField label="Its length" value={typed.length} onChange={(length) => setTyped({ ...typed, length })} />
          <TextField label="Its width" value={typed.width} onChange={(width) => setTyped({ ...typed, width })} />
          <TextField label="Where from" value={typed.from} onChange={(from) => setTyped({ ...typed, from })} />
        </Fields>
      </Box>
      <Flex gap="3" mt="2" align="center" wrap="wrap">
        <QuietButton size="xs" onClick={() => send({ material, ...typed })}>
          Put it on the rack
        </QuietButton>
        <ListButton label="List of offcuts" onFile={bringIn} />
        <Text fontSize="xs" color="muted">
          A bare number is millimetres; 24 3/8" is read too. CSV with part, length, width, quantity, material; or
          rectangles of a drawing
        </Text>
      </Flex>
      {answer && (answer.put > 0 || answer.message) && (
        <Text role="status" fontSize="sm" color={answer.message ? "stop" : "fern"} mt="2">
          {answer.message ?? `${answer.put} put on the rack.`}
        </Text>
      )}
      <RowErrors
        errors={answer?.errors ?? []}
        rest={answer?.put ? "What could be read was put on the rack." : "Nothing was put on the rack."}
      />
    </Panel>
  );
}
