/** The rule that says doors, panes and lids bind, of whatever kind they are. */
export const BINDS = "front/binds";
