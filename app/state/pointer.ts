import type { Build } from "#core/design/schema";

type Tree = Record<string, unknown>;

const keysOf = (pointer: string) => pointer.split("/").slice(1);

/** What stands at a JSON Pointer of a build. */
export const readAt = (build: Build, pointer: string): unknown =>
  keysOf(pointer).reduce<unknown>((node, key) => (node as Tree | undefined)?.[key], build);

/** Sets what stands at a JSON Pointer of a draft; its parents must be there. */
export function writeAt(draft: Build, pointer: string, value: unknown): void {
  const keys = keysOf(pointer);
  const last = keys.pop()!;
  const parent = keys.reduce<unknown>((node, key) => (node as Tree)[key], draft) as Tree;
  parent[last] = value;
}
