// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import { useState } from "react";
import { expect, test } from "vitest";
import { show } from "../testing/show";
import type { Sheet } from "./answers";
import { QuestionField } from "./QuestionField";

const parts = ["egg", "larva", "crab"].map((text, name) => ({ name, text, html: text }));
const partners = ["claw", "wing"].map((text, name) => ({ name, text, html: text }));
const sheet = (fields: Partial<Sheet>): Sheet => ({
  id: 7,
  kind: "SINGLE_CHOICE",
  prompt: "What comes first?",
  points: 2,
  parts: [],
  partners: [],
  pieces: [],
  ...fields,
});

/** A page that keeps what is given and shows it again, as every page does. */
function field(of: Sheet) {
  const given: string[] = [];
  function Kept() {
    const [now, setNow] = useState<string | undefined>(undefined);
    const onGive = (text: string) => {
      given.push(text);
      setNow(text);
    };
    return <QuestionField sheet={of} number={3} given={now} onGive={onGive} />;
  }
  return { ...show(<Kept />), given };
}

test("a question is named by its number and what it asks", () => {
  field(sheet({ parts }));
  expect(screen.getByRole("group", { name: /Question 3:.*What comes first/ })).toBeTruthy();
});

test("of one right option the last one chosen is given", async () => {
  const { user, given } = field(sheet({ parts }));
  await user.click(screen.getByRole("radio", { name: "larva" }));
  await user.click(screen.getByRole("radio", { name: "egg" }));
  expect(given).toEqual(["1", "0"]);
  expect((screen.getByRole("radio", { name: "egg" }) as HTMLInputElement).checked).toBe(true);
});

test("of several right options each is chosen and let go", async () => {
  const { user, given } = field(sheet({ kind: "MULTIPLE_CHOICE", parts }));
  await user.click(screen.getByRole("checkbox", { name: "crab" }));
  await user.click(screen.getByRole("checkbox", { name: "egg" }));
  await user.click(screen.getByRole("checkbox", { name: "crab" }));
  expect(given).toEqual(["2", "0,2", "0"]);
});

test("an order is made with the arrows, and its ends go no further", async () => {
  const { user, given } = field(sheet({ kind: "ORDERING", parts }));
  expect(screen.getByRole("button", { name: "Move up: egg" }).hasAttribute("disabled")).toBe(true);
  await user.click(screen.getByRole("button", { name: "Move down: egg" }));
  expect(given).toEqual(["1,0,2"]);
  expect(screen.getAllByRole("listitem").map((each) => each.textContent?.slice(1, 6))).toEqual([
    "larva",
    "egg↑↓",
    "crab↑",
  ]);
  expect(screen.getByRole("button", { name: "Move down: crab" }).hasAttribute("disabled")).toBe(true);
});

test("an order that is right as it stands can be given as it is, once", async () => {
  const { user, given } = field(sheet({ kind: "ORDERING", parts }));
  await user.click(screen.getByRole("button", { name: "This order is right" }));
  expect(given).toEqual(["0,1,2"]);
  expect(screen.queryByRole("button", { name: "This order is right" })).toBeNull();
});

test("pairs are chosen from a list, in any order", async () => {
  const { user, given } = field(sheet({ kind: "MATCHING", parts: parts.slice(0, 2), partners }));
  await user.selectOptions(screen.getByLabelText("What belongs to larva?"), "wing");
  await user.selectOptions(screen.getByLabelText("What belongs to egg?"), "claw");
  expect(given).toEqual(["1:1", "0:0,1:1"]);
});

test("blanks are typed or chosen, each on a line of its own", async () => {
  const { user, given } = field(
    sheet({
      kind: "BLANKS",
      pieces: [
        { text: "The tide ", blank: undefined },
        { text: "", blank: 0, choices: ["turns", "sleeps"] },
        { text: " at ", blank: undefined },
        { text: "", blank: 1 },
      ],
    }),
  );
  await user.selectOptions(screen.getByLabelText("Blank 1"), "turns");
  await user.type(screen.getByLabelText("Blank 2"), "six");
  expect(given.at(-1)).toBe("turns\nsix");
});

test("words are chosen and let go, with the keys too", async () => {
  const { user, given } = field(
    sheet({
      kind: "HOT_WORDS",
      pieces: [{ text: "mud", word: 0 }, { text: " and " }, { text: "moon", word: 1 }],
    }),
  );
  const moon = screen.getByRole("button", { name: "moon" });
  moon.focus();
  await user.keyboard("{Enter}");
  expect(moon.getAttribute("aria-pressed")).toBe("true");
  await user.click(moon);
  expect(given).toEqual(["1", ""]);
});

test("a short answer is given as it is typed", async () => {
  const { user, given } = field(sheet({ kind: "SHORT_ANSWER" }));
  await user.type(screen.getByRole("textbox"), "gull");
  expect(given.at(-1)).toBe("gull");
});
