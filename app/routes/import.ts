import { createBuild } from "#db/builds";
import { writeDay } from "#db/days";
import { bringLog } from "#db/log";
import { writeNesting } from "#db/nestings";
import { openDatabase } from "#db/open";
import { readBook, writeBook } from "#db/workshop";
import { readBuildFile } from "#files/buildFile";
import { readJson } from "../body.server";
import type { Route } from "./+types/import";

/** Takes an exported build as the request's body. Materials the book does not know yet are added to it. */
export async function action({ request }: Route.ActionArgs) {
  const refuse = (message: string, status: number) => Response.json({ message }, { status });
  const json = await readJson(request);
  if (!json.ok) return refuse(json.message, json.status);
  const file = readBuildFile(json.value);
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
  return Response.json({ id, added: added.length });
}
