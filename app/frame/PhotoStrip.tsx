import { Box, Flex } from "@chakra-ui/react";
import { useState } from "react";
import { useStore } from "zustand";
import { VIEWS, type View } from "#core/bench/names";
import { photosOf } from "#core/bench/photos";
import { VIEW_WORDS } from "#core/bench/plainWords";
import { useBench, useBuildHandle, useShown } from "../state/context";
import { useTakePhoto } from "../state/useTakePhoto";
import { FileButton } from "../ui/FileButton";
import { Select } from "../ui/Select";

const THUMB_PX = 76;

/** Photographs of something in hand, beside its drawing; pressed, one opens whole. One more is taken or chosen there. */
export function PhotoStrip({ id, face, take = false }: { id: string; face?: string | undefined; take?: boolean }) {
  const { buildId, logbook } = useBuildHandle();
  // A picture still on its way is asked for again once it has arrived.
  const waiting = useStore(logbook.state, (s) => s.waiting);
  const { log } = useBench();
  const steps = useShown(({ plan }) =>
    plan.steps.flatMap(({ id: step, about }) => (about?.thing === id ? [{ id: step, about }] : [])),
  );
  const photos = photosOf(log, steps, { id, face });
  return (
    <>
      {photos.length > 0 && (
        <Flex gap="1.5" mt="2" wrap="wrap" data-photos={id}>
          {photos.map(({ photo, view, at, words }) => {
            const alt = `${words || "Photograph"}, ${VIEW_WORDS[view]}, ${at.replace("T", " ")}`;
            const path = `/builds/${buildId}/photos/${photo}`;
            return (
              <a key={photo} href={path} target="_blank" rel="noreferrer" title={alt}>
                <img
                  key={waiting}
                  src={path}
                  alt={alt}
                  width={THUMB_PX}
                  height={THUMB_PX}
                  style={{ width: THUMB_PX, height: THUMB_PX, objectFit: "cover", borderRadius: 4 }}
                />
              </a>
            );
          })}
        </Flex>
      )}
      {take && <TakePhoto id={id} />}
    </>
  );
}

/** Takes or chooses a photograph of a thing, and says from where it was taken. */
function TakePhoto({ id }: { id: string }) {
  const [view, setView] = useState<View>("face");
  const { take, busy, fault } = useTakePhoto();
  return (
    <Flex gap="2" mt="2" align="end">
      <Box flex="1">
        <Select
          label="Photograph"
          value={view}
          options={VIEWS.map((v) => [v, VIEW_WORDS[v]] as const)}
          error={fault}
          onChange={setView}
        />
      </Box>
      <FileButton
        size="xs"
        label="Photograph of what is in hand"
        words="Take"
        accept="image/*"
        loading={busy}
        onFile={(file) => void take(file, { view, words: "", of: { kind: "thing", id } })}
      />
    </Flex>
  );
}
