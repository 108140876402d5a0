import { expect, it } from "vitest";
import { mostKnownFirst } from "./mostKnownFirst";

const measures = [{ id: 1 }, { id: 2 }, { id: 3 }];
const knowing = (...ids: number[]) => ({ scores: ids.map((measureId) => ({ measureId })) });

it("puts first what most students have a value on", () => {
  const students = [knowing(2), knowing(2, 3), knowing(3), knowing(3, 1)];
  expect(mostKnownFirst(measures, students).map((each) => each.id)).toEqual([3, 2, 1]);
});

it("leaves measures as they were where as many are known", () => {
  expect(mostKnownFirst(measures, [knowing(1, 2, 3)])).toEqual(measures);
  expect(mostKnownFirst(measures, [])).toEqual(measures);
});
