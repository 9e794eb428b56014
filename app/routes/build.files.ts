import { data } from "react-router";
import { writeFileOf } from "../buildFiles.server";
import { planInputOf } from "../planOf.server";
import type { Route } from "./+types/build.files";

/** A build's files, by their names. */
export async function loader({ params }: Route.LoaderArgs) {
  const read = await planInputOf(params.id);
  if (!read) throw data("There is no build of this name.", { status: 404 });
  if (!read.ok) throw data(read.message, { status: 409 });
  const file = await writeFileOf(params.id, read.value, params.file);
  if (!file) throw data("There is no such file of this build.", { status: 404 });
  const { bytes, type } = file;
  return new Response(typeof bytes === "string" ? bytes : new Uint8Array(bytes), {
    headers: { "Content-Type": type, "Content-Disposition": `attachment; filename="${params.id}-${params.file}"` },
  });
}
