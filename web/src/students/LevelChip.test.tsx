// @vitest-environment jsdom
import { screen } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import type { Schemas } from "../api/client";
import { show } from "../testing/show";
import { LevelChip } from "./LevelChip";

const reading = { id: 2, name: "Reading", levels: [], decimals: 0 } as unknown as Schemas["MeasureCard"];
const letters = {
  id: 3,
  name: "Letters",
  levels: ["none", "some", "all"],
} as unknown as Schemas["MeasureCard"];

test("a range takes the place of a band, and each bound is its own", async () => {
  const onChange = vi.fn();
  const { user } = show(
    <LevelChip measures={[reading, letters]} now={{ from: 400, band: 1 }} onChange={onChange} />,
  );
  await user.click(screen.getByRole("button", { name: /Reading 400/ }));
  await user.type(screen.getAllByRole("spinbutton")[1] as HTMLElement, "9");
  expect(onChange).toHaveBeenLastCalledWith({ measureId: 2, from: 400, to: 9, band: undefined });
});

test("a measure of levels is bounded by their names", async () => {
  const onChange = vi.fn();
  const { user } = show(<LevelChip measures={[letters]} now={{}} onChange={onChange} />);
  await user.click(screen.getByRole("button"));
  await user.click(screen.getAllByRole("combobox")[1] as HTMLElement);
  await user.click(screen.getByRole("option", { name: "some" }));
  expect(onChange).toHaveBeenLastCalledWith({ measureId: 3, from: 1, to: undefined, band: undefined });
});

test("without a measure there is nothing to narrow by", () => {
  show(<LevelChip measures={[]} now={{}} onChange={vi.fn()} />);
  expect(screen.queryByRole("button")).toBeNull();
});
