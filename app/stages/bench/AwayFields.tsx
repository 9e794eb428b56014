import { Box, Text } from "@chakra-ui/react";
import { useEffect, useState } from "react";
import { formatMinutes } from "#core/units/format";
import type { AwayStatus, OneTimeCode } from "../../away";
import { useBuildHandle } from "../../state/context";
import { ActButton } from "../../ui/ActButton";
import { Fields } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";
import { Select } from "../../ui/Select";

const LONG = [
  ["60", "an hour"],
  ["240", "this evening, 4 hours"],
  ["1440", "a day"],
] as const;

interface Answer {
  message: string | null;
  status?: AwayStatus;
  code?: OneTimeCode | null;
}
const POLL_MS = 4000;

/** Opens this bench to a phone: on which address, for how long, and the code that lets it in. */
export function AwayFields() {
  const { buildId } = useBuildHandle();
  const [status, setStatus] = useState<AwayStatus | null>(null);
  const [address, setAddress] = useState("");
  const [minutes, setMinutes] = useState<(typeof LONG)[number][0]>("240");
  const [code, setCode] = useState<{ code: OneTimeCode; picture: string } | null>(null);
  const [message, setMessage] = useState<string | null>(null);
  const open = status?.open;

  useEffect(() => {
    const read = () =>
      fetch("/away")
        .then(async (r) => (r.ok ? setStatus((await r.json()) as AwayStatus) : setMessage(await said(r))))
        .catch(() => {});
    void read();
    const timer = setInterval(read, POLL_MS);
    return () => clearInterval(timer);
  }, []);
  const ask = async (body: object) => {
    try {
      const response = await fetch("/away", {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: JSON.stringify(body),
      });
      const answer = (await response.json()) as Answer;
      setMessage(answer.message);
      if (answer.status) setStatus(answer.status);
      if (!answer.code) return setCode(null);
      const { toString: draw } = await import("qrcode");
      const svg = await draw(answer.code.url, { type: "svg", margin: 2 });
      setCode({ code: answer.code, picture: `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}` });
    } catch {
      setMessage("The server does not answer. Nothing was opened.");
    }
  };
  if (!status)
    return (
      <Text fontSize="sm" color="muted">
        {message ?? ""}
      </Text>
    );
  return (
    <Box fontSize="sm">
      {open ? (
        <>
          <Text>{`This bench is open at ${open.origin} for ${formatMinutes((open.untilMs - Date.now()) / 60_000)} more. ${open.devices.length === 1 ? "One device is in." : `${open.devices.length} devices are in.`}`}</Text>
          {code && (
            <Box my="2" textAlign="center" data-code={code.code.url}>
              <img
                src={code.picture}
                alt={`Code to scan: ${code.code.url}`}
                style={{ width: "180px", margin: "0 auto", background: "#fff" }}
              />
              <Text fontFamily="mono" fontSize="lg" letterSpacing="0.1em">
                {`${code.code.code.slice(0, 4)} ${code.code.code.slice(4)}`}
              </Text>
              <Text color="muted" fontSize="xs">
                Good for one device, for ten minutes.
              </Text>
            </Box>
          )}
          <Box display="flex" gap="2" mt="2">
            <QuietButton onClick={() => ask({ do: "code" })}>Code for one more</QuietButton>
            <QuietButton onClick={() => ask({ do: "close" })}>Close it</QuietButton>
          </Box>
        </>
      ) : (
        <>
          <Text mb="2">
            A phone or tablet on your own network can open this one bench and write to its log. It is not encrypted: use
            it on a network you trust.
          </Text>
          <Fields>
            <Select
              label="On the address"
              value={address || status.addresses[0]!}
              options={status.addresses.map((a) => [a, a === "127.0.0.1" ? `${a}, this machine only` : a] as const)}
              onChange={setAddress}
            />
            <Select label="For" value={minutes} options={LONG} onChange={setMinutes} />
          </Fields>
          <ActButton
            mt="2"
            onClick={() =>
              ask({ do: "open", build: buildId, minutes: Number(minutes), address: address || status.addresses[0] })
            }
          >
            Open it to a phone
          </ActButton>
        </>
      )}
      {message && (
        <Text role="alert" color="stop" mt="1.5">
          {message}
        </Text>
      )}
    </Box>
  );
}

const said = async (response: Response) => ((await response.json()) as { message: string }).message;
