import { Box, Button, Flex, Text } from "@chakra-ui/react";
import { chosenVariant } from "#core/document/variant";
import { materialsOf, shellSheets } from "#core/materials/find";
import { type Dam, type Floor, newDam, type Source } from "#core/shell/dam/schema";
import { useBench, useBuildHandle, useDecision, useShown } from "../../state/context";
import { Select } from "../../ui/fields";
import { MeasureField } from "../../ui/MeasureField";
import { Fields, Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

/** Where a shell keeps its dam: a front frame's own dam is another, and the pane stands behind it. */
type Key = "dam" | "damPane";
type Standing = Partial<Record<Key, Dam | null>> & { floor?: Floor | null };

/** What a dam or floor is of, as one choice. */
const keyOf = (source: Source): string =>
  source.of === "bought" ? `bought/${source.material}` : `${source.of}/${source.shelf}`;

function SourceField({ label, path }: { label: string; path: string }) {
  const { value, attempt } = useDecision<Source>(path);
  const { book } = useBench();
  const shelves = useShown(({ plan }) => {
    const { shell } = plan.site.variant;
    return "found" in shell && "shelves" in shell.found ? shell.found.shelves.map((s) => s.name) : [];
  });
  const bought = [...materialsOf(book, "glass"), ...shellSheets(book)];
  const options = [
    ...shelves.flatMap((name) => [
      [`wholeShelf/${name}`, `${name}, whole`] as const,
      [`cutShelf/${name}`, `${name}, cut`] as const,
    ]),
    ...bought.map((m) => [`bought/${m.id}`, m.name] as const),
  ];
  const take = (choice: string) => {
    const at = choice.indexOf("/");
    const [of, name] = [choice.slice(0, at), choice.slice(at + 1)];
    attempt((of === "bought" ? { of, material: name } : { of, shelf: name }) as Source);
  };
  return <Select label={label} value={keyOf(value)} options={options} onChange={take} />;
}

/** A dam across an open front without a tray, and a second floor on the base. */
export function DamPanel({ at = "dam" }: { at?: Key }) {
  const { api } = useBuildHandle();
  const { dam, floor, tray, ofWhole } = useShown(({ plan }) => {
    const shell = plan.site.variant.shell as unknown as Standing;
    return {
      dam: (shell[at] ?? null) !== null,
      floor: (shell.floor ?? null) !== null,
      tray: plan.shell.tray !== null,
      ofWhole: shell[at]?.source.of === "wholeShelf",
    };
  });
  const own = (recipe: (shell: Standing) => void) =>
    api.commit((draft) => recipe(chosenVariant(draft).shell as unknown as Standing));
  if (tray) return null;
  return (
    <Panel title="Dam and second floor">
      {!dam && !floor && (
        <Text fontSize="sm" mb="2">
          A board or a pane on edge across the front holds ground and water in. Its foot and both ends are beads of
          their own.
        </Text>
      )}
      {dam && (
        <Box mb="3">
          <Fields>
            <SourceField label="Dam, of" path={`/shell/${at}/source`} />
            {!ofWhole && <MeasureField label="Dam, how high" path={`/shell/${at}/height`} />}
            {!ofWhole && (
              <MeasureField label="Dam, how long" path={`/shell/${at}/length`} optional empty="as the inside gives" />
            )}
          </Fields>
        </Box>
      )}
      {floor && (
        <Box mb="3">
          <Fields>
            <SourceField label="Second floor, of" path="/shell/floor/source" />
          </Fields>
        </Box>
      )}
      <Flex gap="3" wrap="wrap">
        <PutIn
          there={dam}
          put={at === "dam" ? "Set a dam across the front" : "Set a pane behind the front frame"}
          leave="Leave the dam out"
          onPut={() =>
            own((shell) => {
              shell[at] = newDam(100);
            })
          }
          onLeave={() =>
            own((shell) => {
              shell[at] = null;
            })
          }
        />
        <PutIn
          there={floor}
          put="Bed a second floor on the base"
          leave="Leave the second floor out"
          onPut={() =>
            own((shell) => {
              shell.floor = { source: { of: "bought", material: "glass-4" } };
            })
          }
          onLeave={() =>
            own((shell) => {
              shell.floor = null;
            })
          }
        />
      </Flex>
    </Panel>
  );
}

interface PutInProps {
  there: boolean;
  put: string;
  leave: string;
  onPut: () => void;
  onLeave: () => void;
}

/** Puts a thing in, or leaves it out again. */
const PutIn = ({ there, put, leave, onPut, onLeave }: PutInProps) =>
  there ? (
    <QuietButton onClick={onLeave}>{leave}</QuietButton>
  ) : (
    <Button size="sm" variant="outline" borderColor="line" onClick={onPut}>
      {put}
    </Button>
  );
