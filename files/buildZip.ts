import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { fail, ok, type Result } from "../core/units/result";

const BUILD = "build.json";
const PHOTO = /^photos\/([0-9a-f-]{8,64})\.jpg$/;
/** More than any build has: an archive that unpacks to more is not unpacked. */
const MOST_BYTES = 500 * 1024 * 1024;

/** A build with its photographs, by their names. */
export interface BuildWithPhotos {
  /** The build file, as JSON text. */
  build: string;
  photos: ReadonlyMap<string, Uint8Array>;
}

/** A build file and its photographs as one archive. Photographs are packed as they are: they are small already. */
export const writeBuildZip = ({ build, photos }: BuildWithPhotos): Uint8Array =>
  zipSync({
    [BUILD]: strToU8(build),
    ...Object.fromEntries([...photos].map(([id, jpeg]) => [`photos/${id}.jpg`, [jpeg, { level: 0 as const }]])),
  });

/**
 * Reads an exported archive. What is neither the build nor a photograph of it is passed over.
 * @returns its parts, or why it is none; nothing is kept of an archive that is refused
 */
export function readBuildZip(bytes: Uint8Array): Result<BuildWithPhotos> {
  let total = 0;
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        if (name !== BUILD && !PHOTO.test(name)) return false;
        total += originalSize;
        return total <= MOST_BYTES;
      },
    });
    if (total > MOST_BYTES) return fail("This archive unpacks to more than 500 MB. Nothing was changed.");
    const build = files[BUILD];
    if (!build) return fail("This archive has no build in it. Nothing was changed. Choose one that Hornwort exported.");
    const photos = new Map(
      Object.entries(files).flatMap(([name, jpeg]) => {
        const id = PHOTO.exec(name)?.[1];
        return id ? [[id, jpeg] as const] : [];
      }),
    );
    return ok({ build: strFromU8(build), photos });
  } catch {
    return fail("This archive is damaged or cut short. Nothing was changed. Export it again.");
  }
}
