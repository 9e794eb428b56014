import { Checkbox } from "@chakra-ui/react";

/** Yes or no, with its words beside it. */
export const Tick = ({ label, on, onChange }: { label: string; on: boolean; onChange: (on: boolean) => void }) => (
  <Checkbox.Root size="sm" checked={on} onCheckedChange={({ checked }) => onChange(checked === true)}>
    <Checkbox.HiddenInput />
    <Checkbox.Control borderColor="muted" _checked={{ bg: "fern", borderColor: "fern", color: "fernInk" }} />
    <Checkbox.Label>{label}</Checkbox.Label>
  </Checkbox.Root>
);
