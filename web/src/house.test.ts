/// <reference types="vite/client" />
import { expect, test } from "vitest";

const sources = import.meta.glob<string>("./**/*.{ts,tsx}", {
  query: "?raw",
  import: "default",
  eager: true,
});
const files = Object.entries(sources)
  .filter(([name]) => !/\.test\.|schema\.d\.ts/.test(name))
  .map(([name, text]) => ({ name, text }));

function functionsIn(text: string): { name: string; lines: number }[] {
  const found = text.matchAll(/^(?:export )?(?:default )?(?:async )?function (\w+)[\s\S]*?^}/gm);
  return [...found].map((each) => ({ name: each[1] ?? "", lines: each[0].split("\n").length }));
}

test("the whole house is looked at", () => {
  expect(files.length).toBeGreaterThan(400);
});

test("colours stand in the theme alone", () => {
  const coloured = files
    .filter(({ name }) => !name.startsWith("./theme"))
    .filter(({ text }) => /#[0-9a-f]{3,8}\b|\brgba?\(|\bhsla?\(/i.test(text));
  expect(coloured.map(({ name }) => name)).toEqual([]);
});

test("no component is over 200 lines and no hook over 120", () => {
  const long = files.flatMap(({ name, text }) =>
    functionsIn(text)
      .filter((each) => each.lines > (each.name.startsWith("use") ? 120 : 200))
      .map((each) => `${name}: ${each.name} has ${each.lines}`),
  );
  expect(long).toEqual([]);
});
