import { Flex, Text } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import type { Feature } from "#core/features/schema";
import { isVent } from "#core/features/vents";
import { materialsOf } from "#core/materials/find";
import { vAtHeight } from "#core/shell/space";
import { useBuildHandle, useShown } from "../../state/context";
import { FeatureCard, freeId } from "../../ui/FeatureCard";
import { Panel } from "../../ui/Panel";
import { QuietButton, QuietLink } from "../../ui/QuietButton";

/** What is on the faces beside vents: ports, drains and nozzles, and where nothing may go. */
export function FacesPanel() {
  const { api, choose, buildId } = useBuildHandle();
  const { id: variantId, others } = useShown(({ design }) => {
    const { id, features } = chosenVariant(design);
    return { id, others: features.flatMap((f, index) => (isVent(f) ? [] : [{ id: f.id, index }])) };
  });
  const add = (stem: string, make: (middle: { u: Feature["u"]; v: Feature["v"] }) => Omit<Feature, "id">) =>
    api.commit((draft) => {
      const { faces, levels } = api.shown.getState().plan.shell;
      const { room, frame } = faces.back;
      // Low on the back, clear of what fills it.
      const foot = vAtHeight(frame, Math.max(levels.groundMm, levels.waterMm)) + 40;
      const middle = { u: statedMm(Math.round(room.uMm + room.widthMm / 2)), v: statedMm(Math.round(foot)) };
      const id = freeId(chosenVariant(draft), stem);
      chosenVariant(draft).features.push({ ...make(middle), id } as Feature);
      choose(id);
    });
  const addPort = () =>
    add("port", (middle) => ({
      ...middle,
      name: "Cable port",
      face: "back",
      kind: "port",
      origin: "made",
      use: "cable",
      bore: statedMm(20),
      gap: statedMm(1),
      tube: null,
    }));
  const addTube = () =>
    add("tube", ({ u, v }) => ({
      u,
      v,
      name: "Tube",
      face: "back",
      kind: "port",
      origin: "made",
      use: "tube",
      bore: statedMm(16),
      gap: statedMm(0),
      tube: { bore: statedMm(12), rise: statedMm(40), run: statedMm(200), bendRadius: statedMm(60) },
    }));
  const addPane = () =>
    add("window", ({ u, v }) => ({
      u,
      v: statedMm(v.value + 40),
      name: "Window",
      face: "back",
      kind: "pane",
      origin: "made",
      width: statedMm(120),
      height: statedMm(80),
      lap: statedMm(15),
      glass: materialsOf(api.shown.getState().plan.site.book, "glass")[0]!.id,
      onHand: null,
    }));
  const addKeepOut = () =>
    add("keep-out", ({ u, v }) => ({
      u,
      v: statedMm(v.value + 60),
      name: "Heat mat",
      face: "back",
      kind: "keepOut",
      origin: "made",
      use: "heatMat",
      deep: null,
      width: statedMm(200),
      height: statedMm(140),
    }));
  return (
    <>
      <Panel title="On the faces" gridColumn={{ xl: "1 / -1" }}>
        <Flex gap="3" align="center" wrap="wrap">
          <QuietButton onClick={addPort}>
            <Plus size={14} /> Add a port
          </QuietButton>
          <QuietButton onClick={addKeepOut}>
            <Plus size={14} /> Add a keep-out
          </QuietButton>
          <QuietButton onClick={addTube}>
            <Plus size={14} /> Add a tube
          </QuietButton>
          <QuietButton onClick={addPane}>
            <Plus size={14} /> Add a pane
          </QuietButton>
          <Text fontSize="xs" color="muted" flex="1" minW="14rem">
            Cables, probes, drains and nozzles pass through ports, a tube through an oval; a pane covers an opening of
            its own; heat mats, windows to mask, lamps and swinging doors keep their place free. Drag them on the net;
            Alt lets go of edges and middles. Vents are under Air (key 5).
          </Text>
        </Flex>
        <Flex gap="3" mt="3" align="center" wrap="wrap">
          {(["a4", "letter"] as const).map((paper) => (
            <QuietLink key={paper} to={`/builds/${buildId}/files/back-${paper}.pdf`} reloadDocument>
              Back at 1 : 1, {paper === "a4" ? "A4" : "Letter"}
            </QuietLink>
          ))}
          <Text fontSize="xs" color="muted" flex="1" minW="14rem">
            Tiled and mirrored, to tape outside a clear back while you work inside.
          </Text>
        </Flex>
      </Panel>
      {others.map(({ id, index }) => (
        <FeatureCard key={id} index={index} variantId={variantId} />
      ))}
    </>
  );
}
