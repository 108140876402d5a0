// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import type { ReactNode } from "react";
import { expect, test, vi } from "vitest";
import type { Schemas } from "../api/client";
import { FocusProvider } from "../shell/focus";
import { serverSaying, show } from "../testing/show";
import { AdviceCard } from "./AdviceCard";
import { StartAgain } from "./StartAgain";
import { LeadsDialog, RenameDialog } from "./TrayDialogs";

const reef = { id: 11, name: "Reef", leads: [7], studentName: "Crabs" } as Schemas["BenchGroup"];
const bench = {
  id: 4,
  measure: { id: 2 },
  smallest: 2,
  largest: 8,
  groups: [reef, { id: 12, name: "Clove", leads: [] }],
  students: [
    { id: 1, givenName: "Umi" },
    { id: 2, givenName: "Wren" },
  ],
  adults: [
    { id: 7, name: "Ms Farrow" },
    { id: 8, name: "Mr Bellweather" },
  ],
  advice: [
    { id: 1, advice: "MOVE_UP", toGroupId: 12, before: 480, now: 560 },
    { id: 2, advice: "WATCH", before: 500, now: 510 },
  ],
} as unknown as Schemas["BenchView"];

const inClass = (part: ReactNode) => <FocusProvider classId={1}>{part}</FocusProvider>;

test("advice moves one child at a time; who is to be watched is moved nowhere", async () => {
  serverSaying({ "GET /api/classes/1/arrangements": [] });
  const onCommand = vi.fn();
  const { user } = show(inClass(<AdviceCard bench={bench} onCommand={onCommand} />));
  expect(screen.getAllByRole("button")).toHaveLength(1);
  await user.click(screen.getByRole("button", { name: "Move Umi to Clove" }));
  expect(onCommand).toHaveBeenCalledWith(
    { kind: "PLACE", students: [1], groupId: 12 },
    "Umi moved to Clove.",
  );
  expect(screen.getByText(/watch: 500 → 510/)).toBeTruthy();
});

test("several moves can be made at once", async () => {
  serverSaying({ "GET /api/classes/1/arrangements": [] });
  const onCommand = vi.fn();
  const two = { ...bench, advice: bench.advice.map((each) => ({ ...each, toGroupId: 12 })) };
  const { user } = show(inClass(<AdviceCard bench={two} onCommand={onCommand} />));
  await user.click(screen.getByRole("button", { name: "Move all 2" }));
  expect(onCommand.mock.calls[0]?.[0]).toEqual({ kind: "TAKE_ADVICE" });
});

test("a group keeps the name that students know unless it is changed", async () => {
  const onCommand = vi.fn();
  const { user } = show(<RenameDialog group={reef} onCommand={onCommand} onClose={vi.fn()} />);
  const [name] = screen.getAllByRole("textbox");
  await user.clear(name as HTMLElement);
  await user.type(name as HTMLElement, "Anchor");
  await user.click(screen.getByRole("button", { name: "Save" }));
  expect(onCommand).toHaveBeenCalledWith({
    kind: "RENAME",
    groupId: 11,
    text: "Anchor",
    studentName: "Crabs",
  });
});

test("who leads a group is chosen among the adults of the class", async () => {
  const onCommand = vi.fn();
  const { user } = show(<LeadsDialog bench={bench} group={reef} onCommand={onCommand} onClose={vi.fn()} />);
  await user.click(screen.getByRole("checkbox", { name: "Ms Farrow" }));
  await user.click(screen.getByRole("checkbox", { name: "Mr Bellweather" }));
  await user.click(screen.getByRole("button", { name: "Save" }));
  expect(onCommand.mock.calls[0]?.[0]).toEqual({ kind: "LEAD", groupId: 11, adults: [8] });
});

function startAgain(proposed: unknown) {
  const server = serverSaying({
    "GET /api/classes/1/arrangements": [],
    "GET /api/measures": [],
    "GET /api/students": { students: [], choices: { tags: [] } },
    "POST /api/arrangements/4/proposal": proposed,
    "POST /api/arrangements/4/proposal/reasons": { rules: [], students: [], means: [] },
  });
  const onTake = vi.fn();
  const shown = show(inClass(<StartAgain bench={bench} groups={2} onTake={onTake} onClose={vi.fn()} />));
  return { ...shown, server, onTake };
}

const take = () => screen.getByRole("button", { name: /^Use/ }) as HTMLButtonElement;

test("what is taken is the proposal that was seen", async () => {
  const { user, onTake } = startAgain({
    groups: [[1], [2]],
    names: [],
    leftOut: [],
    granted: [],
    fingerprint: "seen",
  });
  await waitFor(() => expect(take().disabled).toBe(false));
  await user.click(take());
  expect(onTake.mock.calls[0]?.[0]).toMatchObject({ method: "SIMILAR", groups: 2, fingerprint: "seen" });
});

test("what cannot be is said, and cannot be taken", async () => {
  startAgain({ impossible: "2 students cannot fill 3 groups.", names: [], leftOut: [], granted: [] });
  expect((await screen.findByRole("alert")).textContent).toBe("2 students cannot fill 3 groups.");
  expect(take().disabled).toBe(true);
});

test("a method that goes by something asks for it first, and the server is not asked meanwhile", async () => {
  const { user, server } = startAgain({
    groups: [[1], [2]],
    names: [],
    leftOut: [],
    granted: [],
    fingerprint: "seen",
  });
  await waitFor(() => expect(take().disabled).toBe(false));
  await user.click(screen.getByRole("combobox", { name: "Method" }));
  const before = server.filter((each) => each.path.endsWith("/proposal")).length;
  await user.click(screen.getByRole("option", { name: /skill/i }));
  expect(take().disabled).toBe(true);
  expect(server.filter((each) => each.path.endsWith("/proposal"))).toHaveLength(before);
});
