import { readFileSync } from "node:fs";

/** The words `docs/glossary.md` says are not used, as one pattern. */
export function notUsedWords(): RegExp {
  const table = readFileSync("docs/glossary.md", "utf8").split("## Not used")[1] ?? "";
  const words = [...table.matchAll(/^\| ([^|]+) \| [^|]+ \|$/gm)]
    .map((row) => row[1]!.trim())
    .filter((cell) => cell !== "not" && !cell.startsWith("---"))
    .flatMap((cell) => cell.split(",").map((word) => word.trim()));
  return new RegExp(`\\b(${words.join("|")})\\b`, "i");
}
