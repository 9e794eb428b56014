import { backgroundSchemas } from "../background/schema";
import { closuresSchemas } from "../closures/schema";
import { cutsSchemas } from "../cuts/record/schema";
import { featuresSchemas } from "../features/schema";
import { groundSchemas } from "../ground/schema";
import { oddSchemas } from "../odd/schema";
import { sealSchemas } from "../seal/schema";
import { serviceSchemas } from "../service/schema";
import { slipsSchemas } from "../slips/schema";

/**
 * What each trade writes: its part of a variant with its bare value, and what the log tells of it. One line a trade; the
 * variant's schema, a new variant and the log's schema are made of these.
 */
export const SCHEMAS = [
  featuresSchemas,
  oddSchemas,
  slipsSchemas,
  closuresSchemas,
  sealSchemas,
  backgroundSchemas,
  groundSchemas,
  serviceSchemas,
  cutsSchemas,
] as const;
