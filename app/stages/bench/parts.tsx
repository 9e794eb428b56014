import { Box, type BoxProps, Button, type ButtonProps, Heading, Text } from "@chakra-ui/react";
import { Check } from "lucide-react";
import type { ReactNode } from "react";

/** What a gloved finger hits. */
const TARGET = "56px";

/** A card of the bench: a small word over it says what it is. */
export function Card({ over, children, ...rest }: BoxProps & { over?: string; children: ReactNode }) {
  return (
    <Box as="section" bg="sheet" borderWidth="1px" borderColor="line" borderRadius="lg" px="4" py="3" {...rest}>
      {over && (
        <Heading as="h2" fontSize="sm" fontWeight="normal" color="muted" mb="1">
          {over}
        </Heading>
      )}
      {children}
    </Box>
  );
}

/** A button for wet gloves. */
export const BigButton = (props: ButtonProps) => (
  <Button
    minH={TARGET}
    h="auto"
    py="2"
    w="100%"
    fontSize="lg"
    fontWeight="bold"
    whiteSpace="normal"
    variant="outline"
    borderColor="ink"
    color="ink"
    bg="sheet"
    {...props}
  />
);

/** The one that ends the step. */
export const BigAct = (props: ButtonProps) => (
  <BigButton bg="fern" color="fernInk" borderColor="fern" variant="solid" {...props} />
);

/** A tick as large as a button. */
export const BigTick = ({ on, words, onChange }: { on: boolean; words: string; onChange: (on: boolean) => void }) => (
  <BigButton
    role="checkbox"
    aria-checked={on}
    justifyContent="flex-start"
    textAlign="left"
    fontWeight={on ? "bold" : "normal"}
    fontSize="md"
    bg={on ? "fernSoft" : "sheet"}
    borderColor={on ? "fern" : "ink"}
    onClick={() => onChange(!on)}
  >
    <Box
      as="span"
      flexShrink={0}
      boxSize="26px"
      borderWidth="2px"
      borderColor={on ? "fern" : "ink"}
      bg={on ? "fern" : "transparent"}
      color="fernInk"
      borderRadius="sm"
      display="grid"
      placeItems="center"
    >
      {on && <Check size={20} aria-hidden />}
    </Box>
    <Text as="span" flex="1">
      {words}
    </Text>
  </BigButton>
);
