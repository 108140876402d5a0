// @vitest-environment jsdom
import { screen, waitFor } from "@testing-library/react";
import { expect, test, vi } from "vitest";
import { show } from "../testing/show";
import { GrantDialog } from "./GrantDialog";

function dialog() {
  const grant = vi.fn(async (wanted: unknown) => wanted);
  const onGranted = vi.fn();
  const { user } = show(<GrantDialog plans={[]} grant={grant} onGranted={onGranted} onClose={vi.fn()} />);
  const choose = async (name: string) => {
    await user.click(screen.getAllByRole("combobox")[0] as HTMLElement);
    await user.click(screen.getByRole("option", { name }));
  };
  const keep = () => user.click(screen.getByRole("button", { name: "Save" }));
  return { user, choose, keep, grant, onGranted };
}

test("extended time begins with the usual factor, and a decimal comma is one", async () => {
  const { user, keep, grant, onGranted } = dialog();
  const amount = document.querySelector('input[name="amount"]') as HTMLInputElement;
  expect(amount.value).toBe("1.5");
  await user.clear(amount);
  await user.type(amount, "1,25");
  await keep();
  await waitFor(() => expect(onGranted).toHaveBeenCalledWith(expect.anything(), "extended time"));
  expect(grant.mock.calls[0]?.[0]).toMatchObject({ support: "EXTENDED_TIME", amount: 1.25, subjects: [] });
});

test("a support without an amount asks for none, and takes none from the one before", async () => {
  const { choose, keep, grant } = dialog();
  await choose("read aloud");
  expect(document.querySelector('input[name="amount"]')).toBeNull();
  await keep();
  await waitFor(() => expect(grant).toHaveBeenCalled());
  expect(grant.mock.calls[0]?.[0]).toMatchObject({ support: "READ_ALOUD", amount: undefined, detail: "" });
});

test("a tool says which one", async () => {
  const { user, choose, keep, grant } = dialog();
  await choose("tool allowed");
  await user.type(document.querySelector('input[name="detail"]') as HTMLElement, "calculator");
  await user.type(document.querySelector('input[name="subjects"]') as HTMLElement, "maths, science ,");
  await keep();
  await waitFor(() => expect(grant).toHaveBeenCalled());
  expect(grant.mock.calls[0]?.[0]).toMatchObject({ detail: "calculator", subjects: ["maths", "science"] });
});
