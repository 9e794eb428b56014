import { Button, Field, Input, NativeSelect, SimpleGrid, Stack, Text } from "@chakra-ui/react";
import { useForm } from "@conform-to/react";
import { parseWithValibot } from "@conform-to/valibot";
import { data, Form, redirect, useNavigation } from "react-router";
import * as v from "valibot";
import { newBuild, newSheetVariant } from "#core/design/create";
import { SIZE_LIMIT_MM } from "#core/design/limits";
import { readBuild } from "#core/design/read";
import type { Measure } from "#core/design/schema";
import { materialsOf } from "#core/materials/find";
import { formatLengthWithUnit } from "#core/units/format";
import { parseLength } from "#core/units/length";
import { createBuild } from "#db/builds";
import { openDatabase } from "#db/open";
import { readBook } from "#db/workshop";
import { Page } from "../ui/Page";
import { Panel } from "../ui/Panel";
import type { Route } from "./+types/new";

const SIDES = ["width", "depth", "height"] as const;
const typed = (missing: string) => v.pipe(v.optional(v.string(), ""), v.trim(), v.nonEmpty(missing));

const FormSchema = v.pipe(
  v.object({
    name: v.pipe(typed("Give the build a name."), v.maxLength(120, "Keep the name under 120 characters.")),
    unit: v.picklist(["mm", "in"]),
    width: typed("Type the width."),
    depth: typed("Type the depth."),
    height: typed("Type the height."),
    material: v.string(),
  }),
  v.rawCheck(({ dataset, addIssue }) => {
    if (!dataset.typed) return;
    for (const key of SIDES) {
      const text = dataset.value[key];
      if (text === "") continue;
      const read = parseLength(text, dataset.value.unit);
      const message = !read.ok ? read.message : limitWords(read.value, dataset.value.unit);
      if (message)
        addIssue({
          message,
          path: [{ type: "object", origin: "value", input: dataset.value, key, value: text }],
        });
    }
  }),
);

/** Without coercion an empty field stays "", so that every field's message shows at once. */
const PARSING = { schema: FormSchema, disableAutoCoercion: true } as const;

function limitWords(mm: number, unit: "mm" | "in"): string | null {
  const say = (n: number) => formatLengthWithUnit(n, unit === "mm" ? { unit } : { unit, denominator: 16 });
  if (mm < SIZE_LIMIT_MM.low) return `${say(mm)} is too small to build. Type ${say(SIZE_LIMIT_MM.low)} or more.`;
  if (mm > SIZE_LIMIT_MM.high)
    return `${say(mm)} is too large. Type ${say(SIZE_LIMIT_MM.high)} or less; did a unit slip?`;
  return null;
}

export async function loader(_: Route.LoaderArgs) {
  const { db } = await openDatabase();
  return { sheets: materialsOf(await readBook(db), "sheet").map((s) => ({ id: s.id, name: s.name })) };
}

export async function action({ request }: Route.ActionArgs) {
  const submission = parseWithValibot(await request.formData(), PARSING);
  if (submission.status !== "success") return data(submission.reply(), { status: 400 });
  const { name, unit, material, ...sides } = submission.value;
  const { db } = await openDatabase();
  const measure = (text: string): Measure => {
    const read = parseLength(text, unit);
    return { typed: text, value: read.ok ? read.value : 0, how: "stated" };
  };
  const size = { width: measure(sides.width), depth: measure(sides.depth), height: measure(sides.height) };
  const design = newBuild(name, unit === "mm" ? { unit } : { unit, denominator: 16 }, newSheetVariant(size, material));
  const checked = readBuild(design, await readBook(db));
  if (!checked.ok) return data(submission.reply({ formErrors: [checked.message] }), { status: 422 });
  return redirect(`/builds/${await createBuild(db, checked.value, "started")}/shell`);
}

export const meta: Route.MetaFunction = () => [{ title: "New build · Hornwort" }];

export default function NewBuild({ loaderData, actionData }: Route.ComponentProps) {
  const [form, fields] = useForm({
    lastResult: actionData,
    onValidate: ({ formData }) => parseWithValibot(formData, PARSING),
    shouldValidate: "onBlur",
    shouldRevalidate: "onInput",
    defaultValue: { unit: "mm", material: "pvc-foam-10" },
  });
  const busy = useNavigation().state !== "idle";
  const text = (field: (typeof fields)["name"], label: string, placeholder?: string) => (
    <Field.Root id={field.id} ids={{ errorText: field.errorId }} invalid={field.errors !== undefined}>
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
  const choice = (field: (typeof fields)["name"], label: string, options: [string, string][]) => (
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
    <Page
      title="New build"
      summary="A box of flat sheet, by the size you want inside it. Everything can be changed afterwards."
    >
      <Panel>
        <Form method="post" id={form.id} onSubmit={form.onSubmit} noValidate>
          <Stack gap="4">
            {text(fields.name, "Name", "Hallway box")}
            <SimpleGrid columns={{ base: 1, md: 3 }} gap="4">
              {text(fields.width, "Width inside", '1500, 60 cm or 59 1/16"')}
              {text(fields.depth, "Depth, to the front edge", '600 or 23 5/8"')}
              {text(fields.height, "Height inside", '600 or 23 5/8"')}
            </SimpleGrid>
            <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
              {choice(fields.unit, "A number without a unit is in", [
                ["mm", "millimetres"],
                ["in", "inches"],
              ])}
              {choice(
                fields.material,
                "Sheet",
                loaderData.sheets.map((s) => [s.id, s.name]),
              )}
            </SimpleGrid>
            {form.errors?.map((message) => (
              <Text key={message} role="alert" color="stop">
                {message}
              </Text>
            ))}
            <Button type="submit" alignSelf="start" bg="fern" color="fernInk" loading={busy}>
              Start the build
            </Button>
          </Stack>
        </Form>
      </Panel>
    </Page>
  );
}
