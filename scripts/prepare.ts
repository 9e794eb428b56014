/**
 * Makes a data directory ready in a short process of its own, before the server starts: makes it, brings its schema up to
 * date, and with `--demo` fills it with the demo when it is empty. What is there already is left alone.
 */
import { createBuild, listBuilds } from "../db/builds";
import { bringLog } from "../db/log";
import { closeDatabase, dataDirectory, openDatabase } from "../db/open";
import { writeBook, writePinnedNow, writeStock, writeWorkshop } from "../db/workshop";
import { demoBenchLog } from "../demo/benchLogs";
import { demoBuilds } from "../demo/builds";
import { demoLog } from "../demo/logs";
import { DEMO_NOW, demoBook, demoStock, demoWorkshop } from "../demo/tern-street";

try {
  const { db } = await openDatabase();
  if (process.argv.includes("--demo") && (await listBuilds(db)).length === 0) {
    await writeWorkshop(db, demoWorkshop);
    await writeBook(db, demoBook());
    await writeStock(db, demoStock);
    await writePinnedNow(db, DEMO_NOW, Date.now());
    for (const build of demoBuilds()) {
      const id = await createBuild(db, build, "demo");
      await bringLog(db, id, demoBenchLog(build, demoLog(build)));
    }
    console.log(`The demo is laid out in ${dataDirectory()}.`);
  }
  await closeDatabase();
} catch (error) {
  console.error(error instanceof Error ? error.message : error);
  process.exitCode = 1;
}
