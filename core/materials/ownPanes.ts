/** Material of what is cut from panes the shell came with; no book has it. */
export const OWN_PANES = "own-panes";
