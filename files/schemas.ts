import { toJsonSchema } from "@valibot/to-json-schema";
import type * as v from "valibot";
import { ClimateSchema } from "../core/climate/format";
import { DoorSchema } from "../core/closures/door/format";
import { BarInstanceSchema } from "../core/cuts/bars/format";
import { NestInstanceSchema } from "../core/cuts/nest/format";
import { BuildSchema } from "../core/document/schema";
import { EscapeSchema } from "../core/escape/escape";
import { LightSchema } from "../core/light/format";
import { PaneSchema } from "../core/panes/pane";
import { LeakInputSchema } from "../core/seal/leak/format";
import { BuildFileSchema } from "./buildFile";

/** Checks in code (a lock against the book, say) have no JSON Schema; what can be said in it is. */
const write = (title: string, schema: v.GenericSchema) =>
  `${JSON.stringify({ title, ...toJsonSchema(schema, { typeMode: "input", errorMode: "ignore" }) }, null, 2)}\n`;

/** The JSON Schemas of the formats other programs read and write, by file name. */
export const SCHEMAS = (): Record<string, string> => ({
  "build.json": write("Build document", BuildSchema),
  "build-file.json": write("Exported build, input of `hornwort plan`", BuildFileSchema),
  "nest.json": write("Input of `hornwort nest`", NestInstanceSchema),
  "bars.json": write("Input of `hornwort bars`", BarInstanceSchema),
  "escape.json": write("Input of `hornwort escape`", EscapeSchema),
  "door.json": write("Input of `hornwort door`", DoorSchema),
  "light.json": write("Input of `hornwort light`", LightSchema),
  "climate.json": write("Input of `hornwort climate`", ClimateSchema),
  "leak.json": write("Input of `hornwort leak`", LeakInputSchema),
  "pane.json": write("Input of `hornwort pane`", PaneSchema),
});
