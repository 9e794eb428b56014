/** The plan is for boxes one builder can stand in front of; beyond this a slip of the unit is likelier. */
export const SIZE_LIMIT_MM = { low: 50, high: 4000 } as const;
