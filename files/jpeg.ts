import { fail, ok, type Result } from "../core/units/result";

const MARKER = 0xff;
const START = 0xd8;
const SCAN = 0xda;
const COMMENT = 0xfe;
/** Application segments: 0 says that it is a JFIF file, 2 holds the colour profile; the others hold what a camera knows. */
const [APP0, APP2, APP15] = [0xe0, 0xe2, 0xef];

const isKept = (marker: number): boolean =>
  marker === APP0 || marker === APP2 || !((marker > APP0 && marker <= APP15) || marker === COMMENT);

/**
 * A JPEG without what a camera wrote beside the picture: place, time, camera, thumbnails, comments (source: itu-t81).
 * @param bytes a whole JPEG file
 * @returns the same picture, or why it is none; nothing is then kept
 */
export function strippedJpeg(bytes: Uint8Array): Result<Uint8Array> {
  const none = fail("This is not a JPEG picture, or it is cut short. Nothing was kept; take or choose it again.");
  if (bytes[0] !== MARKER || bytes[1] !== START) return none;
  const parts: Uint8Array[] = [bytes.subarray(0, 2)];
  let at = 2;
  while (at + 4 <= bytes.length) {
    if (bytes[at] !== MARKER) return none;
    const marker = bytes[at + 1]!;
    if (marker === SCAN) {
      // From here on it is the picture itself, to its end.
      parts.push(bytes.subarray(at));
      const whole = new Uint8Array(parts.reduce((sum, p) => sum + p.length, 0));
      let to = 0;
      for (const part of parts) {
        whole.set(part, to);
        to += part.length;
      }
      return ok(whole);
    }
    const length = 2 + bytes[at + 2]! * 256 + bytes[at + 3]!;
    if (length < 4 || at + length > bytes.length) return none;
    if (isKept(marker)) parts.push(bytes.subarray(at, at + length));
    at += length;
  }
  return none;
}
