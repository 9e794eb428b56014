import { Box, Flex, Heading, SimpleGrid, Text } from "@chakra-ui/react";
import { Link } from "react-router";
import { formatLength } from "#core/units/format";
import { formatMoney } from "#core/units/money";
import { listBuilds } from "#db/builds";
import { openDatabase } from "#db/open";
import { readWorkshop } from "#db/workshop";
import { planInputOf, planOnServer } from "../planOf.server";
import { ImportButton } from "../ui/ImportButton";
import { LinkButton } from "../ui/LinkButton";
import { Page } from "../ui/Page";
import type { Route } from "./+types/builds";

/** Plans are shown for this many builds; the rest are listed by name, so that a full workshop opens fast. */
const PLANNED = 12;

export async function loader(_: Route.LoaderArgs) {
  const { db } = await openDatabase();
  const [rows, workshop] = await Promise.all([listBuilds(db), readWorkshop(db)]);
  const builds = await Promise.all(
    rows.map(async (row, i) => {
      const base = { id: row.id, name: row.name };
      const input = i < PLANNED ? await planInputOf(row.id) : undefined;
      if (!input?.ok) return { ...base, unread: input?.message };
      const planned = planOnServer(input.value);
      const { inside } = planned.shell;
      const units = input.value.design.brief.units;
      const size = [inside.widthMm, inside.depthMm, inside.heightMm].map((mm) => formatLength(mm, units)).join(" × ");
      return {
        ...base,
        size: `${size}${units.unit === "mm" ? " mm" : ""} inside, ${planned.shell.words}`,
        who: input.value.design.brief.residents.map((r) => `${r.count} × ${r.name.toLowerCase()}`).join(", "),
        stops: planned.snags.filter((s) => s.severity === "stop" && !s.waived).length,
        cost: formatMoney(planned.tally.costLikelyMinor, planned.tally.currency),
        sheets: planned.tally.sheets,
      };
    }),
  );
  return { builds, workshop: workshop.name };
}

export const meta: Route.MetaFunction = () => [{ title: "Builds · Hornwort" }];

export default function Builds({ loaderData }: Route.ComponentProps) {
  const { builds, workshop } = loaderData;
  return (
    <Page
      title={workshop}
      summary={
        builds.length === 0
          ? "No build yet. Start with the box you want, or bring in a build file."
          : "Your builds, the last worked on first."
      }
    >
      <Flex gap="3" mb="5" wrap="wrap">
        <LinkButton to="/new">New build</LinkButton>
        <ImportButton />
      </Flex>
      <SimpleGrid columns={{ base: 1, md: 2 }} gap="4">
        {builds.map((build) => (
          <Box
            key={build.id}
            asChild
            bg="sheet"
            borderWidth="1px"
            borderColor="line"
            borderRadius="md"
            p="4"
            _hover={{ borderColor: "fern" }}
          >
            <Link to={`/builds/${build.id}/shell`}>
              <Heading as="h2" size="md" fontFamily="heading">
                {build.name}
              </Heading>
              {"unread" in build && build.unread && (
                <Text fontSize="sm" color="stop">
                  {build.unread}
                </Text>
              )}
              {"size" in build && (
                <>
                  <Text fontSize="sm" fontFamily="mono">
                    {build.size}
                  </Text>
                  <Text fontSize="sm" color="muted">
                    {build.who ? `for ${build.who}` : "nobody lives in it yet"}
                    {build.sheets ? ` · ${build.sheets} ${build.sheets === 1 ? "sheet" : "sheets"}` : ""} · about{" "}
                    {build.cost}
                  </Text>
                  <Text fontSize="sm" color={build.stops ? "stop" : "fern"} fontWeight="bold" mt="1">
                    {build.stops
                      ? `${build.stops} ${build.stops === 1 ? "snag stops" : "snags stop"} it`
                      : "nothing stops it"}
                  </Text>
                </>
              )}
            </Link>
          </Box>
        ))}
      </SimpleGrid>
    </Page>
  );
}
