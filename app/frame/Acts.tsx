import { Flex } from "@chakra-ui/react";
import { current, isDraft } from "immer";
import { AlignCenterHorizontal, Copy, FlipHorizontal, Trash2 } from "lucide-react";
import type { ReactNode } from "react";
import type { Build, Variant } from "#core/document/schema";
import { chosenVariant } from "#core/document/variant";
import { canLevel } from "#core/features/align";
import { across, centre, copyTo, itemOf, mirror, setLevel } from "#core/things/handle";
import { THINGS } from "#core/things/list";
import type { PlacedItem, PlacedKind, Thing } from "#core/things/thing";
import { useBuildHandle, useVariant } from "../state/context";
import { Select } from "../ui/fields";
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
    <Flex gap="1.5" mt="2" wrap="wrap">
      {item && placed && (
        <>
          {opposite && (
            <Act words="Copy across" onClick={() => another((v, own, kind) => copyTo(v, kind, own, opposite))}>
              <Copy size={13} />
            </Act>
          )}
          <Act words="Mirror" onClick={() => another((v, own, kind) => mirror(v, kind, own, shell()))}>
            <FlipHorizontal size={13} />
          </Act>
          <Act
            words="Centre it"
            onClick={() =>
              api.commit((draft: Build) => centre(itemOf(chosenVariant(draft), placed, thing!.id)!, shell()))
            }
          >
            <AlignCenterHorizontal size={13} />
          </Act>
          <LevelWith thing={thing!} placed={placed} />
        </>
      )}
      {canOff && (
        <Act words={alone ? "Take it off" : "Take them off"} onClick={takeOff}>
          <Trash2 size={13} />
        </Act>
      )}
    </Flex>
  );
}

const Act = ({ words, onClick, children }: { words: string; onClick: () => void; children: ReactNode }) => (
  <QuietButton size="xs" px="2" onClick={onClick}>
    {children} {words}
  </QuietButton>
);

/** Sets a thing as high as another of its kind, chosen by name. */
function LevelWith({ thing, placed }: { thing: Thing; placed: PlacedKind }) {
  const { api } = useBuildHandle();
  const others = useVariant((v) => placed.items(v));
  const own = others.find((o) => o.id === thing.id);
  const options = others.filter((o) => own && canLevel(own, o)).map((o) => [o.id, o.name || o.id] as const);
  if (options.length === 0) return null;
  const level = (id: string) =>
    api.commit((draft) => {
      const variant = chosenVariant(draft);
      const [item, other] = [itemOf(variant, placed, thing.id), itemOf(variant, placed, id)];
      if (item && other) setLevel(item, other, api.shown.getState().plan.shell);
    });
  return <Select quiet label="Set level with" value="" options={[["", "Level with…"], ...options]} onChange={level} />;
}
