import { thingKey } from "#core/things/key";
import type { Thing } from "#core/things/thing";

/** The id of the element that holds the fields of what is in hand; its `data-in-hand` says which thing that is. */
export const HAND_ID = "in-hand";
/** Frames it is waited for: fields of a kind are fetched when the first of it is taken in hand. */
const FRAMES = 120;

/** Brings the fields of a thing taken in hand into sight and puts the hand in the first, once they are drawn. */
export function openFields(held: Pick<Thing, "kind" | "id">, frames = FRAMES): void {
  requestAnimationFrame(() => {
    const card = document.getElementById(HAND_ID);
    const field = card?.querySelector<HTMLElement>("input, select, textarea");
    if (card?.dataset.inHand !== thingKey(held) || !field) {
      if (frames > 0) openFields(held, frames - 1);
      return;
    }
    card.scrollIntoView({ block: "nearest" });
    field.focus({ preventScroll: true });
  });
}
