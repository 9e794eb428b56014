import { Flex } from "@chakra-ui/react";
import { photosOf } from "#core/bench/photos";
import { VIEW_WORDS } from "#core/bench/plainWords";
import { useBench, useBuildHandle, useShown } from "../state/context";

const THUMB_PX = 76;

/** Photographs of something in hand, beside its drawing; pressed, one opens whole. */
export function PhotoStrip({ id, face }: { id: string; face?: string | undefined }) {
  const { buildId } = useBuildHandle();
  const { log } = useBench();
  const steps = useShown(({ plan }) => plan.steps.map((s) => ({ id: s.id, ...(s.about && { about: s.about }) })));
  const photos = photosOf(log, steps, { id, face });
  if (photos.length === 0) return null;
  return (
    <Flex gap="1.5" mt="2" wrap="wrap" data-photos={id}>
      {photos.map(({ photo, view, at, words }) => {
        const alt = `${words || "Photograph"}, ${VIEW_WORDS[view]}, ${at.replace("T", " ")}`;
        const path = `/builds/${buildId}/photos/${photo}`;
        return (
          <a key={photo} href={path} target="_blank" rel="noreferrer" title={alt}>
            <img
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
  );
}
