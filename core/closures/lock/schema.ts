import * as v from "valibot";

export const lock = v.picklist(["none", "wedge", "key"]);
