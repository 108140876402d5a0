import { QueryObserver } from "@tanstack/react-query";
import { expect, it } from "vitest";
import { FreshQueryClient } from "./freshQueryClient";

it("asks again where the first answer was on its way when the change came", async () => {
  const client = new FreshQueryClient();
  const answers: ((value: string) => void)[] = [];
  const observer = new QueryObserver(client, {
    queryKey: ["class", 1],
    queryFn: () => new Promise<string>((answer) => answers.push(answer)),
  });
  const stop = observer.subscribe(() => {});
  const asked = client.invalidateQueries({ queryKey: ["class"] });
  answers[0]?.("before the change");
  await expect.poll(() => answers.length).toBe(2);
  answers[1]?.("after the change");
  await asked;
  expect(observer.getCurrentResult().data).toBe("after the change");
  stop();
});

it("leaves other queries alone", async () => {
  const client = new FreshQueryClient();
  client.setQueryData(["class", 2], "as it was");
  await client.invalidateQueries({ queryKey: ["class", 1] });
  expect(client.getQueryState(["class", 2])?.isInvalidated).toBe(false);
});

it("does not set back what was set while an answer was on its way", async () => {
  const client = new FreshQueryClient();
  client.setQueryData(["bench", 1], "before");
  const observer = new QueryObserver(client, {
    queryKey: ["bench", 1],
    staleTime: 0,
    queryFn: () => new Promise<string>(() => {}),
  });
  const stop = observer.subscribe(() => {});
  client.setQueryData(["bench", 1], "after the step");
  void client.invalidateQueries({ queryKey: ["bench"] });
  expect(client.getQueryData(["bench", 1])).toBe("after the step");
  stop();
});
