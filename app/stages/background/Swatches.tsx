import { Box, Flex, Input, Text } from "@chakra-ui/react";
import { chosenVariant } from "#core/document/variant";
import { useBuildHandle, useDecision, useVariant } from "../../state/context";
import { NameField } from "../../ui/NameField";
import { Panel } from "../../ui/Panel";
import { QuietButton } from "../../ui/QuietButton";

const TONES = [
  ["wet", "as it goes on"],
  ["dry", "dry"],
  ["varnished", "varnished"],
] as const;

/** Tones tried on scrap, wet, dry and varnished, so that the next shade is chosen from what dried. */
export function Swatches() {
  const { api } = useBuildHandle();
  const swatches = useVariant((v) => v.background.swatches);
  const add = () =>
    api.commit((draft) => {
      const list = chosenVariant(draft).background.swatches;
      let n = 1;
      while (list.some((s) => s.id === `swatch-${n}`)) n++;
      list.push({ id: `swatch-${n}`, name: `Trial ${n}`, wet: null, dry: null, varnished: null });
    });
  return (
    <Panel title="Swatches">
      <Text fontSize="xs" color="muted" mb="2">
        Mortar dries much lighter than it goes on, waterproofer greyer; varnish darkens both again. Let a full trial dry
        before the next shade.
      </Text>
      {swatches.map((swatch, i) => (
        <Flex key={swatch.id} gap="4" align="end" wrap="wrap" borderTopWidth="1px" borderColor="line" py="2">
          <Box w="14rem">
            <NameField label="Name" path={`/background/swatches/${i}/name`} />
          </Box>
          {TONES.map(([key, words]) => (
            <Tone
              key={key}
              label={`${swatch.name}, ${words}`}
              words={words}
              path={`/background/swatches/${i}/${key}`}
            />
          ))}
          <QuietButton
            size="2xs"
            onClick={() => api.commit((draft) => void chosenVariant(draft).background.swatches.splice(i, 1))}
            aria-label={`Take ${swatch.name} out`}
          >
            Take it out
          </QuietButton>
        </Flex>
      ))}
      <QuietButton size="xs" onClick={add}>
        Record a swatch
      </QuietButton>
    </Panel>
  );
}

function Tone({ label, words, path }: { label: string; words: string; path: string }) {
  const { value, commit } = useDecision<string | null>(path);
  return (
    <Box>
      <Text fontSize="xs" color="muted">
        {words}
      </Text>
      <Flex align="center" gap="2">
        <Input
          type="color"
          aria-label={label}
          w="3.2rem"
          h="2rem"
          p="0.5"
          bg="sheet"
          borderColor="line"
          value={value ?? "#808080"}
          onChange={(event) => commit(event.target.value)}
        />
        <Text fontSize="xs" fontFamily="mono" color="muted">
          {value ?? "not yet"}
        </Text>
      </Flex>
    </Box>
  );
}
