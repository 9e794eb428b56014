import { Flex, Text } from "@chakra-ui/react";
import { Plus } from "lucide-react";
import { chosenVariant } from "#core/document/variant";
import { isVent } from "#core/features/vents";
import { useStarts } from "../../features/useStarts";
import { useBuildHandle, useShown } from "../../state/context";
import { FeatureCard } from "../../ui/FeatureCard";
import { Panel } from "../../ui/Panel";
import { QuietButton, QuietLink } from "../../ui/QuietButton";

/** What is on the faces beside vents: ports, drains and nozzles, and where nothing may go. */
export function FacesPanel() {
  const { buildId } = useBuildHandle();
  const { id: variantId, others } = useShown(({ design }) => {
    const { id, features } = chosenVariant(design);
    return { id, others: features.flatMap((f, index) => (isVent(f) ? [] : [{ id: f.id, index }])) };
  });
  const starts = useStarts("shell");
  return (
    <>
      <Panel title="On the faces" gridColumn={{ xl: "1 / -1" }}>
        <Flex gap="3" align="center" wrap="wrap">
          {starts.map(({ button, add }) => (
            <QuietButton key={button} onClick={add}>
              <Plus size={14} /> {button}
            </QuietButton>
          ))}
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
