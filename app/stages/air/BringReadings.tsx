import { Box, Table, Text } from "@chakra-ui/react";
import { useState } from "react";
import { parseLocal } from "#core/design/localTime";
import { OFF_K, OFF_RH } from "#core/gauge/instrument";
import { type AirFile, type ProbeRead, readAirCsv } from "#files/airCsv";
import { useLog } from "../../state/useLog";
import { ActButton } from "../../ui/ActButton";
import { FileButton } from "../../ui/FileButton";
import { Fields } from "../../ui/Panel";
import { PlainTable } from "../../ui/PlainTable";
import { QuietButton } from "../../ui/QuietButton";
import { RowErrors } from "../../ui/RowErrors";
import { Select } from "../../ui/Select";
import { TextField } from "../../ui/TextField";

const count = (list: readonly (number | null)[]) => list.filter((x) => x !== null).length;

/** The room's readings by the hours of the shell's. */
function alongside(shell: ProbeRead, room: ProbeRead) {
  const by = ((parseLocal(shell.from) ?? 0) - (parseLocal(room.from) ?? 0)) / 60;
  const at = (list: readonly (number | null)[]) => shell.tempC.map((_, h) => list[h + by] ?? null);
  return { tempC: at(room.tempC), rh: at(room.rh) };
}

/** Readings out of a file: which of its probes stands in the shell, which in the room, and how far off they may be. */
export function BringReadings({ close }: { close: () => void }) {
  const log = useLog();
  const [file, setFile] = useState<AirFile & { name: string }>();
  const [shell, setShell] = useState("0");
  const [room, setRoom] = useState("");
  const [offK, setOffK] = useState(String(OFF_K.value));
  const [offRh, setOffRh] = useState(String(OFF_RH.value));
  const bring = async (chosen: File) => {
    const read = readAirCsv(await chosen.text());
    const isRoom = (p: ProbeRead) => /room|outside|ambient/.test(p.place);
    const inside = read.probes.findIndex((p) => !isRoom(p));
    const outside = read.probes.findIndex(isRoom);
    setShell(String(Math.max(0, inside)));
    setRoom(outside >= 0 && outside !== inside ? String(outside) : "");
    setFile({ ...read, name: chosen.name });
  };
  const [k, rh] = [offK, offRh].map((x) => Number(x.replace(",", ".")));
  const isRight = (x: number | undefined, most: number) => x !== undefined && x > 0 && x <= most;
  const ready = isRight(k, 20) && isRight(rh, 20);
  const probe = file?.probes[Number(shell)];
  const outside = room === "" ? undefined : file?.probes[Number(room)];
  const keep = () => {
    if (!probe || !ready) return;
    const { place, from, tempC, rh: damp } = probe;
    log.add({
      ...{ kind: "air-read" as const, place: place.slice(0, 80), from, tempC: [...tempC], rh: [...damp] },
      room: outside ? alongside(probe, outside) : null,
      label: { k: k!, rh: rh! },
    });
    close();
  };
  const options = (file?.probes ?? []).map((p, i) => [String(i), p.place] as const);
  return (
    <Box pb="3">
      <Text fontSize="sm" mb="2">
        A line of headings, then a row for each reading: time, warmth in °C or °F, damp in % rh, in any order. Several
        probes may be in one file, the room’s too.
      </Text>
      <FileButton
        label="Readings, CSV file"
        words="Choose a file"
        accept=".csv,.txt,text/csv"
        onFile={(f) => void bring(f)}
      />
      {file && (
        <>
          {file.told.map((words) => (
            <Text key={words} fontSize="sm" mt="1">
              {words}
            </Text>
          ))}
          <RowErrors
            errors={file.errors}
            rest={file.probes.length > 0 ? "Everything else was read." : "Nothing was read."}
          />
          {probe && (
            <>
              <Box my="2">
                <PlainTable
                  heads={[
                    "Probe",
                    "From",
                    { text: "Hours", end: true },
                    { text: "Warmth read", end: true },
                    { text: "Damp read", end: true },
                  ]}
                >
                  {file.probes.map((p) => (
                    <Table.Row key={p.place}>
                      <Table.Cell>{p.place}</Table.Cell>
                      <Table.Cell>{p.from.replace("T", " ")}</Table.Cell>
                      <Table.Cell textAlign="end">{p.tempC.length}</Table.Cell>
                      <Table.Cell textAlign="end">{`${count(p.tempC)} h`}</Table.Cell>
                      <Table.Cell textAlign="end">{`${count(p.rh)} h`}</Table.Cell>
                    </Table.Row>
                  ))}
                </PlainTable>
              </Box>
              <Fields min="11rem">
                <Select label="In the shell" value={shell} options={options} onChange={setShell} />
                <Select
                  label="In the room"
                  value={room}
                  options={[["", "not read"], ...options.filter(([id]) => id !== shell)]}
                  onChange={setRoom}
                />
                <TextField label="Its label: off by, °C" value={offK} onChange={setOffK} />
                <TextField label="Its label: off by, % rh" value={offRh} onChange={setOffRh} />
              </Fields>
              {!ready && (
                <Text role="alert" fontSize="sm" color="stop" mt="1">
                  How far off its label allows it to be: plain numbers over 0 and up to 20.
                </Text>
              )}
              <Box mt="3">
                <ActButton size="sm" disabled={!ready} onClick={keep}>
                  Keep these readings
                </ActButton>{" "}
                <QuietButton onClick={close}>Leave them</QuietButton>
              </Box>
            </>
          )}
        </>
      )}
    </Box>
  );
}
