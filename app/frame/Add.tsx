import { NativeSelect } from "@chakra-ui/react";

/** Puts one of several things on: chosen from a short list. */
export function Add({ label, options }: { label: string; options: readonly { words: string; add: () => void }[] }) {
  if (options.length === 0) return null;
  return (
    <NativeSelect.Root size="xs" width="auto" minW="7.5rem">
      <NativeSelect.Field
        aria-label={label}
        bg="sheet"
        borderColor="line"
        value=""
        onChange={(event) => options[Number(event.currentTarget.value)]?.add()}
      >
        <option value="">{`${label}…`}</option>
        {options.map(({ words }, i) => (
          <option key={words} value={i}>
            {words}
          </option>
        ))}
      </NativeSelect.Field>
      <NativeSelect.Indicator />
    </NativeSelect.Root>
  );
}
