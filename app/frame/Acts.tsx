import { Flex } from "@chakra-ui/react";
import type { Build, Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import type { SeenThing } from "#core/things/seen";
import type { PlacedItem, PlacedKind } from "#core/things/thing";
import { useBuildHandle } from "../state/context";
import type { Planner } from "../state/store";
import { QuietButton } from "../ui/QuietButton";

/** What there is to do with what is in hand: copied across, mirrored, centred, taken off. */
export function Acts({ things }: { things: readonly SeenThing[] }) {
  const { api, make, letGo } = useBuildHandle();
  const thing = things[0]!;
  const alone = things.length === 1;
  const shell = () => api.shown.getState().plan.shell;
  const takeOff = () => {
    letGo();
    api.commit((draft, { THINGS }) => {
      for (const { kind, id } of things) THINGS[kind].off?.(chosenVariant(draft), id, draft);
    });
  };
  /** The one in hand in a draft, with how its kind is handled. */
  const own = (draft: Build, { THINGS, itemOf }: Planner) => {
    const placed = THINGS[thing.kind].placed!;
    const variant = chosenVariant(draft);
    return { variant, placed, item: itemOf(variant, placed, thing.id)! };
  };
  /** Makes another one and takes it in hand. */
  const another = (copy: (planner: Planner, variant: Variant, kind: PlacedKind, item: PlacedItem) => string) =>
    make((draft, planner) => {
      const { variant, placed, item } = own(draft, planner);
      const id = copy(planner, variant, placed, planner.isDraft(item) ? planner.current(item) : item);
      return { kind: thing.kind, id };
    });
  const { placed, across } = thing;
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
      {alone && across && (
        <Act
          words="Copy across"
          onClick={() => another((p, variant, kind, item) => p.copyTo(variant, kind, item, across))}
        />
      )}
      {alone && placed && (
        <>
          <Act
            words="Mirror"
            onClick={() => another((p, variant, kind, item) => p.mirror(variant, kind, item, shell()))}
          />
          <Act words="Centre it" onClick={() => api.commit((draft, p) => p.centre(own(draft, p).item, shell()))} />
        </>
      )}
      {things.every((t) => t.comesOff) && <Act words={alone ? "Take it off" : "Take them off"} onClick={takeOff} />}
    </Flex>
  );
}

const Act = ({ words, onClick }: { words: string; onClick: () => void }) => (
  <QuietButton size="xs" onClick={onClick}>
    {words}
  </QuietButton>
);
