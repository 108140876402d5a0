// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { expect, test } from "vitest";
import type { Schemas } from "../api/client";
import { show } from "../testing/show";
import { WorkList } from "./WorkList";

type Card = Schemas["Card"];

function card(taskId: number, when: Card["when"], fields: Partial<Card> = {}): Card {
  return {
    taskId,
    when,
    title: `Task ${taskId}`,
    way: "ON_SCREEN",
    questions: 4,
    answered: 0,
    withText: false,
    cameLate: { waiting: 0, accepted: 0, declined: 0 },
    ...fields,
  } as unknown as Card;
}

function list(...cards: Card[]) {
  const work = { cards, localNow: "2027-02-09T08:10:00", doneThisWeek: 2 } as unknown as Schemas["MyWork"];
  show(
    <WorkList
      work={work}
      actions={(each, first) => <button type="button">{`${first ? "big" : "small"} ${each.taskId}`}</button>}
    />,
  );
}

const section = (name: string) => screen.getByRole("heading", { name }).closest("section") as HTMLElement;

test("the first thing to do stands alone, and is not said twice", () => {
  list(card(1, "NEXT"), card(2, "NOW"), card(3, "NOW"));
  expect(within(section("Do first")).getByText("Task 1")).toBeTruthy();
  expect(screen.getByRole("button", { name: "big 1" })).toBeTruthy();
  expect(within(section("Now")).getAllByRole("heading", { level: 3 })).toHaveLength(2);
  expect(screen.queryByRole("heading", { name: "Next" })).toBeNull();
});

test("what waits for something else is never first and cannot be begun", () => {
  list(card(1, "NOW", { after: "Task 2" }), card(2, "NOW"));
  expect(within(section("Do first")).getByText("Task 2")).toBeTruthy();
  expect(screen.getByText("after you have handed in “Task 2”")).toBeTruthy();
  expect(screen.queryByRole("button", { name: /1$/ })).toBeNull();
});

test("where nothing is to do it is said so, and what is done is still there", () => {
  list(card(1, "DONE", { earned: 3, possible: 4 }), card(2, "MISSED"));
  expect(screen.getByText("Nothing to do right now. Enjoy it.")).toBeTruthy();
  expect(within(section("Done")).getByText("3 of 4")).toBeTruthy();
  expect(within(section("Done")).getByText("2 this week")).toBeTruthy();
  expect(within(section("Closed")).getByText("Task 2")).toBeTruthy();
});

test("a corrected result, a reminder and late answers are said on their card", () => {
  list(
    card(1, "DONE", {
      corrected: true,
      remindedBy: "Ms Farrow",
      cameLate: { waiting: 2, accepted: 0, declined: 0 },
    } as Partial<Card>),
  );
  expect(screen.getByText("A question was corrected, and your result with it.")).toBeTruthy();
  expect(screen.getByText("Ms Farrow reminds you of this.")).toBeTruthy();
  expect(screen.getByText("2 answers came late; your teacher decides")).toBeTruthy();
});
