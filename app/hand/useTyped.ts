import { parseLength } from "#core/units/length";
import { useUnits } from "../state/context";

/** Reads lengths typed in local fields, in the build's own units; undefined where they cannot be read. */
export function useTyped() {
  const { units } = useUnits();
  return (text: string): number | undefined => {
    const mm = parseLength(text, units.unit);
    return mm.ok && mm.value >= 0 ? mm.value : undefined;
  };
}
