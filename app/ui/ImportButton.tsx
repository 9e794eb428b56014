import { Box, Text } from "@chakra-ui/react";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { QuietButton } from "./QuietButton";

/** Brings in a build file; what is wrong with one is said here. */
export function ImportButton() {
  const input = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const [message, setMessage] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (file: File | undefined) => {
    if (!file) return;
    setBusy(true);
    setMessage(null);
    try {
      const response = await fetch("/import", {
        method: "POST",
        headers: { "Content-Type": "application/json" },
        body: file,
      });
      const answer = (await response.json()) as { id?: string; message?: string };
      if (answer.id) return navigate(`/builds/${answer.id}/shell`);
      setMessage(answer.message ?? "This file could not be read. Nothing was changed.");
    } catch {
      setMessage("The server does not answer. Nothing was changed; try again.");
    } finally {
      setBusy(false);
      if (input.current) input.current.value = "";
    }
  };
  return (
    <Box>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Build file"
        onChange={(e) => send(e.target.files?.[0])}
      />
      <QuietButton loading={busy} onClick={() => input.current?.click()}>
        Bring in a build file
      </QuietButton>
      {message && (
        <Text role="alert" color="stop" fontSize="sm" mt="2" maxW="34rem">
          {message}
        </Text>
      )}
    </Box>
  );
}
