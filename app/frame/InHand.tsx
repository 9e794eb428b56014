import { Box, Flex, Heading, IconButton, Text } from "@chakra-ui/react";
import { X } from "lucide-react";
import { lazy, type ReactNode, Suspense, useMemo } from "react";
import { thingKey } from "#core/things/key";
import type { SeenThing } from "#core/things/seen";
import { HAND_ID } from "../fields/openFields";
import { THING_FIELDS } from "../hand/fields";
import { useBuildHandle, usePicked, useShown } from "../state/context";
import { IN_HAND_MOST } from "../ui/room";
import { Acts } from "./Acts";

const PhotoStrip = lazy(() => import("./PhotoStrip").then((m) => ({ default: m.PhotoStrip })));

/** The things in hand as they are now; what is gone is no longer among them. */
function useHeld(): (SeenThing & { at: number; of: number })[] {
  const held = usePicked((p) => p.held);
  const found = useShown(({ seen }) =>
    held.flatMap(({ kind, id }) => {
      const all = seen.things.filter((t) => t.kind === kind);
      const at = all.findIndex((t) => t.id === id);
      return at < 0 ? [] : [{ ...all[at]!, at: at + 1, of: all.length }];
    }),
  );
  return found;
}

/** The one thing in hand with its fields and what is done with it; several together; or the stage's own fields. */
export function InHand({ own }: { own: { title: string; fields: ReactNode } }) {
  const { letGo } = useBuildHandle();
  const things = useHeld();
  const [thing] = things;
  const count = things.length;
  const Fields = thing && count === 1 ? THING_FIELDS[thing.kind] : undefined;
  const title = count === 0 ? own.title : count === 1 ? thing!.name : `${count} in hand`;
  const what = useMemo(() => {
    if (!thing) return "";
    if (count > 1) return things.map((t) => t.name).join(", ");
    return thing.of > 1 ? `${thing.what} · ${thing.at} of ${thing.of}` : thing.what;
  }, [thing, count, things]);
  return (
    <Box
      as="section"
      id={HAND_ID}
      aria-label="In hand"
      flex="0 0 auto"
      maxH={{ xl: IN_HAND_MOST }}
      overflowY={{ xl: "auto" }}
      css={{ "& input:not([type=checkbox]):not([type=color]), & select": { height: "30px", minHeight: "30px" } }}
      borderWidth="2px"
      borderColor={thing ? "fern" : "line"}
      borderRadius="md"
      px="2.5"
      py="2"
      data-in-hand={thing ? thingKey(thing) : "own"}
    >
      <Flex align="baseline" gap="2" mb="1.5">
        <Heading as="h2" size="sm" fontFamily="heading">
          {title}
        </Heading>
        <Text fontSize="xs" color="muted" flex="1" textAlign="right" lineClamp={1}>
          {what}
        </Text>
        {thing && (
          <IconButton
            size="2xs"
            variant="ghost"
            color="ink"
            aria-label="Let go"
            title="Let go"
            onClick={letGo}
            alignSelf="center"
          >
            <X size={13} />
          </IconButton>
        )}
      </Flex>
      {count === 0 ? (
        own.fields
      ) : (
        <Suspense fallback={null}>{Fields && <Fields key={`${thing!.kind}/${thing!.id}`} id={thing!.id} />}</Suspense>
      )}
      {thing?.face && count === 1 && (
        <Suspense fallback={null}>
          <PhotoStrip id={thing.id} face={thing.face} take />
        </Suspense>
      )}
      {count > 0 && <Acts things={things} />}
    </Box>
  );
}
