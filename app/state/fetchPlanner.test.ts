import { expect, it } from "vitest";
import { addressIn, plannerFetcher } from "./fetchPlanner";
import * as planner from "./planner";

const FAILED = new TypeError(
  "Failed to fetch dynamically imported module: http://127.0.0.1:5173/assets/planner-Ab1.js",
);

it("is asked for under another address each time after it failed, and the same where the browser names none", async () => {
  const asked: string[] = [];
  const fetcher = plannerFetcher(
    () => {
      asked.push("first");
      return Promise.reject(FAILED);
    },
    (address) => {
      asked.push(address);
      return asked.length < 3 ? Promise.reject(FAILED) : Promise.resolve(planner);
    },
  );
  await expect(fetcher()).rejects.toBe(FAILED);
  await expect(fetcher()).rejects.toBe(FAILED);
  await expect(fetcher()).resolves.toBe(planner);
  const at = "http://127.0.0.1:5173/assets/planner-Ab1.js";
  expect(asked).toEqual(["first", `${at}?again=1`, `${at}?again=2`]);
  expect(addressIn(new TypeError("Importing a module script failed."))).toBeUndefined();
});
