import { List, Stack, Text } from "@chakra-ui/react";
import { Page } from "../ui/Page";
import { Panel } from "../ui/Panel";
import type { Route } from "./+types/about";

export const meta: Route.MetaFunction = () => [{ title: "What it computes · Hornwort" }];

const SECTIONS: { title: string; lines: string[] }[] = [
  {
    title: "Computed, to be relied on",
    lines: [
      "Panel sizes with every thickness taken at its joint; each shows how it came about.",
      "Sheets and their cuts: every layout can be sawn edge to edge with your kerf and trim. Where it says “least, proved”, no layout needs fewer.",
      "Pane heights that hold and still lift in, pane widths, track lengths, gaps at nominal and at worst fit.",
      "Volumes by mensuration, masses, centre of mass and the angle at which it tips.",
      "Substrate, drainage layer, barrier and mixes by volume; the vertical stack checked against itself.",
      "Hole patterns, free areas, seams, bead volumes, whole packs, and the odds that they are enough.",
      "An order of work in which nothing comes before what it needs, laid on your own hours.",
    ],
  },
  {
    title: "Estimated: measure before you rely on it",
    lines: [
      "Glass under water: thin-plate series with a hobby margin; the edges as built decide.",
      "Sag of tops and rails over years: stiffness and creep from memory.",
      "Air changes by warmth alone, with screens' losses at very low speeds.",
      "Foam, glue and fibre: grams and litres from yields that spread widely; likely and safe counts say how widely.",
      "What holds wood and stone: pull at the bed's edge against what glue bears for years, mostly from memory.",
      "The day the drainage layer fills: what is misted less a share that leaves with the air.",
      "Hands-on hours: starting rates from memory until your own log replaces them.",
      "Starter animals and starter prices, densities and tolerances marked “from memory”.",
    ],
  },
  {
    title: "Not Hornwort's to decide",
    lines: [
      "What an animal needs: a vet, and keepers who have kept it for years.",
      "Glass thickness, toughening and anything that holds much water: a glazier.",
      "Wiring, circuits, heaters: a licensed electrician, and your local code.",
      "Whether a floor or a wall carries it: an engineer, when it is heavy.",
      "Law on dangerous, protected or venomous animals: your local authority.",
    ],
  },
];

export default function About(_: Route.ComponentProps) {
  return (
    <Page
      title="What it computes"
      summary="Every number opens its working: the formula, what went in, and where each constant is from."
    >
      <Stack gap="4">
        {SECTIONS.map((section) => (
          <Panel key={section.title} title={section.title}>
            <List.Root ps="5" gap="1">
              {section.lines.map((line) => (
                <List.Item key={line}>{line}</List.Item>
              ))}
            </List.Root>
          </Panel>
        ))}
        <Text fontSize="sm" color="muted">
          Bases of constants: published (the source is named), trade practice (no source), label (from a maker's pack;
          overwrite it with yours), from memory (check it), your log.
        </Text>
      </Stack>
    </Page>
  );
}
