/**
 * `npm run attack`: tries what a web page elsewhere, a damaged file or a hostile name could do, against a server of its own
 * with a fresh demo. Prints each attempt with its answer; fails where one is neither refused nor inert. `-- short` leaves
 * the browser out.
 */
import { existsSync, mkdtempSync, readdirSync, readFileSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join, resolve } from "node:path";
import { chromium } from "@playwright/test";
import DxfParser from "dxf-parser";
import Papa from "papaparse";
import { STAGES } from "../app/stages/list";
import { tryFix } from "../core/snags/fix";
import { readBuildFile, writeBuildFile } from "../files/buildFile";
import { ask } from "./attack/ask";
import { devices } from "./attack/devices";
import { hostileFile } from "./attack/hostile";
import { BROWSER_ARGS, freePort, must, needChromium, root, startServer } from "./run.mjs";

const short = process.argv.includes("short");
const BUILD = "flat-pack-1500";
const JSON_TYPE = { "Content-Type": "application/json" };
const FORM_TYPE = { "Content-Type": "application/x-www-form-urlencoded" };
/** Every address that changes something, with what its own page sends there. */
const WRITES: readonly (readonly [path: string, headers: Record<string, string>, body: string])[] = [
  [`/builds/${BUILD}/save`, JSON_TYPE, '{"base":null,"design":{}}'],
  [`/builds/${BUILD}/log`, JSON_TYPE, "[]"],
  [`/builds/${BUILD}/photos/00000000`, { "Content-Type": "image/jpeg" }, "x"],
  [`/builds/${BUILD}/nestings`, JSON_TYPE, "{}"],
  [`/builds/${BUILD}/day`, JSON_TYPE, "{}"],
  ["/import", JSON_TYPE, "{}"],
  ["/rack", FORM_TYPE, "drop=R1"],
  ["/rack.data", FORM_TYPE, "drop=R1"],
  ["/prices", FORM_TYPE, "pack=silicone-310&price=1"],
  ["/away", JSON_TYPE, '{"do":"close"}'],
  ["/recipes", JSON_TYPE, '{"name":"Theirs"}'],
  ["/workshop", FORM_TYPE, "name=Theirs"],
  ["/workshop.data", FORM_TYPE, "name=Theirs"],
  ["/new", FORM_TYPE, "kind=sheet&name=Theirs"],
];

const rows: { tried: string; answer: string; held: boolean }[] = [];
const note = (tried: string, answer: string | number, held: boolean) =>
  rows.push({ tried, answer: String(answer), held });

async function strangers(address: string) {
  const { host } = new URL(address);
  const evil = "https://evil.example";
  for (const name of ["evil.example", `evil.example:${host.split(":")[1]}`, "127.0.0.1:1"]) {
    const { status } = await ask(address, "/", { headers: { Host: name } });
    note(`read with Host “${name}”`, status, status === 421 || status === 400);
  }
  const from: Record<string, Record<string, string>> = {
    "a foreign Origin": { Origin: evil },
    "the null origin": { Origin: "null" },
    "another port": { Origin: "http://127.0.0.1:1" },
    "Sec-Fetch-Site cross-site": { "Sec-Fetch-Site": "cross-site" },
    "Sec-Fetch-Site same-site, own Origin": { "Sec-Fetch-Site": "same-site", Origin: address },
    "a foreign Host": { Host: "evil.example" },
    "a forwarded Host": { Origin: evil, "X-Forwarded-Host": "evil.example" },
  };
  for (const [path, headers, body] of WRITES) {
    for (const [what, own] of Object.entries(from)) {
      const { status } = await ask(address, path, { method: "POST", headers: { ...headers, ...own }, body });
      note(`write to ${path} from ${what}`, status, status === 403 || status === 421);
    }
    for (const type of ["text/plain", "text/plain;application/json", undefined]) {
      const { status } = await ask(address, path, {
        method: "POST",
        headers: type ? { "Content-Type": type } : {},
        body,
      });
      note(`write to ${path} as ${type ?? "no content type"}`, status, status === 415);
    }
  }
}

async function framingAndPaths(address: string) {
  const asset = readdirSync(resolve(root, "build/client/assets")).find((name) => name.endsWith(".js"))!;
  for (const path of [
    "/",
    `/builds/${BUILD}/shell`,
    `/builds/${BUILD}/files/sheets.svg`,
    `/assets/${asset}`,
    "/nowhere",
  ]) {
    const { headers } = await ask(address, path);
    const policy = headers["content-security-policy"] ?? "";
    const held =
      policy.includes("frame-ancestors 'none'") &&
      policy.includes("default-src 'self'") &&
      !/script-src[^;]*unsafe-inline/.test(policy) &&
      headers["x-content-type-options"] === "nosniff" &&
      headers["referrer-policy"] === "no-referrer";
    note(`policy of ${path.replace(asset, "….js")}`, held ? "not framed, nothing inline, no sniffing" : policy, held);
  }
  for (const path of [
    "/../../../../etc/passwd",
    "/%2e%2e/%2e%2e/%2e%2e/etc/passwd",
    "/assets/..%2f..%2f..%2fpackage.json",
    "/assets/%2e%2e/%2e%2e/%2e%2e/package.json",
    "/..%5c..%5cpackage.json",
    "/builds/..%2f..%2fetc/files/build.json",
    `/builds/${BUILD}/files/..%2f..%2f..%2fpackage.json`,
    `/builds/${BUILD}/files/template-..%2f..%2fx-inside-a4.pdf`,
    `/builds/${BUILD}/revisions?number=1%20OR%201=1`,
    "/builds/%00/shell",
  ]) {
    const { status, body } = await ask(address, path);
    const held = status >= 400 && status < 500 && !/root:|"hornwort"|at .*\.(ts|js):\d/.test(body);
    note(`read ${path}`, status, held);
  }
}

async function prototypes(address: string) {
  const example = readFileSync(resolve(root, "examples/landing-box.json"), "utf8");
  const polluted = () => (({}) as Record<string, unknown>).polluted !== undefined;
  const files: Record<string, string> = {
    "__proto__ at the top": example.replace("{", '{"__proto__":{"polluted":1},'),
    "__proto__ in the design": example.replace('"design": {', '"design": {"__proto__":{"polluted":1},'),
    "constructor.prototype in the brief": example.replace(
      '"brief": {',
      '"brief": {"constructor":{"prototype":{"polluted":1}},',
    ),
  };
  for (const [what, body] of Object.entries(files)) {
    const { status } = await ask(address, "/import", { method: "POST", headers: JSON_TYPE, body });
    const parsed = readBuildFile(JSON.parse(body));
    const carried = parsed.ok && JSON.stringify(parsed.value).includes("polluted");
    const served = await ask(address, `/builds/${BUILD}/files/build.json`);
    note(`file with ${what}`, `${status}, inert`, status < 500 && !polluted() && !carried && served.status === 200);
  }
  const read = readBuildFile(JSON.parse(example));
  if (!read.ok) throw new Error(read.message);
  for (const path of [
    "/__proto__/polluted",
    "/brief/constructor/prototype/polluted",
    "/variants/0/__proto__/polluted",
  ]) {
    const fixed = tryFix(read.value.design, [{ op: "add", path, value: 1 }]);
    note(`patch to ${path}`, fixed ? "applied, inert" : "refused", !polluted());
  }
}

/**
 * A PDF without what is only text in it: packed streams, which may spell anything by chance, and strings, whose brackets are
 * escaped or end them early. Objects packed in a stream would hide an action, and are told by their own name.
 */
const outsideText = (bytes: Buffer): string =>
  bytes
    .toString("latin1")
    .replace(/stream\r?\n[\s\S]*?endstream/g, "")
    .replace(/\((?:\\[\s\S]|[^\\()])*\)/g, "()");

/** Files of a build, each with what would make its reader run something. */
async function hostileNames(address: string): Promise<string> {
  const read = readBuildFile(JSON.parse(readFileSync(resolve(root, "examples/haberdasher-s-cabinet.json"), "utf8")));
  if (!read.ok) throw new Error(read.message);
  const { input, taken } = hostileFile(read.value);
  // A book of its own: names of materials the workshop knows already would stay as they are there.
  const sent = writeBuildFile(input);
  const imported = await ask(address, "/import", { method: "POST", headers: JSON_TYPE, body: sent });
  const { id } = JSON.parse(imported.body) as { id: string };
  note(
    `import with ${taken} hostile texts`,
    `${imported.status}, as ${id}`,
    imported.status === 200 && /^[a-z0-9-]+$/.test(id),
  );
  const file = (name: string) => ask(address, `/builds/${id}/files/${name}`);
  const stages = STAGES.map((stage) => `/builds/${id}/${stage.id}`);
  for (const path of ["/", "/workshop", ...stages]) {
    const { status, body } = await ask(address, path);
    note(`HTML of ${path}`, status, status === 200 && !/<script>pwned|<img src=x/.test(body));
  }
  const { headers: plain } = await ask(address, `/builds/${id}/shell.data`);
  const inert =
    !/html|svg|javascript/.test(plain["content-type"] ?? "html") && plain["x-content-type-options"] === "nosniff";
  note("data of a page", plain["content-type"] ?? "no type", inert);
  const svg = (await file("sheets.svg")).body;
  // Within its tags, that is: what is written out as text runs nothing.
  note("SVG of the sheets", `${svg.length} bytes`, !/<script|<img|<[^>]*\son\w+\s*=|<[^>]*javascript:/i.test(svg));
  for (const name of ["cuts.csv", "shopping.csv"]) {
    const { data } = Papa.parse<string[]>((await file(name)).body.trim());
    const live = data.flat().filter((cell) => /^[=+@\t\r]|^-(?!\d)/.test(cell));
    note(`cells of ${name}`, `${data.flat().length}, ${live.length} live`, data.length > 1 && live.length === 0);
  }
  for (const name of ["sheets.dxf", "faces.dxf"]) {
    const { body } = await file(name);
    const drawing = new DxfParser().parseSync(body);
    const ends = body.split(/\r?\n/).filter((line) => line.trim() === "EOF").length;
    note(`DXF ${name}`, `${drawing?.entities.length} entities, ${ends} end`, drawing !== null && ends === 1);
  }
  for (const name of ["shop-sheet.pdf", "labels-a4.pdf", "back-a4.pdf", "template-drain-inside-a4.pdf"]) {
    const { status, bytes } = await file(name);
    const live = /\/(JavaScript|JS|Launch|OpenAction|URI|AA|ObjStm)\b/.test(outsideText(bytes));
    note(`PDF ${name}`, `${status}, ${live ? "live" : "no action in it"}`, (status === 200 || status === 404) && !live);
  }
  for (const name of ["build.json", "sheets.svg"]) {
    const { headers } = await file(name);
    const disposition = headers["content-disposition"] ?? "";
    note(`name of ${name}`, disposition, /^attachment; filename="[a-z0-9-]+-[a-z.]+"$/.test(disposition));
  }
  return id;
}

async function inBrowser(address: string, id: string) {
  const browser = await chromium.launch({ executablePath: needChromium(), args: BROWSER_ARGS });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    const against: string[] = [];
    page.on("console", (m) => /content security policy/i.test(m.text()) && against.push(m.text()));
    for (const path of ["/", "/workshop", ...STAGES.map((stage) => `/builds/${id}/${stage.id}`)]) {
      await page.goto(`${address}${path}`, { waitUntil: "networkidle" });
      const ran = await page.evaluate(() => "pwned" in globalThis);
      const script = await page.locator("body script:not([nonce])").count();
      note(`page ${path} in a browser`, ran ? "ran" : "inert", !ran && script === 0 && against.length === 0);
    }
    const framed = await page.evaluate(async (target) => {
      const frame = document.createElement("iframe");
      frame.src = target;
      document.body.append(frame);
      await new Promise((done) => setTimeout(done, 1500));
      try {
        return (frame.contentDocument?.body.textContent ?? "").includes("Hornwort");
      } catch {
        return false;
      }
    }, `${address}/`);
    note("its own page in a frame", framed ? "shown" : "not shown", !framed);
  } finally {
    await browser.close();
  }
}

async function ownPage(address: string) {
  const { revisions } = JSON.parse((await ask(address, `/builds/${BUILD}/revisions`)).body);
  const base = revisions[0].number;
  const { design } = JSON.parse((await ask(address, `/builds/${BUILD}/revisions?number=${base}`)).body);
  const headers = { ...JSON_TYPE, Origin: address, "Sec-Fetch-Site": "same-origin" };
  const saved = await ask(address, `/builds/${BUILD}/save`, {
    ...{ method: "POST", headers },
    body: JSON.stringify({ base, design }),
  });
  note("save from its own page", `${saved.status} ${saved.body}`, saved.status === 200);
}

if (!existsSync(resolve(root, "build/server/index.js")))
  must("Building", "npx", ["react-router", "build", "--logLevel", "warn"]);
const home = mkdtempSync(join(tmpdir(), "hornwort-attack-"));
const data = join(home, "data");
must("Making the data directory ready", "npx", ["tsx", "scripts/prepare.ts", "--demo"], { HORNWORT_DATA: data });
const server = await startServer({ port: await freePort(), data });
try {
  await ownPage(server.address);
  await strangers(server.address);
  await framingAndPaths(server.address);
  await prototypes(server.address);
  await devices(server.address, BUILD, "ant-yard", note);
  const id = await hostileNames(server.address);
  if (!short) await inBrowser(server.address, id);
  await ownPage(server.address);
} finally {
  await server.stop();
  rmSync(home, { recursive: true, force: true });
}
const open = rows.filter((row) => !row.held);
for (const { tried, answer, held } of short ? open : rows)
  console.log(`${held ? "held" : "OPEN"}  ${tried}: ${answer}`);
console.log(`${rows.length} attempts, ${open.length} not held.`);
if (open.length > 0 || rows.length < 80) process.exitCode = 1;
