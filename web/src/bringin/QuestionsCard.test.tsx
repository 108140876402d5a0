// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Schemas } from "../api/client";
import { show } from "../testing/show";
import { QuestionsCard } from "./QuestionsCard";

type Question = Schemas["ImportQuestion"];

const who: Question = {
  key: "row-4",
  asks: "Row 4: is Wren Toliver the Wren Tolliver who is here?",
  why: "One letter differs.",
  choices: [
    { key: "same", words: "The same child" },
    { key: "new", words: "Another child" },
  ],
  ofTheShape: false,
} as Question;

test("open questions are counted, and each is answered by itself", async () => {
  const onAnswer = vi.fn();
  const other = { ...who, key: "marks", asks: "What does 1,110 mean?", ofTheShape: true, answer: "same" };
  const { user } = show(
    <QuestionsCard questions={[who, other]} remembered={false} onAnswer={onAnswer} onAfresh={vi.fn()} />,
  );
  expect(screen.getByRole("heading", { name: "One question first" })).toBeTruthy();
  await user.click(within(screen.getByRole("group", { name: who.asks })).getByText("Another child"));
  expect(onAnswer).toHaveBeenCalledWith("row-4", "new");
  const answered = within(screen.getByRole("group", { name: other.asks }));
  expect(answered.getByRole("button", { name: "The same child" }).getAttribute("aria-pressed")).toBe("true");
  expect(answered.getByText("and for every file with these columns")).toBeTruthy();
});

test("what was answered for an earlier file can be asked afresh", async () => {
  const onAfresh = vi.fn();
  const { user } = show(<QuestionsCard questions={[]} remembered onAnswer={vi.fn()} onAfresh={onAfresh} />);
  expect(screen.getByRole("heading", { name: "Read as last time" })).toBeTruthy();
  await user.click(screen.getByRole("button", { name: "Forget my answers and read it again" }));
  expect(onAfresh).toHaveBeenCalledOnce();
});
