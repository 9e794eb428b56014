import { Box, Button, Field, Flex, Input, NativeSelect, SimpleGrid, Stack, Text } from "@chakra-ui/react";
import { useForm } from "@conform-to/react";
import { parseWithValibot } from "@conform-to/valibot";
import { data, Form, Link, redirect, useNavigation, useSearchParams } from "react-router";
import * as v from "valibot";
import type { Measure } from "#core/design/basics";
import { parseMeasure } from "#core/design/guess";
import { writeAt } from "#core/design/pointer";
import { beginVariant } from "#core/document/begin";
import { newBuild } from "#core/document/create";
import { readBuild } from "#core/document/read";
import type { Variant } from "#core/document/schema";
import { shellBoards } from "#core/materials/board";
import { KINDS, kindOf } from "#core/shell/kinds/index";
import { SIZE_LIMIT_MM } from "#core/shell/limits";
import { formatLengthWithUnit } from "#core/units/format";
import { createBuild } from "#db/builds";
import { openDatabase } from "#db/open";
import { readBook } from "#db/workshop";
import { readForm } from "../body.server";
import { SurveyDrawing } from "../drawing/SurveyDrawing";
import { Page } from "../ui/Page";
import { Panel } from "../ui/Panel";
import type { Route } from "./+types/new";

type KindId = Variant["shell"]["kind"];

/** The fields of the first measures, by their place in the kind's survey. */
const SIZES = ["size0", "size1", "size2", "size3", "size4"] as const;
const typed = (missing: string) => v.pipe(v.optional(v.string(), ""), v.trim(), v.nonEmpty(missing));

/** The form of one kind. Without coercion an empty field stays "", so that every field's message shows at once. */
function parsing(kind: KindId) {
  const { first } = kindOf({ kind }).survey;
  const size = (i: number) =>
    first[i] ? typed(`Type the ${first[i].label.toLowerCase()}.`) : v.optional(v.string(), "");
  const schema = v.pipe(
    v.object({
      kind: v.string(),
      name: v.pipe(typed("Give the build a name."), v.maxLength(120, "Keep the name under 120 characters.")),
      unit: v.picklist(["mm", "in"]),
      material: v.optional(v.string()),
      size0: size(0),
      size1: size(1),
      size2: size(2),
      size3: size(3),
      size4: size(4),
    }),
    v.rawCheck(({ dataset, addIssue }) => {
      if (!dataset.typed) return;
      for (const key of SIZES.slice(0, first.length)) {
        const text = dataset.value[key];
        if (text === "") continue;
        const read = parseMeasure(text, dataset.value.unit);
        const message = !read.ok ? read.message : limitWords(read.value.value, dataset.value.unit);
        if (message)
          addIssue({ message, path: [{ type: "object", origin: "value", input: dataset.value, key, value: text }] });
      }
    }),
  );
  return { schema, disableAutoCoercion: true } as const;
}

function limitWords(mm: number, unit: "mm" | "in"): string | null {
  const say = (n: number) => formatLengthWithUnit(n, unit === "mm" ? { unit } : { unit, denominator: 16 });
  if (mm < SIZE_LIMIT_MM.low) return `${say(mm)} is too small to build. Type ${say(SIZE_LIMIT_MM.low)} or more.`;
  if (mm > SIZE_LIMIT_MM.high)
    return `${say(mm)} is too large. Type ${say(SIZE_LIMIT_MM.high)} or less; did a unit slip?`;
  return null;
}

const readKind = (text: string | null): KindId => KINDS.find((k) => k.kind === text)?.kind ?? "sheet";

export async function loader(_: Route.LoaderArgs) {
  const { db } = await openDatabase();
  return { sheets: shellBoards(await readBook(db)).map((s) => ({ id: s.id, name: s.name })) };
}

export async function action({ request }: Route.ActionArgs) {
  const form = await readForm(request);
  if (!form.ok) throw data(form.message, { status: form.status });
  const kind = readKind(String(form.value.get("kind")));
  const submission = parseWithValibot(form.value, parsing(kind));
  if (submission.status !== "success") return data(submission.reply(), { status: 400 });
  const { name, unit, material, ...sizes } = submission.value;
  const measures = SIZES.slice(0, kindOf({ kind }).survey.first.length).map((key): Measure => {
    const read = parseMeasure(sizes[key], unit);
    return read.ok ? read.value : { typed: sizes[key], value: 0, how: "stated" };
  });
  const variant = beginVariant(kind, measures);
  const { sheetPath } = kindOf({ kind });
  if (sheetPath && material) writeAt(variant, sheetPath, material);
  const { db } = await openDatabase();
  const design = newBuild(name, unit === "mm" ? { unit } : { unit, denominator: 16 }, variant);
  const checked = readBuild(design, await readBook(db));
  if (!checked.ok) return data(submission.reply({ formErrors: [checked.message] }), { status: 422 });
  return redirect(`/builds/${await createBuild(db, checked.value, "started")}/shell`);
}

export const meta: Route.MetaFunction = () => [{ title: "New build · Hornwort" }];

export default function NewBuild(props: Route.ComponentProps) {
  const [search] = useSearchParams();
  const kind = readKind(search.get("kind"));
  return (
    <Page title="New build" summary="What do you start from? Everything can be changed afterwards.">
      <Stack gap="4">
        <SimpleGrid columns={{ base: 2, md: 4, lg: 5 }} gap="3" role="group" aria-label="Starting shell">
          {KINDS.map((k) => (
            <KindCard key={k.kind} kind={k.kind} chosen={k.kind === kind} />
          ))}
        </SimpleGrid>
        <KindForm key={kind} kind={kind} {...props} />
      </Stack>
    </Page>
  );
}

function KindCard({ kind, chosen }: { kind: KindId; chosen: boolean }) {
  const { label, words, survey } = kindOf({ kind });
  return (
    <Box
      asChild
      bg="sheet"
      borderWidth="2px"
      borderColor={chosen ? "fern" : "line"}
      borderRadius="md"
      p="2.5"
      _hover={{ borderColor: "fern" }}
    >
      <Link to={`/new?kind=${kind}`} replace preventScrollReset {...(chosen && { "aria-current": "true" as const })}>
        <Box px="3" aria-hidden>
          <SurveyDrawing survey={survey} active={null} />
        </Box>
        <Text fontWeight="bold" fontSize="sm">
          {label}
        </Text>
        <Text fontSize="xs" color="muted" lineHeight="1.3">
          {words}
        </Text>
      </Link>
    </Box>
  );
}

function KindForm({ kind, loaderData, actionData }: Route.ComponentProps & { kind: KindId }) {
  const { survey } = kindOf({ kind });
  const [form, fields] = useForm({
    lastResult: actionData,
    onValidate: ({ formData }) => parseWithValibot(formData, parsing(kind)),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: { kind, unit: "mm", material: "pvc-foam-10" },
  });
  const busy = useNavigation().state === "submitting";
  const text = (field: (typeof fields)["name"], label: string, placeholder?: string) => (
    <Field.Root key={field.name} id={field.id} ids={{ errorText: field.errorId }} invalid={field.errors !== undefined}>
      <Field.Label>{label}</Field.Label>
      <Input
        name={field.name}
        defaultValue={field.initialValue}
        placeholder={placeholder}
        bg="sheet"
        borderColor="line"
        autoComplete="off"
      />
      <Field.ErrorText color="stop">{field.errors?.[0]}</Field.ErrorText>
    </Field.Root>
  );
  const choice = (field: (typeof fields)["unit"], label: string, options: [string, string][]) => (
    <Field.Root id={field.id}>
      <Field.Label>{label}</Field.Label>
      <NativeSelect.Root>
        <NativeSelect.Field name={field.name} defaultValue={field.initialValue} bg="sheet" borderColor="line">
          {options.map(([key, words]) => (
            <option key={key} value={key}>
              {words}
            </option>
          ))}
        </NativeSelect.Field>
        <NativeSelect.Indicator />
      </NativeSelect.Root>
    </Field.Root>
  );
  return (
    <Panel>
      <Form method="post" action={`/new?kind=${kind}`} id={form.id} onSubmit={form.onSubmit} noValidate>
        <input type="hidden" name="kind" value={kind} />
        <Stack gap="4">
          {text(fields.name, "Name", "Hallway box")}
          <SimpleGrid columns={{ base: 1, md: 3 }} gap="4">
            {survey.first.map(({ label, example }, i) =>
              text(fields[SIZES[i]!] as (typeof fields)["name"], label, example),
            )}
          </SimpleGrid>
          <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
            {choice(fields.unit as (typeof fields)["unit"], "A number without a unit is in", [
              ["mm", "millimetres"],
              ["in", "inches"],
            ])}
            {kindOf({ kind }).sheetPath &&
              choice(
                fields.material as unknown as (typeof fields)["unit"],
                "Sheet",
                loaderData.sheets.map((s) => [s.id, s.name]),
              )}
          </SimpleGrid>
          {form.errors?.map((message) => (
            <Text key={message} role="alert" color="stop">
              {message}
            </Text>
          ))}
          <Flex align="center" gap="3">
            <Button type="submit" bg="fern" color="fernInk" loading={busy}>
              Start the build
            </Button>
            <Text fontSize="xs" color="muted">
              No tape at hand? “about 40 cm” or “several inches” will do for now; it asks again.
            </Text>
          </Flex>
        </Stack>
      </Form>
    </Panel>
  );
}
