/** The id of the element that holds the fields of a thing on the drawing. */
export const fieldsId = (id: string): string => `fields-${id}`;

/** Brings the fields of a thing into sight and puts the hand in the first; nothing where this stage has none of it. */
export function openFields(id: string): void {
  const card = document.getElementById(fieldsId(id));
  card?.scrollIntoView({ block: "nearest" });
  card?.querySelector<HTMLElement>("input, select")?.focus({ preventScroll: true });
}
