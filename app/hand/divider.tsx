import { Box, Flex } from "@chakra-ui/react";
import { freeId } from "#core/design/freeId";
import { statedMm } from "#core/design/measure";
import { DIVIDER_STUFFS, EDGES, type Edge } from "#core/dividers/names";
import type { Divider } from "#core/dividers/schema";
import { firstMaterial, materialsFor, STUFFS } from "#core/dividers/stuffs";
import { chosenVariant } from "#core/document/variant";
import { ChoiceField, TickField } from "../fields/fields";
import { MeasureField } from "../fields/MeasureField";
import { NameField } from "../fields/NameField";
import { FigureReading } from "../fields/Reading";
import { useBench, useBuildHandle, useDecision, useVariant } from "../state/context";
import { Hint } from "../ui/Hint";
import { Fields } from "../ui/Panel";
import { QuietButton } from "../ui/QuietButton";
import { Select } from "../ui/Select";
import { useIndex } from "./useIndex";

/** A wall across the floor: from where to where, of what, how high, and whether it keeps one side dry. */
export function DividerFields({ id }: { id: string }) {
  const i = useIndex((v) => v.dividers, id);
  const divider = useVariant((v) => v.dividers.find((d) => d.id === id));
  if (i < 0 || !divider) return null;
  const path = `/dividers/${i}`;
  return (
    <>
      <Fields>
        <NameField label="Name" path={`${path}/name`} />
        <MeasureField label="High" path={`${path}/height`} />
        {divider.line && (
          <>
            <EndFields path={`${path}/line/from`} label="One end on the" on={divider.line.from.on} />
            <EndFields path={`${path}/line/to`} label="Other end on the" on={divider.line.to.on} />
          </>
        )}
      </Fields>
      {!divider.line && <LineStart path={`${path}/line`} />}
      <Layers divider={divider} />
      <Box mt="2">
        <TickField label="Keeps one side dry" path={`${path}/watertight`} />
      </Box>
      <Fields>
        <FigureReading id={`dividers/${id}/long`} />
        <FigureReading id={`dividers/${id}/seams`} />
        <FigureReading id={`panes/${id}`} />
      </Fields>
      <Hint>
        Through mesh and cloth, land and water share one level. A divider that keeps one side dry is tested with that
        side dry.
      </Hint>
    </>
  );
}

function EndFields({ path, label, on }: { path: string; label: string; on: Edge }) {
  const across = on === "front" || on === "back";
  return (
    <>
      <ChoiceField label={label} path={`${path}/on`} options={EDGES.map((e) => [e, `${e} wall`] as const)} />
      <MeasureField label={`and from the ${across ? "left" : "front"}`} path={`${path}/at`} />
    </>
  );
}

/** A divider that nobody said where it stands is put across the middle to begin with. */
function LineStart({ path }: { path: string }) {
  const { commit } = useDecision<Divider["line"]>(path);
  const { api } = useBuildHandle();
  const put = () => {
    const mid = Math.round(api.shown.getState().plan.shell.inside.widthMm / 2);
    commit({ from: { on: "front", at: statedMm(mid) }, to: { on: "back", at: statedMm(mid) } });
  };
  return (
    <QuietButton size="xs" mt="2" onClick={put}>
      Say where it stands
    </QuietButton>
  );
}

/** Its layers, each of a material of the book. */
function Layers({ divider }: { divider: Divider }) {
  const { api } = useBuildHandle();
  const { book } = useBench();
  const change = (to: (layers: Divider["layers"]) => void) =>
    api.commit((draft) => {
      const own = chosenVariant(draft).dividers.find((d) => d.id === divider.id);
      if (own) to(own.layers);
    });
  return (
    <Box mt="1.5">
      <Fields>
        {divider.layers.map((layer, n) => (
          <Flex key={layer.id} gap="1" align="end">
            <Select
              label={`Layer ${n + 1}`}
              value={layer.of}
              options={DIVIDER_STUFFS.map((s) => [s, STUFFS[s].words] as const)}
              onChange={(of) =>
                change((layers) => void layers.splice(n, 1, { id: layer.id, of, material: firstMaterial(book, of) }))
              }
            />
            {divider.layers.length > 1 && (
              <QuietButton
                size="xs"
                px="1.5"
                aria-label={`Leave layer ${n + 1} out`}
                onClick={() => change((layers) => void layers.splice(n, 1))}
              >
                out
              </QuietButton>
            )}
          </Flex>
        ))}
        {divider.layers.map((layer, n) =>
          materialsFor(book, layer.of).length === 0 ? null : (
            <Select
              key={layer.id}
              label={`Layer ${n + 1} is cut from`}
              value={layer.material ?? ""}
              options={[
                ["", "nobody said"] as [string, string],
                ...materialsFor(book, layer.of).map((m) => [m.id, m.name] as [string, string]),
              ]}
              onChange={(m) =>
                change((layers) => void layers.splice(n, 1, { ...layers[n]!, material: m === "" ? null : m }))
              }
            />
          ),
        )}
      </Fields>
      {divider.layers.length < 4 && (
        <QuietButton
          size="xs"
          mt="1.5"
          onClick={() => change((layers) => void layers.push({ ...layers.at(-1)!, id: freeId(layers, "layer") }))}
        >
          Add a layer of the same
        </QuietButton>
      )}
    </Box>
  );
}
