import Papa from "papaparse";

/** A row of a file that could not be taken, by its line; 0 for what is of no line, whose message says which. */
export interface RowError {
  line: number;
  message: string;
}

/**
 * The rows of a CSV file that say anything, each with the line of the file it begins on: blank lines count, and a cell may
 * hold lines of its own. Comma, semicolon or tab.
 */
export function numberedRows(text: string): { line: number; cells: string[] }[] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, "").replace(/\r\n?/g, "\n"));
  let line = 1;
  return data
    .map((cells) => {
      const row = { line, cells: cells.map((cell) => cell.trim()) };
      line += 1 + cells.reduce((n, cell) => n + cell.split("\n").length - 1, 0);
      return row;
    })
    .filter(({ cells }) => cells.some((cell) => cell !== ""));
}
