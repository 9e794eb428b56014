import * as v from "valibot";
import { id, MeasureSchema, text } from "../design/basics";
import { SERVICE_KINDS, SERVICE_WAYS } from "./names";

/** The way out of something that is hung or stood in: by what, and its clear size where it has one. */
export const WayOutSchema = v.object({
  by: v.picklist(SERVICE_WAYS),
  width: MeasureSchema,
  height: MeasureSchema,
});

/** Something that must be reached, and by which way. */
export const ServiceSchema = v.object({
  id,
  name: v.pipe(text(60), v.nonEmpty("Give it a name.")),
  kind: v.picklist(SERVICE_KINDS),
  /** The two smaller of its three sides: what has to pass the way. */
  width: MeasureSchema,
  height: MeasureSchema,
  way: v.picklist(SERVICE_WAYS),
  /** Clear size of a box, duct or hatch. */
  wayWidth: MeasureSchema,
  wayHeight: MeasureSchema,
  /** The plug on its cable, the long way; null without a cable. */
  plug: v.nullable(MeasureSchema),
  /** The port its cable or hose passes; null where none is needed. */
  port: v.nullable(id),
});
export type Service = v.InferOutput<typeof ServiceSchema>;

export const serviceSchemas = {
  part: {
    service: {
      schema: v.pipe(v.array(ServiceSchema), v.maxLength(24, "At most 24 things to reach.")),
      bare: (): Service[] => [],
    },
  },
  events: [],
};
