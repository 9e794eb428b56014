import { Box, CloseButton, Drawer, Portal, Stack, Table, Text } from "@chakra-ui/react";
import { basisWords } from "#core/figures/figure";
import { figureWords } from "../fields/Reading";
import { useBuildHandle, usePicked, useShown, useUnits } from "../state/context";
import { PlainTable } from "../ui/PlainTable";

/** Shows how a number came about: formula in words, what went into it, and where each constant is from. */
export function WorkingSheet() {
  const { openWorking } = useBuildHandle();
  const { units } = useUnits();
  const working = usePicked((p) => p.working);
  const figure = useShown(({ plan }) => (working === null ? undefined : plan.figures.find((f) => f.id === working)));
  return (
    <Drawer.Root open={figure !== undefined} onOpenChange={({ open }) => !open && openWorking(null)} size="sm">
      <Portal>
        <Drawer.Backdrop />
        <Drawer.Positioner>
          <Drawer.Content bg="sheet" color="ink">
            <Drawer.Header>
              <Drawer.Title fontFamily="heading">{figure?.label}</Drawer.Title>
            </Drawer.Header>
            <Drawer.Body>
              {figure && (
                <Stack gap="4">
                  <Box>
                    <Text fontFamily="mono" fontSize="2xl">
                      {figureWords(figure, units)}
                    </Text>
                    {figure.low !== undefined && figure.low !== figure.value && (
                      <Text fontSize="sm" color="muted">
                        at least {figureWords({ ...figure, value: figure.low, rounding: "down" }, units)}
                      </Text>
                    )}
                    {figure.high !== undefined && figure.high !== figure.value && (
                      <Text fontSize="sm" color="muted">
                        at most {figureWords({ ...figure, value: figure.high, rounding: "up" }, units)}
                      </Text>
                    )}
                    {figure.estimate && <Text fontSize="sm">An estimate: measure before you rely on it.</Text>}
                  </Box>
                  <Box>
                    <Text fontSize="xs" color="muted">
                      How
                    </Text>
                    <Text>{figure.formula}</Text>
                  </Box>
                  <PlainTable heads={["From", { text: "Value", end: true }]}>
                    {figure.inputs.map((input) => (
                      <Table.Row key={`${input.name}-${input.value}`}>
                        <Table.Cell>
                          {input.figure ? (
                            <Box
                              as="button"
                              color="fern"
                              textDecoration="underline"
                              onClick={() => openWorking(input.figure!)}
                            >
                              {input.name}
                            </Box>
                          ) : (
                            input.name
                          )}
                          {input.basis && (
                            <Text fontSize="xs" color="muted">
                              {basisWords(input.basis)}
                            </Text>
                          )}
                        </Table.Cell>
                        <Table.Cell textAlign="end" fontFamily="mono" whiteSpace="nowrap" verticalAlign="top">
                          {inputWords(input.value, input.unit, units)}
                        </Table.Cell>
                      </Table.Row>
                    ))}
                  </PlainTable>
                </Stack>
              )}
            </Drawer.Body>
            <Drawer.CloseTrigger asChild>
              <CloseButton size="sm" aria-label="Close the working" />
            </Drawer.CloseTrigger>
          </Drawer.Content>
        </Drawer.Positioner>
      </Portal>
    </Drawer.Root>
  );
}

/** Very small constants, such as growth per kelvin, are shown in powers of ten. */
function inputWords(value: number, unit: string, units: Parameters<typeof figureWords>[1]): string {
  if (value !== 0 && Math.abs(value) < 1e-3) return `${value.toExponential(1)} ${unit}`;
  return figureWords({ value, unit }, units);
}
