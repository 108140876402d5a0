// @vitest-environment jsdom
import { screen, waitFor, within } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Schemas } from "../api/client";
import { serverSaying, show } from "../testing/show";
import { GridCell } from "./grid/GridCell";
import { CorrectedKeys } from "./results/CorrectedKeys";
import { QuestionTable } from "./results/QuestionTable";

type Cell = Schemas["Cell"];

function cell(fields: Partial<Cell> | undefined) {
  const one = fields && ({ column: 0, state: "HANDED_IN", ...fields } as Cell);
  const { again } = show(
    <table>
      <tbody>
        <tr>
          <GridCell cell={one} name="1/2" label="Umi, Marsh quiz" selected={false} faded={false} />
        </tr>
      </tbody>
    </table>,
  );
  return again;
}

test("a cell says in words what its shape shows", () => {
  cell({ earned: 3, possible: 4, low: true, late: true, tries: 2 });
  const button = screen.getByRole("button");
  expect(button.getAttribute("aria-label")).toBe(
    "Umi, Marsh quiz: 3 of 4, handed in late, a low result, 2 attempts",
  );
  expect(button.textContent).toBe("3 / 4 late");
});

test("work that is closed and was never begun is not the same as work not begun yet", () => {
  cell({ state: "MISSED" });
  expect(screen.getByRole("button").getAttribute("aria-label")).toContain("closed, not handed in");
});

test("what is not the student's is no button", () => {
  cell(undefined);
  expect(screen.queryByRole("button")).toBeNull();
});

test("answers that came late come before everything else a cell could say", () => {
  cell({ waiting: 2, earned: 3, possible: 4 });
  expect(screen.getByRole("button").getAttribute("aria-label")).toContain(
    "2 answers came late and wait for you",
  );
});

function asked(id: number, fields: Partial<Schemas["QuestionResult"]>): Schemas["QuestionResult"] {
  return {
    sheet: {
      id,
      kind: "SHORT_ANSWER",
      prompt: `Question ${id}?`,
      points: 1,
      parts: [],
      partners: [],
      pieces: [],
    },
    shares: [],
    asked: 3,
    toMark: 0,
    wrong: [],
    missed: [],
    ...fields,
  };
}

function table(question: Schemas["QuestionResult"], onGroup?: () => void) {
  const results = {
    taskId: 4,
    name: "Marsh quiz",
    items: [],
    groups: [],
    questions: [question],
    skills: [],
  } as Schemas["ResultsShown"];
  return show(<QuestionTable results={results} names={new Map([[1, "Umi"]])} onGroup={onGroup} />);
}

test("a question is taken out in one of two ways, and that is undone from the notice", async () => {
  const server = serverSaying({});
  const { user } = table(asked(9, { missed: [1], share: 0.5 }), vi.fn());
  await user.click(screen.getByRole("button", { name: "Unfair question…" }));
  await user.click(screen.getByRole("menuitem", { name: "Full points for everyone" }));
  await waitFor(() => expect(screen.getByText("Everyone has full points for this question.")).toBeTruthy());
  expect(server[0]).toEqual({
    method: "PUT",
    path: "/api/tasks/4/questions/9/taken-out",
    body: { how: "FULL_POINTS" },
  });
  await user.click(screen.getByRole("button", { name: /Undo/ }));
  await waitFor(() => expect(server.at(-1)?.method).toBe("DELETE"));
});

test("a question that is out says so in place of who missed it", () => {
  table(asked(9, { takenOut: "NOT_COUNTED" }), vi.fn());
  expect(screen.getByText("not counted")).toBeTruthy();
  expect(screen.queryByText(/missed it/)).toBeNull();
  expect(screen.getByRole("button", { name: "Count it again" })).toBeTruthy();
});

test("whoever may only look is offered nothing to do", () => {
  table(asked(9, { missed: [1], share: 0 }));
  expect(screen.queryByRole("button", { name: /Unfair|group/ })).toBeNull();
});

test("a corrected key says what would change, and marks again only what can be", async () => {
  const server = serverSaying({
    "GET /api/tasks/4/corrected-keys": {
      questions: [
        { questionId: 9, prompt: "What lifts it?", answers: 3, up: 1, down: 2, comparable: true },
        { questionId: 10, prompt: "And then?", answers: 2, up: 0, down: 0, comparable: false },
      ],
    },
    "POST /api/tasks/4/corrected-keys": { ids: [31] },
  });
  const { user } = show(<CorrectedKeys classId={1} taskId={4} />);
  const part = await screen.findByRole("region", { name: "An answer key changed after students answered" });
  expect(part.textContent).toContain("3 answers marked by the old key: 1 would go up, 2 down.");
  expect(part.textContent).toContain("asks something else now");
  await user.click(within(part).getByRole("button", { name: "Mark again with the new key" }));
  await screen.findByText("Marked again. What you marked by hand stays.");
  expect(server.find((each) => each.method === "POST")?.body).toEqual({ questions: [9] });
});
