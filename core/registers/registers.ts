import { AUDIT } from "../escape/facts";
import type { Facts } from "../ledgers/facts";
import { REACHED, type ServiceEntry } from "../ledgers/reached";
import type { Site } from "../shell/site";
import { throughWords } from "../shell/through";

/** An opening of the shell: what is left open at worst, and what covers it. */
export interface OpeningEntry {
  id: string;
  label: string;
  where: string;
  worstMm: number | null;
  cover: string;
}

/** Every opening with what covers it; `worstMm` is null while no resident is measured. */
export function openingsRegister(facts: Facts): OpeningEntry[] {
  const { ways, audits } = facts.one(AUDIT) ?? { ways: [], audits: [] };
  return ways.map(
    ({ id, way, where, cover }): OpeningEntry => ({
      ...{ id, label: way.name, where, cover },
      worstMm: audits[0]?.ways.find((w) => w.id === id)?.worstMm ?? null,
    }),
  );
}

/** What must be reached for service, each with its way past everything fixed: the inside first, then what the trades tell. */
export function serviceRegister({ shell, say }: Site, facts: Facts): ServiceEntry[] {
  const [main] = shell.openings;
  const reach = `${say(main.widthMm)} × ${say(main.heightMm)}`;
  return [
    { id: "inside", label: "Everything inside", way: `${throughWords(shell)}, ${reach} clear` },
    ...facts.all(REACHED).flat(),
  ];
}
