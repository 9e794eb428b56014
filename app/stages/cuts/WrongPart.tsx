import { Flex, Input, Text } from "@chakra-ui/react";
import { useState } from "react";
import type { PlacedPart } from "#core/cuts/nest/format";
import type { SawSheet } from "#core/cuts/record/sawSheet";
import { parseLength } from "#core/units/length";
import { useUnits } from "../../state/context";
import type { useLog } from "../../state/useLog";
import { QuietButton } from "../../ui/QuietButton";

/** Parts that are cut, and a way to say that one came out wrong: what is left of it is then nested in like any piece. */
export function WrongPart({
  sheet,
  name,
  log,
}: {
  sheet: SawSheet;
  name: (partId: string) => string;
  log: ReturnType<typeof useLog>;
}) {
  const { say } = useUnits();
  const [wrong, setWrong] = useState<PlacedPart | null>(null);
  if (sheet.done.length === 0) return null;
  return (
    <>
      <Text fontWeight="bold" fontSize="sm" mt="4" mb="1">
        Cut so far
      </Text>
      {sheet.done.map((part) => (
        <Flex key={`${part.x}/${part.y}`} gap="3" align="center" py="0.5" wrap="wrap">
          <Text fontSize="sm" minW="12rem">
            {name(part.partId)}{" "}
            <Text as="span" fontFamily="mono">
              {say(part.w)} × {say(part.h)}
            </Text>
          </Text>
          {wrong === part ? (
            <Left
              part={part}
              drop={() => setWrong(null)}
              tell={(leftW, leftH) => {
                setWrong(null);
                log.add({ kind: "part-spoiled", sheet: sheet.id, x: part.x, y: part.y, leftW, leftH });
              }}
            />
          ) : (
            <QuietButton size="xs" onClick={() => setWrong(part)}>
              {`${name(part.partId)} came out wrong`}
            </QuietButton>
          )}
        </Flex>
      ))}
    </>
  );
}

/** Half of a sixteenth, the coarsest fraction a size is shown to, mm. */
const SHOWN_TO_MM = 25.4 / 32;

/** Asks what is left whole of a part that came out wrong. */
function Left({
  part,
  tell,
  drop,
}: {
  part: PlacedPart;
  tell: (leftW: number, leftH: number) => void;
  drop: () => void;
}) {
  const { say, units } = useUnits();
  const [w, setW] = useState(say(part.w));
  const [h, setH] = useState(say(part.h));
  const read = (text: string, most: number) => {
    const mm = parseLength(text, units.unit);
    // A size as it is shown may be rounded up to the next fraction.
    return mm.ok && mm.value >= 0 && mm.value <= most + SHOWN_TO_MM ? Math.min(mm.value, most) : undefined;
  };
  const [leftW, leftH] = [read(w, part.w), read(h, part.h)];
  const ready = leftW !== undefined && leftH !== undefined;
  return (
    <Flex gap="2" align="center" wrap="wrap">
      <Text fontSize="xs" color="muted">
        left whole of it
      </Text>
      <Input
        size="xs"
        w="5.5rem"
        fontFamily="mono"
        aria-label="Left along"
        value={w}
        onChange={(e) => setW(e.target.value)}
      />
      <Text>×</Text>
      <Input
        size="xs"
        w="5.5rem"
        fontFamily="mono"
        aria-label="Left across"
        value={h}
        onChange={(e) => setH(e.target.value)}
      />
      <QuietButton size="xs" disabled={!ready} onClick={() => ready && tell(leftW, leftH)}>
        Nest the rest again
      </QuietButton>
      <QuietButton size="xs" onClick={drop}>
        It is right
      </QuietButton>
      {!ready && (
        <Text role="alert" fontSize="xs" color="stop">
          {`Type at most ${say(part.w)} × ${say(part.h)}; 0 when nothing is left.`}
        </Text>
      )}
    </Flex>
  );
}
