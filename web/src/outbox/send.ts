import { ApiProblem, api, data, type Schemas } from "../api/client";
import type { Entry } from "./entry";
import type { Outcome } from "./outbox";

/** A request that nobody answers, as after a change of network, must not hold up what waits behind it. */
const PATIENCE_MS = { words: 15_000, file: 180_000 };

/** Sends one thing. What was said about it decides whether it is sent again. */
export async function send(entry: Entry): Promise<Outcome> {
  try {
    return await sent(entry);
  } catch (error) {
    if (!(error instanceof ApiProblem)) {
      return { as: "unreached" };
    }
    if (error.status === 401 || error.status === 403) {
      return { as: "signedOut" };
    }
    return { as: error.status >= 500 || error.status === 429 ? "unreached" : "refused" };
  }
}

async function sent(entry: Entry): Promise<Outcome> {
  const { tryId, key, givenAt, text = "" } = entry;
  const signal = AbortSignal.timeout(entry.kind === "file" ? PATIENCE_MS.file : PATIENCE_MS.words);
  const number =
    entry.device && entry.seq ? { over: entry.over, device: entry.device, given: entry.seq } : undefined;
  switch (entry.kind) {
    case "answer": {
      const path = { tryId, questionId: entry.questionId ?? 0 };
      const body = { given: text, key, givenAt, number };
      return outcome(
        text,
        await data<Schemas["Kept"]>(
          api.PUT("/api/my/tries/{tryId}/answers/{questionId}", { params: { path }, body, signal }),
        ),
      );
    }
    case "written": {
      const body = { text, key, givenAt, number };
      return outcome(
        text,
        await data<Schemas["Kept"]>(
          api.PUT("/api/my/tries/{tryId}/written", { params: { path: { tryId } }, body, signal }),
        ),
      );
    }
    case "flags": {
      const body = { questions: text ? text.split(",").map(Number) : [] };
      const kept = await data<Schemas["FlagsKept"]>(
        api.PUT("/api/my/tries/{tryId}/flags", { params: { path: { tryId } }, body, signal }),
      );
      return { as: "saved", saved: { text, number: kept.number } };
    }
    case "file": {
      const form = new FormData();
      form.append("file", entry.file ?? new Blob(), entry.fileName);
      const page = await data<Schemas["TryPage"]>(
        api.POST("/api/my/tries/{tryId}/files", {
          params: { path: { tryId }, query: { key } },
          // The generated type knows a file only as text.
          body: form as unknown as { file: string },
          bodySerializer: (body: unknown) => body as FormData,
          signal,
        }),
      );
      return { as: page.handedIn ? "apart" : "saved" };
    }
  }
}

function outcome(text: string, kept: Schemas["Kept"]): Outcome {
  switch (kept.as) {
    case "KEPT":
      return { as: "saved", saved: { text, number: kept.number } };
    case "OVERTAKEN":
      return { as: "saved" };
    case "CHANGED_ELSEWHERE":
      return { as: "elsewhere", saved: { text: kept.saved ?? "", number: kept.number } };
    case "AFTER_END":
    case "HANDED_IN":
    case "TAKEN_BACK":
      return { as: "apart" };
  }
}
