import { Box, Text } from "@chakra-ui/react";
import { useRef } from "react";
import type { View } from "#core/bench/names";
import { VIEW_WORDS } from "#core/bench/plainWords";
import type { SettledStep } from "#core/ledgers/ledger";
import { ofKind } from "#core/log/ofKind";
import type { Log } from "#core/log/schema";
import { useBuildHandle } from "../../state/context";
import { useTakePhoto } from "../../state/useTakePhoto";
import { BigButton } from "./parts";

/** Takes or chooses a photograph of a step; one that is wanted from several sides asks for the next. */
export function PhotoButton({ step }: { step: SettledStep }) {
  const { api } = useBuildHandle();
  const input = useRef<HTMLInputElement>(null);
  const { take, busy, fault } = useTakePhoto(true);
  const view = nextView(step, api.shown.getState().bench.log);
  return (
    <Box>
      <input
        ref={input}
        type="file"
        accept="image/*"
        capture="environment"
        hidden
        aria-label={`Photograph of ${step.title}`}
        onChange={({ target }) => {
          const file = target.files?.[0];
          if (file) void take(file, { view, words: step.title.slice(0, 200), of: { kind: "step", id: step.id } });
          target.value = "";
        }}
      />
      <BigButton loading={busy} onClick={() => input.current?.click()}>
        {step.photos ? `Photo ${VIEW_WORDS[view]}` : "Photo"}
      </BigButton>
      {fault && (
        <Text role="alert" fontSize="sm" color="stop" mt="1">
          {fault}
        </Text>
      )}
    </Box>
  );
}

/** The view that is still wanted of a step; of its face where none is. */
function nextView({ id, photos }: SettledStep, log: Log): View {
  const there = ofKind(log, "photo").flatMap(({ event }) => (event.of.id === id ? [event.view] : []));
  return photos?.find((v) => !there.includes(v)) ?? (photos ? "front" : "face");
}
