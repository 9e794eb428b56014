import { wrap } from "comlink";
import { fail, ok, type Result } from "#core/units/result";
import type { PhotoDoor, SmallPhoto } from "../../workers/photo.worker";

/** Enough to see a seam by; a tenth of what a camera makes. */
const LONGEST_PX = 1600;
/** A camera makes less than this; more is a film or a scan. */
const MOST_BYTES = 80 * 1024 * 1024;

/**
 * A chosen file as a small photograph, made in a thread of its own.
 * @returns it, or why it is none, in words
 */
export async function smallPhoto(file: File): Promise<Result<SmallPhoto>> {
  const mb = Math.ceil(file.size / 1024 / 1024);
  if (file.size > MOST_BYTES)
    return fail(
      `${file.name} is ${mb} MB; a photograph here is at most 80 MB. Nothing was kept; choose a smaller one.`,
    );
  const worker = new Worker(new URL("../../workers/photo.worker.ts", import.meta.url), { type: "module" });
  try {
    return ok(await wrap<PhotoDoor>(worker).small(file, LONGEST_PX));
  } catch {
    return fail(
      `${file.name || "This file"} is no picture this browser can read. Nothing was kept; take or choose another.`,
    );
  } finally {
    worker.terminate();
  }
}
