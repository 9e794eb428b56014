type Tree = Record<string, unknown>;

/** The keys of a JSON Pointer (RFC 6901), from the root down. */
export const keysOf = (pointer: string): string[] =>
  pointer
    .split("/")
    .slice(1)
    .map((key) => key.replaceAll("~1", "/").replaceAll("~0", "~"));

/** What stands at a JSON Pointer of a document; undefined where nothing does. */
export const readAt = (document: object, pointer: string): unknown =>
  keysOf(pointer).reduce<unknown>((node, key) => (node as Tree | null | undefined)?.[key], document);

/**
 * Sets what stands at a JSON Pointer of a document of one's own, or of a draft.
 * @throws Error when a parent is not there
 */
export function writeAt(document: object, pointer: string, value: unknown): void {
  const keys = keysOf(pointer);
  const last = keys.pop();
  const parent = keys.reduce<unknown>((node, key) => (node as Tree | null | undefined)?.[key], document);
  if (last === undefined || typeof parent !== "object" || parent === null) throw new Error(`Nothing at ${pointer}`);
  (parent as Tree)[last] = value;
}
