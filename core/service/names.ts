/** What must be reached for service. */
export const SERVICE_KINDS = ["pump", "filter", "nozzle", "drain", "mat", "lamp", "dish"] as const;
/** The way a serviced thing comes out. */
export const SERVICE_WAYS = ["open", "box", "duct", "hatch", "outside", "none"] as const;
