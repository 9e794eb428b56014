import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { Plus, Trash2 } from "lucide-react";
import { statedMm } from "#core/design/measure";
import { chosenVariant } from "#core/document/variant";
import { FOUND_MATERIALS } from "#core/materials/face";
import { FOUND_IDS } from "#core/materials/names";
import type { CabinetShell } from "#core/shell/kinds/cabinet/schema";
import { useBuildHandle, useShown } from "../../state/context";
import { ChoiceField, CountField } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

const MATERIALS = FOUND_IDS.map((id) => [id, FOUND_MATERIALS[id].name] as const);

/** The cabinet's shelves, what becomes of each, and the tray that is cut from them. */
export function ShelvesPanel() {
  const { api } = useBuildHandle();
  const { shelves, tray } = useShown(({ design }) => {
    const shell = chosenVariant(design).shell as CabinetShell;
    return {
      shelves: shell.found.shelves.map(({ name, use }) => ({ name, use })),
      tray: shell.tray !== null,
    };
  });
  const own = (recipe: (shell: CabinetShell) => void) =>
    api.commit((draft) => recipe(chosenVariant(draft).shell as CabinetShell));
  const setTray = (next: CabinetShell["tray"]) =>
    own((shell) => {
      shell.tray = next;
    });
  const add = () =>
    own((shell) => {
      const { width, depth, faces } = shell.found;
      shell.found.shelves.push({
        name: `Shelf ${shell.found.shelves.length + 1}`,
        material: "glass",
        thickness: statedMm(6),
        width: statedMm(Math.round(width.value - faces.left.thickness.value - faces.right.thickness.value - 8)),
        depth: statedMm(Math.round(depth.value - faces.back.thickness.value - faces.front.thickness.value - 8)),
        count: 1,
        use: "keep",
      });
    });
  return (
    <Panel title="Shelves and tray" gridColumn={{ xl: "1 / -1" }}>
      {shelves.length === 0 && (
        <Text fontSize="sm" mb="2">
          Glass shelves make a tray that holds water off the board. Add those that came with it.
        </Text>
      )}
      {shelves.map((shelf, i) => {
        const path = `/shell/found/shelves/${i}`;
        return (
          <Box key={path} borderBottomWidth="1px" borderColor="line" pb="3" mb="3">
            <Flex align="center" gap="3" mb="1.5">
              <Text fontWeight="bold" fontSize="sm" flex="1">
                {shelf.name}
                {shelf.use === "cutUp" && (
                  <Text as="span" color="muted" fontWeight="normal">
                    {" "}
                    · cut up for the tray, no longer a shelf
                  </Text>
                )}
              </Text>
              <QuietButton size="xs" onClick={() => own((shell) => void shell.found.shelves.splice(i, 1))}>
                <Trash2 size={13} /> Remove
              </QuietButton>
            </Flex>
            <Fields min="8rem">
              <ChoiceField
                label="What it is used for"
                path={`${path}/use`}
                options={[
                  ["keep", "stays a shelf"],
                  ["cutUp", "cut up for the tray"],
                  ["remove", "taken out"],
                ]}
              />
              <ChoiceField label="Material" path={`${path}/material`} options={MATERIALS} />
              <MeasureField label="Wide" path={`${path}/width`} />
              <MeasureField label="Deep" path={`${path}/depth`} />
              <MeasureField label="Thick" path={`${path}/thickness`} />
              <CountField label="How many" path={`${path}/count`} max={20} />
            </Fields>
          </Box>
        );
      })}
      <Flex gap="3" align="end" wrap="wrap">
        <QuietButton onClick={add}>
          <Plus size={14} /> Add a shelf
        </QuietButton>
        {tray ? (
          <>
            <Box w="9rem">
              <MeasureField label="Tray, how high" path="/shell/tray/height" />
            </Box>
            <QuietButton onClick={() => setTray(null)}>Leave the tray out</QuietButton>
          </>
        ) : (
          <Button
            size="sm"
            variant="outline"
            borderColor="line"
            onClick={() =>
              own((shell) => {
                shell.tray = { height: statedMm(100) };
                for (const shelf of shell.found.shelves) if (shelf.material === "glass") shelf.use = "cutUp";
              })
            }
          >
            Cut the glass shelves into a tray
          </Button>
        )}
      </Flex>
    </Panel>
  );
}
