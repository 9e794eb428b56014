import { createBuild } from "#db/builds";
import { writeDay } from "#db/days";
import { bringLog } from "#db/log";
import { writeNesting } from "#db/nestings";
import { openDatabase } from "#db/open";
import { writePhoto } from "#db/photos";
import { readBook, writeBook } from "#db/workshop";
import { readBuildFile } from "#files/buildFile";
import { readBuildZip } from "#files/buildZip";
import { strippedJpeg } from "#files/jpeg";
import { type Body, bringsZip, parsedJson, readJson, readZip } from "../body.server";
import type { Route } from "./+types/import";

/** What is brought in: a build file, with its photographs where it is an archive. */
async function readBrought(
  request: Request,
): Promise<Body<{ json: unknown; photos: ReadonlyMap<string, Uint8Array> }>> {
  if (!bringsZip(request)) {
    const json = await readJson(request);
    return json.ok ? { ok: true, value: { json: json.value, photos: new Map() } } : json;
  }
  const bytes = await readZip(request);
  if (!bytes.ok) return bytes;
  const zip = readBuildZip(bytes.value);
  if (!zip.ok) return { ok: false, status: 422, message: zip.message };
  const json = parsedJson(zip.value.build);
  return json.ok ? { ok: true, value: { json: json.value, photos: zip.value.photos } } : json;
}

/**
 * Takes an exported build as the request's body: JSON, or an archive with its photographs. Materials the book does not know
 * yet are added to it.
 */
export async function action({ request }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => Response.json({ message }, { status });
  const brought = await readBrought(request);
  if (!brought.ok) return refuse(brought.message, brought.status);
  const file = readBuildFile(brought.value.json);
  if (!file.ok) return refuse(file.message, 422);
  const { db } = await openDatabase();
  const book = await readBook(db);
  const known = new Set(book.materials.map((m) => m.id));
  const added = file.value.book.materials.filter((m) => !known.has(m.id));
  if (added.length > 0) await writeBook(db, { materials: [...book.materials, ...added] });
  const id = await createBuild(db, file.value.design, "imported");
  await bringLog(db, id, file.value.log);
  for (const nesting of file.value.nestings) await writeNesting(db, id, nesting);
  for (const day of file.value.days ?? []) await writeDay(db, id, day);
  for (const [photo, bytes] of brought.value.photos) {
    const jpeg = strippedJpeg(bytes);
    if (jpeg.ok) await writePhoto(id, photo, jpeg.value);
  }
  return Response.json({ id, added: added.length });
}
