import { Box, Checkbox, Flex, Text } from "@chakra-ui/react";
import { useState } from "react";
import { parseMeasure } from "#core/design/guess";
import { chosenVariant } from "#core/document/variant";
import { materialsOf } from "#core/materials/find";
import { cornerWords } from "#core/odd/corners";
import type { OddPart } from "#core/odd/schema";
import type { RowError } from "#files/rows";
import { useBench, useBuildHandle, useShown, useUnits, useVariant } from "../../state/context";
import { ListButton } from "../../ui/ListButton";
import { Fields } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";
import { RowErrors } from "../../ui/RowErrors";
import { Select } from "../../ui/Select";
import { TextField } from "../../ui/TextField";

/** Choices of corners to be cut out. */
const CORNERS = { 0: "none", ...cornerWords };
type CornerChoice = `${keyof typeof CORNERS}`;

const EMPTY = {
  ...{ label: "", length: "", width: "", qty: "1", grain: false },
  ...{ corners: "0" as CornerChoice, cornerLength: "", cornerWidth: "" },
};

/** Parts beside the shell's own: typed one by one, or brought in as a list. */
export function OddParts() {
  const { api } = useBuildHandle();
  const { book } = useBench();
  const oddParts = useVariant((v) => v.oddParts);
  const { units, say } = useUnits();
  const sheets = materialsOf(book, "sheet");
  const usual = useShown(({ plan }) => plan.groups.find((g) => !g.own)?.material.id) ?? sheets[0]?.id ?? "";
  const [material, setMaterial] = useState(usual);
  const [typed, setTyped] = useState(EMPTY);
  const [message, setMessage] = useState<string | null>(null);
  const [errors, setErrors] = useState<RowError[]>([]);
  const taken = oddParts.map((o) => o.id);

  const add = (parts: OddPart[]) => {
    const problems = api.attempt((draft) => {
      chosenVariant(draft).oddParts.push(...parts);
    });
    setMessage(problems[0]?.message ?? null);
    return problems.length === 0;
  };
  /** The corners as typed; in words what is wrong with them. */
  const readCorners = (): OddPart["corners"] | string => {
    const length = parseMeasure(typed.cornerLength, units.unit, "stated");
    const width = parseMeasure(typed.cornerWidth, units.unit, "stated");
    if (!length.ok) return `Corner along the length: ${length.message}`;
    if (!width.ok) return `Corner along the width: ${width.message}`;
    return { count: Number(typed.corners) as 1 | 2 | 4, length: length.value, width: width.value };
  };
  const addTyped = () => {
    const [length, width] = [
      parseMeasure(typed.length, units.unit, "stated"),
      parseMeasure(typed.width, units.unit, "stated"),
    ];
    const qty = Number(typed.qty);
    if (!length.ok) return setMessage(`Length: ${length.message}`);
    if (!width.ok) return setMessage(`Width: ${width.message}`);
    if (!Number.isInteger(qty) || qty < 1 || qty > 1000) return setMessage("How many: a whole number from 1 to 1000.");
    const corners = typed.corners === "0" ? undefined : readCorners();
    if (typeof corners === "string") return setMessage(corners);
    let n = 1;
    while (taken.includes(`odd-${n}`)) n++;
    const label = typed.label.trim() || `Odd part ${n}`;
    const part = {
      id: `odd-${n}`,
      label,
      material,
      length: length.value,
      width: width.value,
      qty,
      grainLocked: typed.grain,
      ...(corners && { corners }),
    };
    if (add([part])) setTyped(EMPTY);
  };
  const bringIn = async (chosen: File) => {
    const text = await chosen.text();
    const read = chosen.name.toLowerCase().endsWith(".dxf")
      ? (await import("#files/oddDxf")).readOddDxf(text, { material, taken })
      : (await import("#files/oddCsv")).readOddParts(text, { unit: units.unit, materials: sheets, material, taken });
    setErrors(read.errors);
    if (read.parts.length > 0) add(read.parts);
  };
  const drop = (id: string) =>
    api.commit((draft) => {
      const chosen = chosenVariant(draft);
      chosen.oddParts = chosen.oddParts.filter((o) => o.id !== id);
    });

  return (
    <Box>
      <Text fontSize="xs" color="muted" mb="2">
        Shelves, feet, templates: whatever else comes from the same sheets. They are nested with the rest.
      </Text>
      {oddParts.slice(0, 20).map((odd) => (
        <Flex key={odd.id} gap="3" align="center" py="0.5">
          <Text fontSize="sm" minW="16rem">
            {odd.label}{" "}
            <Text as="span" fontFamily="mono">
              {say(odd.length.value)} × {say(odd.width.value)}
              {odd.qty > 1 ? `, ${odd.qty} of them` : ""}
            </Text>
            {odd.grainLocked ? ", along the sheet" : ""}
            {odd.corners &&
              `, ${cornerWords[odd.corners.count]} out, ${say(odd.corners.length.value)} × ${say(odd.corners.width.value)}`}
          </Text>
          <QuietButton size="xs" aria-label={`Leave ${odd.label} out`} onClick={() => drop(odd.id)}>
            Leave out
          </QuietButton>
        </Flex>
      ))}
      {oddParts.length > 20 && (
        <Text fontSize="sm" my="1">{`and ${oddParts.length - 20} more, all in the list above`}</Text>
      )}
      <Fields>
        <TextField label="Part" value={typed.label} onChange={(label) => setTyped({ ...typed, label })} />
        <TextField label="Its length" value={typed.length} onChange={(length) => setTyped({ ...typed, length })} />
        <TextField label="Its width" value={typed.width} onChange={(width) => setTyped({ ...typed, width })} />
        <TextField label="How many" value={typed.qty} onChange={(qty) => setTyped({ ...typed, qty })} />
        <Select
          label="Cut from"
          value={material}
          options={sheets.map((s) => [s.id, s.name] as const)}
          onChange={setMaterial}
        />
        <Select
          label="Corners cut out"
          value={typed.corners}
          options={Object.entries(CORNERS) as [CornerChoice, string][]}
          onChange={(corners) => setTyped({ ...typed, corners })}
        />
        {typed.corners !== "0" && (
          <>
            <TextField
              label="Each, along the length"
              value={typed.cornerLength}
              onChange={(cornerLength) => setTyped({ ...typed, cornerLength })}
            />
            <TextField
              label="and along the width"
              value={typed.cornerWidth}
              onChange={(cornerWidth) => setTyped({ ...typed, cornerWidth })}
            />
          </>
        )}
      </Fields>
      <Flex gap="3" mt="2" align="center" wrap="wrap">
        <Checkbox.Root
          size="sm"
          checked={typed.grain}
          onCheckedChange={({ checked }) => setTyped({ ...typed, grain: checked === true })}
        >
          <Checkbox.HiddenInput />
          <Checkbox.Control borderColor="muted" />
          <Checkbox.Label fontSize="sm">Length lies along the sheet</Checkbox.Label>
        </Checkbox.Root>
        <QuietButton size="xs" onClick={addTyped}>
          Add the part
        </QuietButton>
        <ListButton label="Parts list" onFile={bringIn} />
        <Text fontSize="xs" color="muted">
          CSV with part, length, width, quantity, material, grain; or rectangles of a drawing
        </Text>
      </Flex>
      {message && (
        <Text role="alert" fontSize="sm" color="stop" mt="2">
          {message}
        </Text>
      )}
      <RowErrors errors={errors} rest="What could be read was taken." />
    </Box>
  );
}
