import { Box, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { FACES, type FaceId, LAYER_IDS, type LayerId } from "#core/design/names";
import { chosenVariant } from "#core/document/variant";
import { faceName } from "#core/materials/face";
import { SURFACES } from "#core/seal/bonds/names";
import { coatedM2 } from "#core/seal/stack/area";
import type { JudgedLayer } from "#core/seal/stack/judgeStack";
import { layerKind, takesCoats } from "#core/seal/stack/layers";
import { judgedStacks } from "#core/seal/stack/snags";
import { formatLengthWithUnit, formatNumber } from "#core/units/format";
import { useBuild, useUnits } from "../../state/context";
import { Select, TickField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

const VERDICT: Record<NonNullable<JudgedLayer["holding"]>, { words: string; tone: string }> = {
  holds: { words: "holds", tone: "fern" },
  holdsIf: { words: "holds if", tone: "mind" },
  risky: { words: "risky", tone: "mind" },
  never: { words: "never", tone: "stop" },
  unknown: { words: "not known: try on scrap", tone: "muted" },
};

/** The layers of each face in order, each judged against what it meets. */
export function StackPanel() {
  const { plan, api, variant } = useBuild();
  const { units } = useUnits();
  const walls = FACES.filter((f) => !plan.shell.faces[f].open);
  const [face, setFace] = useState<FaceId>(variant.seal.stacks[0]?.face ?? walls[0] ?? "back");
  const [next, setNext] = useState<LayerId>("key");
  const stack = judgedStacks(plan.site).find((s) => s.face === face);
  const wall = plan.shell.faces[face];
  const change = (edit: (layers: (typeof variant.seal.stacks)[number]["layers"]) => void) =>
    api.commit((draft) => {
      const { seal } = chosenVariant(draft);
      const own = seal.stacks.find((s) => s.face === face);
      if (own) {
        edit(own.layers);
        if (own.layers.length === 0) seal.stacks = seal.stacks.filter((s) => s !== own);
      } else {
        const layers: (typeof seal.stacks)[number]["layers"] = [];
        edit(layers);
        seal.stacks.push({ face, layers });
      }
    });
  const add = () =>
    change((layers) => {
      let n = 1;
      const name = next.toLowerCase();
      while (layers.some((l) => l.id === `${name}-${n}`)) n++;
      layers.push({ id: `${name}-${n}`, layer: next, coats: null, damp: false });
    });
  const copyTo = walls.filter((f) => f !== face);
  return (
    <Panel title="The stack on each face">
      <Flex gap="1" wrap="wrap" mb="3" role="group" aria-label="Face">
        {walls.map((f) => {
          const count = variant.seal.stacks.find((s) => s.face === f)?.layers.length ?? 0;
          return (
            <QuietButton
              key={f}
              size="xs"
              aria-pressed={f === face}
              bg={f === face ? "fernSoft" : undefined}
              onClick={() => setFace(f)}
            >
              {count > 0 ? `${f} · ${count}` : f}
            </QuietButton>
          );
        })}
      </Flex>
      <Text fontSize="xs" color="muted" mb="2">
        {`${faceName(wall.material, (mm) => formatLengthWithUnit(mm, units))}, ${formatNumber(coatedM2(face, plan.shell, variant))} m² to coat. From the wall outwards; what is not listed stays as it is.`}
      </Text>
      <Box as="ol" listStyleType="none">
        {(stack?.layers ?? []).map((judged, i) => (
          <LayerRow
            key={judged.layer.id}
            judged={judged}
            path={`/seal/stacks/${stack!.at}/layers/${i}`}
            number={i + 1}
            last={i === stack!.layers.length - 1}
            move={(by) =>
              change((layers) => {
                const [moved] = layers.splice(i, 1);
                layers.splice(i + by, 0, moved!);
              })
            }
            remove={() => change((layers) => layers.splice(i, 1))}
          />
        ))}
      </Box>
      <Flex gap="2" align="end" wrap="wrap" mt="3">
        <Box minW="14rem">
          <Select
            label="Next layer"
            value={next}
            options={LAYER_IDS.map((id) => [id, layerKind(id).name] as const)}
            onChange={setNext}
          />
        </Box>
        <QuietButton onClick={add}>Put it on</QuietButton>
        {stack && stack.layers.length > 0 && copyTo.length > 0 && (
          <QuietButton
            onClick={() =>
              api.commit((draft) => {
                const { seal } = chosenVariant(draft);
                const { layers } = seal.stacks.find((s) => s.face === face)!;
                const others = seal.stacks.filter((s) => !copyTo.includes(s.face));
                seal.stacks = [...others, ...copyTo.map((f) => ({ face: f, layers: layers.map((l) => ({ ...l })) }))];
              })
            }
          >
            {`Copy to the other ${copyTo.length}`}
          </QuietButton>
        )}
      </Flex>
    </Panel>
  );
}

function LayerRow({
  judged: { layer, kind, on, holding, bond, cutsThrough },
  path,
  number,
  last,
  move,
  remove,
}: {
  judged: JudgedLayer;
  path: string;
  number: number;
  last: boolean;
  move: (by: number) => void;
  remove: () => void;
}) {
  const verdict = holding && VERDICT[holding];
  const under = layer.damp && kind.fibre ? "damp fibre" : on && SURFACES[on];
  return (
    <Box as="li" borderTopWidth="1px" borderColor="line" py="2">
      <Flex gap="3" align="center" wrap="wrap">
        <Text fontFamily="mono" color="muted" w="1.2rem">
          {number}
        </Text>
        <Text fontWeight="medium" flex="1" minW="11rem">
          {kind.name}
        </Text>
        {verdict && (
          <Text fontSize="sm" fontWeight="bold" color={verdict.tone}>
            {verdict.words}
          </Text>
        )}
        {cutsThrough && (
          <Text fontSize="sm" fontWeight="bold" color="stop">
            through the coat
          </Text>
        )}
        <QuietButton size="2xs" disabled={number === 1} onClick={() => move(-1)} aria-label={`${kind.name} sooner`}>
          sooner
        </QuietButton>
        <QuietButton size="2xs" disabled={last} onClick={() => move(1)} aria-label={`${kind.name} later`}>
          later
        </QuietButton>
        <QuietButton size="2xs" onClick={remove} aria-label={`${kind.name} off`}>
          off
        </QuietButton>
      </Flex>
      <Flex gap="4" align="center" wrap="wrap" ps="8" mt="1">
        {takesCoats(kind) && (
          <Box maxW="9rem">
            <MeasureField
              label="Coats"
              path={`${path}/coats`}
              empty={`usually ${formatNumber(kind.coats.value)}`}
              kind="plain"
              optional
            />
          </Box>
        )}
        {kind.fibre && <TickField label="The fibre is damp" path={`${path}/damp`} />}
        <Text fontSize="xs" color="muted" flex="1" minW="12rem">
          {bond && under
            ? `On ${under}: ${bond.reason}${bond.cure && holding !== "holds" ? ` ${bond.cure}` : ""}`
            : kind.mind}
        </Text>
      </Flex>
    </Box>
  );
}
