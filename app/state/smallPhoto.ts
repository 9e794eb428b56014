import { wrap } from "comlink";
import { fail, ok, type Result } from "#core/units/result";
import type { PhotoDoor, SmallPhoto } from "../../workers/photo.worker";

/** Enough to see a seam by; a tenth of what a camera makes. */
const LONGEST_PX = 1600;
/** A camera makes less than this; more is a film or a scan. */
const MOST_BYTES = 80 * 1024 * 1024;

/** Makes photographs small, in a thread of its own. */
export interface PhotoMaker {
  /** A chosen file as a small photograph, or why it is none, in words. */
  small: (file: File) => Promise<Result<SmallPhoto>>;
  end: () => void;
}

/**
 * Opens a thread that makes photographs small. Its script is fetched now: a photograph may be taken where there is no
 * connection.
 */
export function openPhotoMaker(): PhotoMaker {
  const worker = new Worker(new URL("../../workers/photo.worker.ts", import.meta.url), { type: "module" });
  const door = wrap<PhotoDoor>(worker);
  return {
    end: () => worker.terminate(),
    async small(file) {
      const mb = Math.ceil(file.size / 1024 / 1024);
      if (file.size > MOST_BYTES)
        return fail(
          `${file.name} is ${mb} MB; a photograph here is at most 80 MB. Nothing was kept; choose a smaller one.`,
        );
      try {
        return ok(await door.small(file, LONGEST_PX));
      } catch {
        return fail(
          `${file.name || "This file"} is no picture this browser can read. Nothing was kept; take or choose another.`,
        );
      }
    },
  };
}
