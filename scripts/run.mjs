/** Small things the demo, the tests and the benches all need: running a command, finding a Chromium, starting and stopping the server. */
import { spawn, spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, rmSync } from "node:fs";
import { createServer } from "node:net";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";

export const root = resolve(import.meta.dirname, "..");

/** Runs a command to its end with its output shown; answers its exit status. */
export function run(command, args, env = {}) {
  const { status } = spawnSync(command, args, { cwd: root, stdio: "inherit", env: { ...process.env, ...env } });
  return status ?? 1;
}

/** Runs a command beside others; answers its exit status and what it said. */
export function runBeside(command, args) {
  return new Promise((done) => {
    const child = spawn(command, args, { cwd: root, stdio: ["ignore", "pipe", "pipe"] });
    let said = "";
    for (const stream of [child.stdout, child.stderr])
      stream.on("data", (data) => {
        said += data;
      });
    child.once("error", (error) => done({ status: 1, said: `${said}${error.message}\n` }));
    child.once("close", (status) => done({ status: status ?? 1, said }));
  });
}

/** Runs a step that must succeed, or ends with a plain line. */
export function must(what, command, args, env) {
  const status = run(command, args, env);
  if (status === 0) return;
  console.error(`${what} failed (exit ${status}); see above.`);
  process.exit(1);
}

/** Installs the packages of the lock file, if they are not there. */
export function installPackages() {
  if (existsSync(resolve(root, "node_modules/.package-lock.json"))) return;
  console.log("Installing packages…");
  must("Installing packages", "npm", ["ci", "--no-audit", "--no-fund"]);
}

/** The one without windows first: it is the same engine, and leaves a small machine's cores to the pages. */
const BROWSERS = ["chromium-headless-shell", "chromium", "chromium-browser", "google-chrome"];

/** Path of a Chromium on this machine: `CHROMIUM`, or the first of the usual names that is there. */
export function findChromium() {
  if (process.env.CHROMIUM) return process.env.CHROMIUM;
  for (const name of BROWSERS) {
    const found = spawnSync("sh", ["-c", `command -v ${name}`], { encoding: "utf8" }).stdout.trim();
    if (found) return found;
  }
  return undefined;
}

/** A Chromium, installed from Debian when this is root on Debian; else ends saying what to install. */
export function needChromium() {
  const found = findChromium();
  if (found) return found;
  const debian = process.getuid?.() === 0 && existsSync("/usr/bin/apt-get");
  if (debian) {
    console.log("Installing Debian's Chromium…");
    run("apt-get", ["update", "-qq"]);
    // Older releases have only the whole browser.
    for (const name of ["chromium-headless-shell", "chromium"]) {
      run("apt-get", ["install", "-y", "-qq", "--no-install-recommends", name, "fonts-liberation"], {
        DEBIAN_FRONTEND: "noninteractive",
      });
      const installed = findChromium();
      if (installed) return installed;
    }
  }
  console.error(
    "The browser tests need Chromium. Install it (Debian: apt-get install chromium) or set CHROMIUM to its path.",
  );
  process.exit(1);
}

/** How a headless Chromium is started here, by the browser tests, the screenshots and the benches alike. */
export const BROWSER_ARGS = [
  "--no-sandbox",
  "--disable-gpu",
  "--disable-background-networking",
  "--disable-component-update",
  "--disable-sync",
];

/** A TCP port that is free on 127.0.0.1, the wanted one if it is. */
export function freePort(wanted = 0) {
  return new Promise((done, refused) => {
    const probe = createServer();
    probe.once("error", () => (wanted === 0 ? refused(new Error("no free port")) : done(freePort(0))));
    probe.listen(wanted, "127.0.0.1", () => {
      const { port } = probe.address();
      probe.close(() => done(port));
    });
  });
}

/** Starts the built server on 127.0.0.1 and waits until it answers. */
export async function startServer({ port, data, quiet = true }) {
  const child = spawn(process.execPath, ["scripts/listen.mjs"], {
    cwd: root,
    stdio: ["ignore", quiet ? "ignore" : "inherit", "inherit"],
    env: { ...process.env, PORT: String(port), HORNWORT_DATA: data, NODE_ENV: "production" },
  });
  const gone = new Promise((done) => child.once("exit", done));
  const address = `http://127.0.0.1:${port}`;
  for (let tries = 0; tries < 240; tries++) {
    if (child.exitCode !== null) throw new Error(`The server ended with exit ${child.exitCode}.`);
    try {
      await fetch(`${address}/favicon.svg`);
      break;
    } catch {
      await new Promise((done) => setTimeout(done, 250));
    }
  }
  return {
    address,
    child,
    gone,
    stop: async (signal = "SIGTERM") => {
      child.kill(signal);
      await gone;
    },
  };
}

/** Builds the application and serves a fresh demo from a directory that is gone again afterwards. */
export async function serveFreshDemo() {
  must("Building", "npx", ["react-router", "build", "--logLevel", "warn"]);
  const home = mkdtempSync(join(tmpdir(), "hornwort-"));
  const data = join(home, "data");
  must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: data });
  const server = await startServer({ port: await freePort(), data });
  return {
    ...server,
    stop: async () => {
      await server.stop();
      rmSync(home, { recursive: true, force: true });
    },
  };
}
