/** What must be reached for service and is nothing that is hung or plugged in. */
export const SERVICE_KINDS = ["filter", "drain", "dish"] as const;
/** The way a serviced thing comes out. */
export const SERVICE_WAYS = ["open", "box", "duct", "hatch", "outside", "none"] as const;
