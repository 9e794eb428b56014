import { Box } from "@chakra-ui/react";
import { statedMm } from "#core/design/measure";
import { ENDS_ON, HOLDS, STUFFS } from "#core/hardscape/names";
import type { Piece } from "#core/hardscape/schema";
import { HOLD } from "#core/hardscape/statics";
import { ChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useDecision, useVariant } from "../state/context";
import { Fields } from "../ui/Panel";
import { Tick } from "../ui/Tick";
import { GotTick } from "./GotTick";
import { useIndex } from "./useIndex";

const ON_WORDS: Record<(typeof ENDS_ON)[number], string> = {
  base: "the base",
  ground: "the substrate",
  left: "the left wall",
  right: "the right wall",
  back: "the back wall",
};
const HOLD_OPTIONS = HOLDS.map((h) => [h, HOLD[h].words] as const);

/** A stone, a stump or a branch: where it is, how large, what it stands on, and what bears it. */
export function PieceFields({ id }: { id: string }) {
  const i = useIndex((v) => v.hardscape, id);
  const piece = useVariant((v) => v.hardscape.find((p) => p.id === id));
  if (i < 0 || !piece) return null;
  const path = `/hardscape/${i}`;
  const block = piece.shape === "block";
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        <ChoiceField label="Of" path={`${path}/of`} options={STUFFS.map((s) => [s, s] as const)} />
        <MeasureField label="Its middle, from the left" path={`${path}/u`} />
        <MeasureField label="Its middle, from the front" path={`${path}/v`} />
        <MeasureField label={block ? "Wide" : "From end to end, across"} path={`${path}/width`} />
        <MeasureField label={block ? "Deep" : "And back, with its thickness"} path={`${path}/length`} />
        {block ? (
          <>
            <MeasureField label="High" path={`${path}/height`} />
            <ChoiceField
              label="Stands on"
              path={`${path}/on`}
              options={(["base", "ground"] as const).map((on) => [on, ON_WORDS[on]] as const)}
            />
            <ChoiceField label="Held by" path={`${path}/hold`} options={HOLD_OPTIONS} />
          </>
        ) : (
          <>
            <MeasureField label="Thick" path={`${path}/thick`} />
            <ChoiceField
              label="Its right end lies"
              path={`${path}/runs`}
              options={[
                ["back", "further back"],
                ["front", "further forward"],
              ]}
            />
          </>
        )}
        <MeasureField label="Weighed" suffix="kg" kind="plain" path={`${path}/mass`} optional empty="not weighed" />
      </Fields>
      {!block && (
        <>
          <EndFields path={path} side="left" />
          <EndFields path={path} side="right" />
        </>
      )}
      <Box mt="2">
        <GotTick path={`${path}/got`} />
        <TickField label="The barrier is cut out round its foot, and turned up" path={`${path}/cutOut`} />
        <HollowTick path={path} />
      </Box>
      {piece.hollow && (
        <Box mt="1.5">
          <Fields>
            <MeasureField label="Bore of the hide" path={`${path}/hollow/bore`} />
          </Fields>
          <TickField label="It goes right through: two ways out" path={`${path}/hollow/through`} />
        </Box>
      )}
      <Box mt="2">
        <Fields>
          {["mass", "top", "tips", "push", "left", "right"].map((thing) => (
            <FigureReading key={thing} id={`hardscape/${id}/${thing}`} />
          ))}
        </Fields>
      </Box>
    </>
  );
}

/** One end of a branch. */
function EndFields({ path, side }: { path: string; side: "left" | "right" }) {
  const end = `${path}/${side}`;
  return (
    <Box mt="2">
      <Fields>
        <ChoiceField
          label={`Its ${side} end is on`}
          path={`${end}/on`}
          options={ENDS_ON.map((on) => [on, ON_WORDS[on]] as const)}
        />
        <MeasureField label="Its middle, above the base" path={`${end}/height`} />
        <ChoiceField label="Held there by" path={`${end}/hold`} options={HOLD_OPTIONS} />
        <MeasureField label="Its bed, wide" path={`${end}/bedWidth`} />
        <MeasureField label="Its bed, high" path={`${end}/bedHeight`} />
      </Fields>
    </Box>
  );
}

/** A hide in it, or none. */
function HollowTick({ path }: { path: string }) {
  const { value, commit } = useDecision<Piece["hollow"]>(`${path}/hollow`);
  return (
    <Tick
      label="It is hollow: a hide"
      on={value !== null}
      onChange={(on) => commit(on ? { bore: statedMm(50), through: true } : null)}
    />
  );
}
