/** What a column of a gauge's file holds. */
export type AirColumn =
  | { of: "time" | "date" | "clock" | "who" }
  | { of: "tempC" | "rh"; place: string; fahrenheit: boolean };

const TEMP = /temp|°\s*[cf]\b|celsius|fahrenheit|warmth|\bt\s*\(/i;
const RH = /hum|\brh\b|damp|%/i;
const FAHRENHEIT = /°\s*f\b|fahrenheit|[([_ ]f[)\]]?$/i;
/** Whatever says only what is measured, and in what: the rest of a heading says where. */
const NOT_A_PLACE =
  /temperature|temp|relative|humidity|humid|hum|warmth|damp|celsius|fahrenheit|°\s*[cf]\b|\brh\b|%|[([]\s*[cf]?\s*[)\]]|_[cf]$|[()[\]_:,-]/gi;

/** Where a column's probe was, by its heading; empty where it says nothing of that. */
const placeOf = (head: string): string => head.replace(NOT_A_PLACE, " ").replace(/\s+/g, " ").trim().toLowerCase();

/** What a heading says its column holds; undefined for what is none of ours. */
export function columnOf(head: string): AirColumn | undefined {
  if (/^(time ?stamp|date ?(and )?\/? ?time|date_time|datetime|when|taken)\b/i.test(head)) return { of: "time" };
  if (TEMP.test(head)) return { of: "tempC", place: placeOf(head), fahrenheit: FAHRENHEIT.test(head) };
  if (RH.test(head)) return { of: "rh", place: placeOf(head), fahrenheit: false };
  if (/date|day/i.test(head)) return { of: "date" };
  if (/time|clock|hour/i.test(head)) return { of: "clock" };
  if (/device|sensor|gauge|logger|probe|shell|name|serial/i.test(head)) return { of: "who" };
  return undefined;
}
