/** What the ledger of panes under water is called. */
export const PANES = "panes";
