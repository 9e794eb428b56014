/** `hornwort <verb> [file]`: the core from a shell, JSON in, JSON out. */
import { readFileSync } from "node:fs";
import { createInterface } from "node:readline";
import { VERBS } from "./verbs";

const [verb = "", file] = process.argv.slice(2);
const run = VERBS[verb];

function refuse(message: string): never {
  process.stderr.write(`hornwort: ${message}\n`);
  process.exit(2);
}

if (!run) refuse(`there is no verb “${verb}”. Verbs: ${Object.keys(VERBS).join(", ")}.`);

const answer = async (text: string) => {
  let data: unknown;
  try {
    data = JSON.parse(text);
  } catch (error) {
    return {
      ok: false as const,
      message: `this is not JSON: ${error instanceof Error ? error.message : "unreadable"}`,
    };
  }
  return run(data);
};

if ((verb === "nest" || verb === "bars") && process.env.NEST_JSONL === "1") {
  for await (const line of createInterface({ input: process.stdin })) {
    if (line.trim() === "") continue;
    const result = await answer(line);
    process.stdout.write(`${JSON.stringify(result.ok ? result.value : { error: result.message })}\n`);
  }
} else {
  let text: string;
  try {
    text = readFileSync(file ?? 0, "utf8");
  } catch {
    refuse(`cannot read ${file ?? "standard input"}`);
  }
  const result = await answer(text);
  if (!result.ok) refuse(result.message);
  process.stdout.write(`${JSON.stringify(result.value, null, process.stdout.isTTY ? 2 : 0)}\n`);
}
