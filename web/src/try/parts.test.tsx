// @vitest-environment jsdom
import { screen, within } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Schemas } from "../api/client";
import { show } from "../testing/show";
import { HandInDialog } from "./HandInDialog";
import { SaveMark } from "./SaveMark";
import { TimeLeft } from "./TimeLeft";
import { TryResult } from "./TryResult";
import type { TryClock } from "./useTryClock";

test("before handing in, what has no answer and what was flagged is said once, in order, and led to", async () => {
  const goTo = vi.fn();
  const handIn = vi.fn();
  const { user } = show(
    <HandInDialog
      open
      unanswered={[5, 2]}
      flagged={[3, 2]}
      onGoTo={goTo}
      onHandIn={handIn}
      onClose={vi.fn()}
    />,
  );
  expect(screen.getByText("Questions 5 and 2 have no answer yet.")).toBeTruthy();
  expect(screen.getAllByRole("button", { name: /^Go to/ }).map((each) => each.textContent)).toEqual([
    "Go to 2",
    "Go to 3",
    "Go to 5",
  ]);
  await user.click(screen.getByRole("button", { name: "Go to 3" }));
  expect(goTo).toHaveBeenCalledWith(3);
  await user.click(screen.getByRole("button", { name: "Hand in" }));
  expect(handIn).toHaveBeenCalledOnce();
});

test("where everything is answered nothing is led to", () => {
  show(<HandInDialog open unanswered={[]} onGoTo={vi.fn()} onHandIn={vi.fn()} onClose={vi.fn()} />);
  expect(screen.getByText("Every question has an answer.")).toBeTruthy();
  expect(screen.queryByRole("button", { name: /^Go to/ })).toBeNull();
});

test("only what is on the server is called saved", () => {
  const { again } = show(<SaveMark state="saved" />);
  expect(screen.getByRole("status").textContent).toBe("✓ Saved");
  for (const state of ["savedBefore", "onDevice", "onPage"] as const) {
    again(<SaveMark state={state} />);
    expect(screen.getByRole("status").textContent).not.toContain("✓");
  }
});

function clock(left: number | undefined, minutes = 20): TryClock {
  return {
    clock: { minutes, addedMinutes: 5 } as Schemas["TryClock"],
    face: { left } as TryClock["face"],
  } as TryClock;
}

test("the clock counts minutes, then the seconds of the last one, and can be put away", async () => {
  const { user, again } = show(<TimeLeft clock={clock(600)} />);
  expect(screen.getByRole("timer").textContent).toContain("10 minutes");
  expect(screen.getByRole("timer").textContent).toContain("of your 20 + 5");
  again(<TimeLeft clock={clock(1)} />);
  expect(screen.getByRole("timer").textContent).toContain("1 second");
  await user.click(screen.getByRole("button", { name: "Hide the clock" }));
  expect(screen.queryByRole("timer")).toBeNull();
  await user.click(screen.getByRole("button", { name: "Show the clock" }));
  expect(screen.getByRole("timer")).toBeTruthy();
});

test("without a limit there is no clock", () => {
  show(<TimeLeft clock={clock(undefined)} />);
  expect(screen.queryByRole("button")).toBeNull();
});

function question(fields: Partial<Schemas["QuestionPage"]>): Schemas["QuestionPage"] {
  return {
    id: 1,
    number: 1,
    given: "gull",
    sheet: {
      id: 1,
      kind: "SHORT_ANSWER",
      prompt: "Who calls?",
      points: 2,
      parts: [],
      partners: [],
      pieces: [],
    },
    ...fields,
  };
}

function result(fields: Partial<Schemas["TryPage"]>) {
  const page = {
    title: "Marsh quiz",
    endedByTime: false,
    files: [],
    questions: [],
    remark: "",
    written: "",
    cameLate: { waiting: 0, accepted: 0, declined: 0 },
    ...fields,
  } as unknown as Schemas["TryPage"];
  return show(<TryResult page={page} elsewhere={false} />);
}

test("each question says its points, or why it has none", () => {
  result({
    earned: 3,
    possible: 4,
    questions: [
      question({ id: 1, earned: 2 }),
      question({ id: 2 }),
      question({ id: 3, earned: 0, takenOut: "FULL_POINTS" }),
      question({ id: 4, earned: 0, takenOut: "NOT_COUNTED", given: undefined }),
    ],
  });
  expect(screen.getByText("3 of 4")).toBeTruthy();
  const lines = within(screen.getByRole("list")).getAllByRole("listitem");
  expect(lines.map((each) => each.querySelector("b")?.textContent)).toEqual([
    "2 of 2",
    "your teacher will mark this",
    "full points for everyone",
    "not counted",
  ]);
  expect(lines[3]?.textContent).toContain("no answer");
});

test("while the result waits no points are shown, and it is said until when", () => {
  result({ resultWaits: "FOR_DUE_TIME", questions: [question({})] });
  expect(screen.getByText("You will see how it went when the due day is over.")).toBeTruthy();
  expect(within(screen.getByRole("list")).getByRole("listitem").querySelector("b")?.textContent).toBe("");
});

test("what came late is told by how it was decided", () => {
  result({ cameLate: { waiting: 1, accepted: 2, declined: 1 } });
  expect(screen.getByText(/One answer came after the end/)).toBeTruthy();
  expect(screen.getByText("2 answers that came late count.")).toBeTruthy();
  expect(screen.getByText("One answer came too late and does not count.")).toBeTruthy();
});
