import { rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openDirectory } from "../open";

/** One migrated, empty data directory; test files copy it instead of starting from nothing. */
export const TEMPLATE = join(tmpdir(), `hornwort-template-${process.getuid?.() ?? 0}`);

export default async function setup() {
  rmSync(TEMPLATE, { recursive: true, force: true });
  const { close } = await openDirectory(TEMPLATE);
  await close();
  return () => rmSync(TEMPLATE, { recursive: true, force: true });
}
