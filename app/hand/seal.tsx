import { Box, Flex, Input, Text } from "@chakra-ui/react";
import { useState } from "react";
import { FACES, type FaceId, LAYER_IDS, type LayerId, type SafetySplit } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { faceName } from "#core/materials/face";
import { materialsOf } from "#core/materials/find";
import { SURFACES } from "#core/seal/bonds/names";
import { SPLITS, splitsMet } from "#core/seal/decisions";
import { coatedM2 } from "#core/seal/stack/area";
import { layerKind, takesCoats } from "#core/seal/stack/layers";
import { judgedStacks } from "#core/seal/stack/snags";
import { layerId } from "#core/things/layerId";
import { formatLengthWithUnit, formatNumber } from "#core/units/format";
import { ChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../state/context";
import { HOLDING } from "../ui/holding";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";

/** Beads along the seams, and how long it airs out. */
export function BeadFields() {
  const { book } = useBench();
  return (
    <Fields>
      <ChoiceField
        label="Which seams"
        path="/seal/seams"
        options={[
          ["all", "every inner seam"],
          ["base", "base, dam and feet of the corners"],
          ["none", "none"],
        ]}
      />
      <ChoiceField
        label="Sealant"
        path="/seal/sealant"
        options={materialsOf(book, "sealant").map((m) => [m.id, m.name] as const)}
      />
      <MeasureField label="Bead, its leg" path="/seal/leg" hint="tooled hollow" />
      <MeasureField label="Standing water, how deep" path="/seal/standingWater" optional />
      <MeasureField label="Air out for" path="/seal/airingDays" kind="plain" suffix="days" />
    </Fields>
  );
}

/** A face with its layers in order: another is put on, or all are copied to the other faces. */
export function StackFields({ id }: { id: string }) {
  const face = id as FaceId;
  const { api, take } = useBuildHandle();
  const { units } = useUnits();
  const [next, setNext] = useState<LayerId>("key");
  const walls = useShown(({ plan }) => FACES.filter((f) => !plan.shell.faces[f].open));
  const layers = useVariant((v) => v.seal.stacks.find((s) => s.face === face)?.layers ?? NONE);
  const bare = useShown(
    ({ plan }) =>
      `${faceName(plan.shell.faces[face].material, (mm) => formatLengthWithUnit(mm, units))}, ${formatNumber(coatedM2(face, plan.shell, plan.site.variant))} m² to coat`,
  );
  const add = () => {
    const name = next.toLowerCase();
    let n = 1;
    while (layers.some((l) => l.id === `${name}-${n}`)) n++;
    api.commit((draft) => {
      const { seal } = chosenVariant(draft);
      const layer = { id: `${name}-${n}`, layer: next, coats: null, damp: false };
      const own = seal.stacks.find((s) => s.face === face);
      if (own) own.layers.push(layer);
      else seal.stacks.push({ face, layers: [layer] });
    });
  };
  const copyTo = walls.filter((f) => f !== face);
  return (
    <>
      <Text fontSize="xs" color="muted">
        {`${bare}. From the wall outwards; what is not listed stays as it is.`}
      </Text>
      <Box as="ol" listStyleType="none" my="1.5">
        {layers.map((l, i) => (
          <Box as="li" key={l.id} fontSize="sm" borderTopWidth="1px" borderColor="line" py="0.5">
            <Box as="button" cursor="pointer" onClick={() => take({ kind: "layer", id: layerId(face, l.id) })}>
              {`${i + 1}  ${layerKind(l.layer).name}`}
            </Box>
          </Box>
        ))}
      </Box>
      <Select
        label="Next layer"
        value={next}
        options={LAYER_IDS.map((l) => [l, layerKind(l).name] as const)}
        onChange={setNext}
      />
      <Flex gap="1.5" mt="2" wrap="wrap">
        <QuietButton size="xs" onClick={add}>
          Put it on
        </QuietButton>
        {layers.length > 0 && copyTo.length > 0 && (
          <QuietButton
            size="xs"
            onClick={() =>
              api.commit((draft) => {
                const { seal } = chosenVariant(draft);
                const own = seal.stacks.find((s) => s.face === face)!;
                const others = seal.stacks.filter((s) => !copyTo.includes(s.face));
                seal.stacks = [
                  ...others,
                  ...copyTo.map((f) => ({ face: f, layers: own.layers.map((l) => ({ ...l })) })),
                ];
              })
            }
          >
            {`Copy to the other ${copyTo.length}`}
          </QuietButton>
        )}
      </Flex>
    </>
  );
}
const NONE: readonly { id: string; layer: LayerId }[] = [];

/** One layer of a face, judged against what it meets. */
export function LayerFields({ id }: { id: string }) {
  const { api } = useBuildHandle();
  const found = useShown(({ plan }) => {
    for (const { face, at, layers } of judgedStacks(plan.site)) {
      const i = layers.findIndex((l) => layerId(face, l.layer.id) === id);
      const judged = layers[i];
      if (!judged) continue;
      const { layer, kind, on, holding, bond, cutsThrough } = judged;
      const under = layer.damp && kind.fibre ? "damp fibre" : on && SURFACES[on];
      return {
        ...{
          at,
          i,
          last: i === layers.length - 1,
          holding,
          cuts: cutsThrough !== undefined,
          fibre: kind.fibre === true,
        },
        ...{ coats: takesCoats(kind), usual: kind.coats.value },
        words:
          bond && under
            ? `On ${under}: ${bond.reason}${bond.cure && holding !== "holds" ? ` ${bond.cure}` : ""}`
            : kind.mind,
      };
    }
    return undefined;
  });
  if (!found) return null;
  const { at, i, last, holding, cuts, fibre, coats, usual, words } = found;
  const path = `/seal/stacks/${at}/layers/${i}`;
  const move = (by: number) =>
    api.commit((draft) => {
      const { layers } = chosenVariant(draft).seal.stacks[at]!;
      const [moved] = layers.splice(i, 1);
      layers.splice(i + by, 0, moved!);
    });
  return (
    <>
      {(holding || cuts) && (
        <Text fontSize="sm" fontWeight="bold" color={cuts ? "stop" : HOLDING[holding!].tone}>
          {cuts ? "through the coat" : HOLDING[holding!].words}
        </Text>
      )}
      <Text fontSize="xs" color="muted" mb="1.5">
        {words}
      </Text>
      {coats && (
        <Fields>
          <MeasureField
            label="Coats"
            path={`${path}/coats`}
            empty={`usually ${formatNumber(usual)}`}
            kind="plain"
            optional
          />
        </Fields>
      )}
      {fibre && <TickField label="The fibre is damp" path={`${path}/damp`} />}
      <Flex gap="1.5" mt="2">
        <QuietButton size="xs" disabled={i === 0} onClick={() => move(-1)}>
          Sooner
        </QuietButton>
        <QuietButton size="xs" disabled={last} onClick={() => move(1)}>
          Later
        </QuietButton>
      </Flex>
    </>
  );
}

/** Where careful builders do opposite things and safety hangs on it: both sides, the choice, and why. */
export function DecisionFields() {
  const met = useShown(({ plan }) => splitsMet(plan.site, plan.facts));
  return (
    <>
      <Text fontSize="xs" color="muted" mb="1">
        Careful builders do opposite things here. Nothing is chosen for you; what you choose is kept with your reason.
      </Text>
      {met.map(({ split, because }) => (
        <Decision key={split} id={split} because={because} />
      ))}
    </>
  );
}

function Decision({ id, because }: { id: SafetySplit; because: string }) {
  const { api } = useBuildHandle();
  const decisions = useVariant((v) => v.seal.decisions);
  const split = SPLITS[id];
  const made = decisions.find((d) => d.split === id);
  const [reason, setReason] = useState(made?.reason ?? "");
  const keep = (school: string, why: string) =>
    api.commit((draft) => {
      const { seal } = chosenVariant(draft);
      seal.decisions = seal.decisions.filter((d) => d.split !== id);
      if (school !== "") seal.decisions.push({ split: id, school, reason: why });
    });
  return (
    <Box borderTopWidth="1px" borderColor="line" py="2">
      <Text fontWeight="medium" fontSize="sm">
        {split.question}
      </Text>
      <Text fontSize="xs" color="muted" mb="1">
        {`Because ${because}. What decides: ${split.decides}.`}
      </Text>
      <Select
        label="Your school"
        value={made?.school ?? ""}
        options={[["", "not decided"], ...split.schools.map((s) => [s.id, s.says] as const)]}
        onChange={(school) => keep(school, reason)}
      />
      {made && (
        <Input
          size="sm"
          mt="1.5"
          bg="sheet"
          borderColor="line"
          aria-label={`Why, for: ${split.question}`}
          placeholder="why, in a few words"
          maxLength={500}
          value={reason}
          onChange={(e) => setReason(e.target.value)}
          onBlur={() => reason !== made.reason && keep(made.school, reason)}
        />
      )}
    </Box>
  );
}
