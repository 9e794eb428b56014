import * as v from "valibot";
import { awayContext } from "../away";
import { readJson } from "../body.server";
import type { Route } from "./+types/away";

const AskSchema = v.variant("do", [
  v.object({
    do: v.literal("open"),
    address: v.pipe(v.string(), v.maxLength(60)),
    build: v.pipe(v.string(), v.regex(/^[a-z0-9][a-z0-9-]*$/)),
    minutes: v.pipe(v.number(), v.finite()),
  }),
  v.object({ do: v.literal("code") }),
  v.object({ do: v.literal("close") }),
]);

const NOT_HERE = { message: "Only the machine that Hornwort runs on lets devices in." };

/** How the workshop stands open to other devices. */
export function loader({ context }: Route.LoaderArgs) {
  const away = context.get(awayContext);
  return away ? Response.json(away.status()) : Response.json(NOT_HERE, { status: 403 });
}

/** Opens a build's bench to devices of the network, makes a one-time code, or closes it. */
export async function action({ request, context }: Route.ActionArgs) {
  const away = context.get(awayContext);
  if (!away) return Response.json(NOT_HERE, { status: 403 });
  const json = await readJson(request);
  if (!json.ok) return Response.json({ message: json.message }, { status: json.status });
  const read = v.safeParse(AskSchema, json.value);
  if (!read.success)
    return Response.json({ message: "This could not be read. Nothing was opened or closed." }, { status: 400 });
  const ask = read.output;
  if (ask.do === "close") {
    await away.close();
    return Response.json({ message: null, status: away.status() });
  }
  if (ask.do === "code") return Response.json({ message: null, status: away.status(), code: away.newCode() ?? null });
  const opened = await away.openOn(ask.address, ask.build, ask.minutes);
  if (!opened.ok) return Response.json({ message: opened.message }, { status: 422 });
  return Response.json({ message: null, status: away.status(), code: away.newCode() ?? null });
}
