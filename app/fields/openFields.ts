/** The id of the element that holds the fields of what is in hand. */
export const HAND_ID = "in-hand";

/** Brings the fields of what is in hand into sight and puts the hand in the first, once they are drawn. */
export function openFields(): void {
  requestAnimationFrame(() => {
    const card = document.getElementById(HAND_ID);
    card?.scrollIntoView({ block: "nearest" });
    card?.querySelector<HTMLElement>("input, select, textarea")?.focus({ preventScroll: true });
  });
}
