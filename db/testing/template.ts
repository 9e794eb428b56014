import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { openDirectory } from "../open";

/** Where the run's own template lies; the processes that run the tests are told by it. */
const NAME = "HORNWORT_TEST_TEMPLATE";

/** One migrated, empty data directory, of this run alone; test files copy it instead of starting from nothing. */
export const templateDirectory = (): string => process.env[NAME]!;

export default async function setup() {
  const directory = mkdtempSync(join(tmpdir(), "hornwort-template-"));
  process.env[NAME] = directory;
  const { close } = await openDirectory(directory);
  await close();
  return () => rmSync(directory, { recursive: true, force: true });
}
