// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Schemas } from "../api/client";
import { serverSaying, show } from "../testing/show";
import { HandOutDialog } from "./HandOutDialog";
import type { TaskView } from "./taskEdit";

type Problem = Schemas["TaskProblem"];

const base = { id: 3, base: true, title: "Marsh quiz", staffName: "" };
const umi = { id: 1, givenName: "Umi", gets: "VERSION", versionId: 3 };
const wren = { id: 2, givenName: "Wren", gets: "NOTHING" };
const problem = (kind: Problem["kind"], stops: boolean): Problem =>
  ({ kind, stops, versionId: 3, students: [], names: [] }) as unknown as Problem;

function dialog(students: object[], problems: Problem[]) {
  serverSaying({ "GET /api/tasks/4/hand-out": problems });
  const task = { id: 4, version: 1, name: "Quiz", versions: [base], students, problems: [] } as unknown;
  const onGo = vi.fn();
  const { user } = show(
    <HandOutDialog task={task as TaskView} pending={false} onGo={onGo} onClose={vi.fn()} />,
  );
  return { user, onGo, go: () => screen.getByRole("button", { name: "Assign" }) as HTMLButtonElement };
}

test("it says who gets what before it is done", async () => {
  const { user, onGo, go } = dialog([umi], []);
  expect(screen.getByText(/1 student gets “Marsh quiz”/)).toBeTruthy();
  expect(go().disabled).toBe(true);
  await waitFor(() => expect(go().disabled).toBe(false));
  await user.click(go());
  expect(onGo).toHaveBeenCalledWith(false);
});

test("what stands in the way stops it, what is only worth a look does not", async () => {
  const { go } = dialog([umi], [problem("NO_TITLE", true)]);
  await screen.findByText(/has no title for students/);
  expect(go().disabled).toBe(true);
});

test("a warning lets it go", async () => {
  const { go } = dialog([umi], [problem("OPENS_IN_PAST", false)]);
  await screen.findByText(/opens in the past/);
  expect(go().disabled).toBe(false);
});

test("whoever would get nothing is named, and that is meant only when it is said", async () => {
  const { user, onGo, go } = dialog([umi, wren], [problem("NOT_COVERED", false)]);
  await waitFor(() =>
    expect(screen.getByRole("checkbox", { name: /Wren is meant to get nothing/ })).toBeTruthy(),
  );
  expect(go().disabled).toBe(true);
  await user.click(screen.getByRole("checkbox"));
  await waitFor(() => expect(go().disabled).toBe(false));
  await user.click(go());
  expect(onGo).toHaveBeenCalledWith(true);
});
