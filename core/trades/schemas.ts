import { backgroundSchemas } from "../background/schema";
import { benchSchemas } from "../bench/schema";
import { boxesSchemas } from "../boxes/schema";
import { closuresSchemas } from "../closures/schema";
import { curesSchemas } from "../cures/schema";
import { cutsSchemas } from "../cuts/record/schema";
import { daySchemas } from "../day/schema";
import { dividersSchemas } from "../dividers/schema";
import { featuresSchemas } from "../features/schema";
import { fixturesSchemas } from "../fixtures/schema";
import { gapsSchemas } from "../gaps/schema";
import { groundSchemas } from "../ground/schema";
import { hardscapeSchemas } from "../hardscape/schema";
import { oddSchemas } from "../odd/schema";
import { sealSchemas } from "../seal/schema";
import { serviceSchemas } from "../service/schema";
import { slipsSchemas } from "../slips/schema";
import { standSchemas } from "../stand/schema";
import { streamsSchemas } from "../streams/schema";
import { vesselsSchemas } from "../vessels/schema";

/**
 * What each trade writes: its part of a variant with its bare value, and what the log tells of it. One line a trade; the
 * variant's schema, a new variant and the log's schema are made of these.
 */
export const SCHEMAS = [
  featuresSchemas,
  oddSchemas,
  slipsSchemas,
  closuresSchemas,
  gapsSchemas,
  curesSchemas,
  sealSchemas,
  backgroundSchemas,
  groundSchemas,
  hardscapeSchemas,
  dividersSchemas,
  boxesSchemas,
  vesselsSchemas,
  streamsSchemas,
  serviceSchemas,
  fixturesSchemas,
  cutsSchemas,
  daySchemas,
  standSchemas,
  benchSchemas,
] as const;
