import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { dirname } from "node:path";

interface Holder {
  pid: number;
  startedAt: string;
}

/** When a process started, from the kernel where it tells; tells a living holder from another process with its number. */
function startOf(pid: number): string | undefined {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, "utf8");
    return stat.slice(stat.lastIndexOf(")") + 2).split(" ")[19];
  } catch {
    try {
      process.kill(pid, 0);
      return "alive";
    } catch {
      return undefined;
    }
  }
}

function holderOf(path: string): Holder | undefined {
  try {
    return JSON.parse(readFileSync(path, "utf8")) as Holder;
  } catch {
    return undefined;
  }
}

/** The data directory belongs to another living process. */
export class DirectoryTaken extends Error {
  constructor(directory: string, pid: number) {
    super(
      `Another Hornwort (process ${pid}) has ${directory} open. Stop it first, or set HORNWORT_DATA to another directory.`,
    );
  }
}

/**
 * Takes a data directory for this process alone, by a lock file beside it. A lock left by a dead process is taken over.
 * @returns gives the directory up again
 * @throws DirectoryTaken when a living process holds it
 */
export function lockDirectory(directory: string): () => void {
  const path = `${directory}.lock`;
  mkdirSync(dirname(path), { recursive: true });
  const own: Holder = { pid: process.pid, startedAt: startOf(process.pid) ?? "" };
  for (let tries = 0; ; tries++) {
    try {
      writeFileSync(path, JSON.stringify(own), { flag: "wx" });
      break;
    } catch (error) {
      if (!existsSync(path) && tries < 3) continue;
      const holder = holderOf(path);
      if (holder && startOf(holder.pid) === holder.startedAt && holder.pid !== process.pid)
        throw new DirectoryTaken(directory, holder.pid);
      if (tries >= 3) throw error;
      rmSync(path, { force: true });
    }
  }
  return () => {
    if (holderOf(path)?.pid === process.pid) rmSync(path, { force: true });
  };
}
