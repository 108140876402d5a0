import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { cleanup, configure, render } from "@testing-library/react";
import userEvent from "@testing-library/user-event";
import type { ReactNode } from "react";
import { MemoryRouter } from "react-router";
import { afterEach, vi } from "vitest";
import { NoticeProvider } from "../shell/Notice";

configure({ asyncUtilTimeout: 60_000 });

afterEach(() => {
  cleanup();
  vi.unstubAllGlobals();
});

/** Puts a part of the page up with all that every page has around it; what a person does to it goes through `user`. */
export function show(part: ReactNode) {
  const queries = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const around = (inner: ReactNode) => (
    <QueryClientProvider client={queries}>
      <MemoryRouter>
        <NoticeProvider>{inner}</NoticeProvider>
      </MemoryRouter>
    </QueryClientProvider>
  );
  const shown = render(around(part));
  return {
    user: userEvent.setup(),
    /** The same part, told something else. */
    again: (other: ReactNode) => shown.rerender(around(other)),
  };
}

export interface Asked {
  method: string;
  path: string;
  body: unknown;
}

/** A server that answers what it is told to, and remembers what it was asked. */
export function serverSaying(answers: Record<string, unknown>): Asked[] {
  const asked: Asked[] = [];
  vi.stubGlobal("fetch", async (input: Request) => {
    const path = new URL(input.url).pathname;
    const text = await input.text();
    asked.push({ method: input.method, path, body: text === "" ? undefined : JSON.parse(text) });
    const answer = answers[`${input.method} ${path}`];
    return answer === undefined ? new Response(null, { status: 200 }) : Response.json(answer);
  });
  return asked;
}
