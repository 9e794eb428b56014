import { Box, Text } from "@chakra-ui/react";
import { useState } from "react";
import { useNavigate } from "react-router";
import { FileButton } from "./FileButton";

/** Brings in a build file; what is wrong with one is said here. */
export function ImportButton() {
  const navigate = useNavigate();
  const [message, setMessage] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const send = async (file: File) => {
    setBusy(true);
    setMessage(null);
    try {
      const response = await fetch("/import", {
        method: "POST",
        headers: { "Content-Type": /\.zip$/i.test(file.name) ? "application/zip" : "application/json" },
        body: file,
      });
      const answer = (await response.json()) as { id?: string; message?: string };
      if (answer.id) return navigate(`/builds/${answer.id}/shell`);
      setMessage(answer.message ?? "This file could not be read. Nothing was changed.");
    } catch {
      setMessage("The server does not answer. Nothing was changed; try again.");
    } finally {
      setBusy(false);
    }
  };
  return (
    <Box>
      <FileButton
        label="Build file"
        words="Bring in a build file"
        accept=".json,.zip,application/json,application/zip"
        loading={busy}
        onFile={send}
      />
      {message && (
        <Text role="alert" color="stop" fontSize="sm" mt="2" maxW="34rem">
          {message}
        </Text>
      )}
    </Box>
  );
}
