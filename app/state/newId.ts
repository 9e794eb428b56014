/**
 * A name nobody else makes. A page over plain http on another device has no `crypto.randomUUID`; random bytes it has.
 */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return [...bytes].map((b) => b.toString(16).padStart(2, "0")).join("");
}
