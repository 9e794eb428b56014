import { Flex } from "@chakra-ui/react";
import { current, isDraft } from "immer";
import type { Build, Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { across, centre, copyTo, itemOf, mirror } from "#core/things/handle";
import { THINGS } from "#core/things/list";
import type { PlacedItem, PlacedKind, Thing } from "#core/things/thing";
import { useBuildHandle, useVariant } from "../state/context";
import { QuietButton } from "../ui/QuietButton";

/** What there is to do with what is in hand: copied across, mirrored, centred, set level, taken off. */
export function Acts({ things, canOff }: { things: readonly Thing[]; canOff: boolean }) {
  const { api, take, letGo } = useBuildHandle();
  const [thing] = things;
  const alone = things.length === 1;
  const { placed } = THINGS[thing!.kind];
  const item = useVariant((v) => (alone && placed ? itemOf(v, placed, thing!.id) : undefined));
  const shell = () => api.shown.getState().plan.shell;
  const takeOff = () => {
    letGo();
    api.commit((draft) => {
      for (const { kind, id } of things) THINGS[kind].off?.(chosenVariant(draft), id, draft);
    });
  };
  /** Makes another one and takes it in hand. */
  const another = (make: (variant: Variant, own: PlacedItem, kind: PlacedKind) => string) => {
    let id = "";
    api.commit((draft) => {
      const variant = chosenVariant(draft);
      const own = itemOf(variant, placed!, thing!.id)!;
      id = make(variant, isDraft(own) ? current(own) : own, placed!);
    });
    take({ kind: thing!.kind, id });
  };
  const opposite = item && placed && across(item, placed);
  return (
    <Flex
      gap="1.5"
      pt="1.5"
      wrap="wrap"
      position="sticky"
      bottom="-8px"
      bg="sheet"
      css={{ "& button": { height: "26px", paddingInline: "7px" } }}
    >
      {item && placed && (
        <>
          {opposite && (
            <Act words="Copy across" onClick={() => another((v, own, kind) => copyTo(v, kind, own, opposite))} />
          )}
          <Act words="Mirror" onClick={() => another((v, own, kind) => mirror(v, kind, own, shell()))} />
          <Act
            words="Centre it"
            onClick={() =>
              api.commit((draft: Build) => centre(itemOf(chosenVariant(draft), placed, thing!.id)!, shell()))
            }
          />
        </>
      )}
      {canOff && <Act words={alone ? "Take it off" : "Take them off"} onClick={takeOff} />}
    </Flex>
  );
}

const Act = ({ words, onClick }: { words: string; onClick: () => void }) => (
  <QuietButton size="xs" onClick={onClick}>
    {words}
  </QuietButton>
);
