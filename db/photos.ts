import { mkdir, open, readdir, readFile, rename, stat } from "node:fs/promises";
import { join, resolve } from "node:path";
import { isId } from "./builds";
import { dataDirectory } from "./open";

/** Letters of a photograph's name, which the page makes: no path can be spelled with them. */
const PHOTO = /^[0-9a-f-]{8,64}$/;
export const isPhotoId = (id: string): boolean => PHOTO.test(id);

const folderOf = (buildId: string, home: string) => resolve(home, "photos", buildId);
const fileOf = (buildId: string, photo: string, home: string) => join(folderOf(buildId, home), `${photo}.jpg`);

/** Whether a photograph is kept. */
export const hasPhoto = async (buildId: string, photo: string, home = dataDirectory()): Promise<boolean> =>
  isId(buildId) &&
  isPhotoId(photo) &&
  (await stat(fileOf(buildId, photo, home)).then(
    (s) => s.isFile(),
    () => false,
  ));

/**
 * Keeps a photograph as a file beside the database: whole, or not at all. One that is there already is kept once.
 * @param home the data directory
 */
export async function writePhoto(buildId: string, photo: string, jpeg: Uint8Array, home = dataDirectory()) {
  if (!isId(buildId) || !isPhotoId(photo)) throw new Error("A photograph's name is hexadecimal letters and dashes.");
  if (await hasPhoto(buildId, photo, home)) return;
  await mkdir(folderOf(buildId, home), { recursive: true });
  const part = `${fileOf(buildId, photo, home)}.part`;
  const file = await open(part, "w");
  try {
    await file.writeFile(jpeg);
    await file.sync();
  } finally {
    await file.close();
  }
  await rename(part, fileOf(buildId, photo, home));
}

/** A photograph as it was kept; undefined without one. */
export async function readPhoto(
  buildId: string,
  photo: string,
  home = dataDirectory(),
): Promise<Uint8Array | undefined> {
  if (!(await hasPhoto(buildId, photo, home))) return undefined;
  return readFile(fileOf(buildId, photo, home));
}

/** Names of all photographs kept of a build. */
export async function listPhotos(buildId: string, home = dataDirectory()): Promise<string[]> {
  if (!isId(buildId)) return [];
  const names = await readdir(folderOf(buildId, home)).catch(() => []);
  return names.filter((n) => n.endsWith(".jpg")).map((n) => n.slice(0, -4));
}
