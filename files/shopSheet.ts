import type { Plan } from "../core/plan";
export async function shopSheetPdf(_plan: Plan, _name: string): Promise<Buffer> { return Buffer.from(""); }
