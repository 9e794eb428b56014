import { useEffect, useState } from "react";

/** A line of text this device remembers between pages: who works here, how warm the room is. */
export function useRemembered(name: string, first = ""): [string, (value: string) => void] {
  const key = `hornwort-${name}`;
  const [value, setValue] = useState(first);
  useEffect(() => {
    try {
      setValue(localStorage.getItem(key) ?? first);
    } catch {
      // A browser that keeps nothing forgets it with the page.
    }
  }, [key, first]);
  return [
    value,
    (next) => {
      setValue(next);
      try {
        localStorage.setItem(key, next);
      } catch {
        // As above.
      }
    },
  ];
}
