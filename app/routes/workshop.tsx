import { Box, Button, Field, Flex, Input, NativeSelect, SimpleGrid, Stack, Text } from "@chakra-ui/react";
import { data, Form, useNavigation } from "react-router";
import * as v from "valibot";
import { materialsOf } from "#core/materials/find";
import { parseDecimal } from "#core/units/number";
import { type Workshop, WorkshopSchema } from "#core/workshop/schema";
import { openDatabase } from "#db/open";
import { readBook, readStock, readWorkshop, writeWorkshop } from "#db/workshop";
import { readForm } from "../body.server";
import { Page } from "../ui/Page";
import { Panel } from "../ui/Panel";
import { Rack } from "../ui/Rack";
import type { Route } from "./+types/workshop";

const DAYS = ["Monday", "Tuesday", "Wednesday", "Thursday", "Friday", "Saturday", "Sunday"];
const SAWS = [
  ["table", "a saw with a fence"],
  ["guide", "a circular saw along a guide"],
  ["hand", "a hand saw or a knife"],
] as const;
const NUMBERS = [
  ["kerfMm", "Saw kerf, mm"],
  ["trimMm", "Trim a sheet edge, mm"],
  ["guideOffsetMm", "Guide's edge to blade, mm"],
  ["offcutMinSideMm", "Smallest offcut side kept, mm"],
  ["glassLeadDays", "Glass ordered, days to wait"],
] as const;
/** Left empty where nobody knows it. */
const PRICE = "kWhPriceMinor";

export async function loader(_: Route.LoaderArgs) {
  const { db } = await openDatabase();
  const [workshop, { offcuts }, book] = await Promise.all([readWorkshop(db), readStock(db), readBook(db)]);
  return { workshop, offcuts, sheets: materialsOf(book, "sheet").map(({ id, name }) => ({ id, name })) };
}

/** Reads `18:30-21:30, 22:00-23:00`; an empty day has no hours. */
function readHours(text: string): Workshop["hours"][number] {
  return text
    .split(/[,;]/)
    .map((span) => span.trim())
    .filter(Boolean)
    .map((span) => {
      const [from = "", to = ""] = span.split(/\s*(?:-|–|to)\s*/);
      return { from: from.padStart(5, "0"), to: to.padStart(5, "0") };
    });
}

export async function action({ request }: Route.ActionArgs) {
  const form = await readForm(request);
  if (!form.ok) throw data(form.message, { status: form.status });
  const text = (name: string) => String(form.value.get(name) ?? "").trim();
  const candidate = {
    name: text("name"),
    currency: text("currency").toUpperCase(),
    hours: DAYS.map((_, i) => readHours(text(`hours-${i}`))),
    saw: text("saw"),
    ...Object.fromEntries(NUMBERS.map(([key]) => [key, parseDecimal(text(key)) ?? text(key)])),
    [PRICE]: text(PRICE) === "" ? null : (parseDecimal(text(PRICE)) ?? text(PRICE)),
  };
  const read = v.safeParse(WorkshopSchema, candidate);
  if (!read.success) {
    const errors: Record<string, string> = {};
    for (const issue of read.issues) {
      const [first, second] = issue.path?.map((p) => p.key) ?? [];
      errors[first === "hours" ? `hours-${String(second)}` : String(first)] ??= issue.message;
    }
    return data({ saved: false, errors }, { status: 400 });
  }
  const { db } = await openDatabase();
  await writeWorkshop(db, read.output);
  return { saved: true, errors: {} as Record<string, string> };
}

export const meta: Route.MetaFunction = () => [{ title: "Workshop · Hornwort" }];

export default function WorkshopPage({ loaderData, actionData }: Route.ComponentProps) {
  const { workshop } = loaderData;
  const errors = actionData?.errors ?? {};
  const busy = useNavigation().state !== "idle";
  const field = (name: string, label: string, value: string, hint?: string) => (
    <Field.Root key={name} invalid={errors[name] !== undefined}>
      <Field.Label>{label}</Field.Label>
      <Input name={name} defaultValue={value} bg="sheet" borderColor="line" fontFamily="mono" autoComplete="off" />
      {hint && <Field.HelperText color="muted">{hint}</Field.HelperText>}
      <Field.ErrorText color="stop">{errors[name]}</Field.ErrorText>
    </Field.Root>
  );
  return (
    <Page
      title="Workshop"
      summary="Your hours, your saw and your money: the diary, the cuts and the list are computed with them."
    >
      <Form method="post">
        <Stack gap="4">
          <Panel>
            <SimpleGrid columns={{ base: 1, md: 3 }} gap="4">
              {field("name", "Name", workshop.name)}
              {field("currency", "Currency", workshop.currency, "three letters, such as EUR")}
              <Field.Root>
                <Field.Label>Panels are cut with</Field.Label>
                <NativeSelect.Root>
                  <NativeSelect.Field name="saw" defaultValue={workshop.saw} bg="sheet" borderColor="line">
                    {SAWS.map(([saw, words]) => (
                      <option key={saw} value={saw}>
                        {words}
                      </option>
                    ))}
                  </NativeSelect.Field>
                  <NativeSelect.Indicator />
                </NativeSelect.Root>
              </Field.Root>
              {NUMBERS.map(([key, label]) => field(key, label, String(workshop[key])))}
              {field(PRICE, "A kWh costs, in cents or pence", String(workshop[PRICE] ?? ""), "empty: not known")}
            </SimpleGrid>
          </Panel>
          <Panel title="When you have hands free">
            <Text fontSize="sm" color="muted" mb="3">
              Spans such as 18:30-21:30, several with a comma; leave a day empty when there is none.
            </Text>
            <SimpleGrid columns={{ base: 1, md: 3 }} gap="4">
              {DAYS.map((day, i) =>
                field(`hours-${i}`, day, (workshop.hours[i] ?? []).map((s) => `${s.from}-${s.to}`).join(", ")),
              )}
            </SimpleGrid>
          </Panel>
          <Flex gap="3" align="center">
            <Button type="submit" bg="fern" color="fernInk" loading={busy}>
              Keep these
            </Button>
            <Text role="status" color={actionData?.saved ? "fern" : "stop"}>
              {actionData
                ? actionData.saved
                  ? "Kept."
                  : "Not kept: see the fields marked. The last ones are still in force."
                : ""}
            </Text>
          </Flex>
        </Stack>
      </Form>
      <Box mt="4">
        <Rack offcuts={loaderData.offcuts} sheets={loaderData.sheets} />
      </Box>
    </Page>
  );
}
