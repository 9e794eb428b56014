import { getValueByPointer } from "fast-json-patch";
import { describe, expect, it } from "vitest";
import { readAt, writeAt } from "./pointer";

/** The document and pointers of RFC 6901, section 5, as far as they name members. */
const RFC = { foo: ["bar", "baz"], "": 0, "a/b": 1, "c%d": 2, "e^f": 3, " ": 7, "m~n": 8 };

describe("a JSON Pointer", () => {
  it.each(["", "/foo", "/foo/0", "/", "/a~1b", "/c%d", "/e^f", "/ ", "/m~0n"])(
    "%j reads what another library reads",
    (pointer) => expect(readAt(RFC, pointer)).toEqual(getValueByPointer(RFC, pointer)),
  );
  it("reads nothing where nothing is, and writes only where a parent is", () => {
    expect(readAt(RFC, "/foo/9/x")).toBeUndefined();
    const own = structuredClone(RFC);
    writeAt(own, "/a~1b", 9);
    writeAt(own, "/foo/1", "b");
    expect(own).toMatchObject({ "a/b": 9, foo: ["bar", "b"] });
    expect(() => writeAt(own, "/nowhere/x", 1)).toThrow("Nothing at /nowhere/x");
    expect(() => writeAt(own, "", 1)).toThrow();
  });
});
