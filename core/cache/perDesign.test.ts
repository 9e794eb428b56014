import { expect, it } from "vitest";
import { perDesign } from "./perDesign";

it("is worked out once for a design, and again for another shell, book or variant", () => {
  let asked = 0;
  const count = perDesign((_: { shell: object; variant: object; book?: object }) => ++asked);
  const [shell, variant, book] = [{}, {}, {}];
  expect([count({ shell, variant }), count({ shell, variant })]).toEqual([1, 1]);
  expect(count({ shell, variant, book })).toBe(2);
  expect(count({ shell: {}, variant, book })).toBe(3);
  expect(count({ shell, variant: {}, book })).toBe(4);
});
