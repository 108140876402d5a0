import createClient, { type Middleware } from "openapi-fetch";
import { wordsOf } from "../languages/words";
import { askWithEffort } from "./askWithEffort";
import type { components, paths } from "./schema";

const words = wordsOf("shell");

export type Schemas = components["schemas"];

/** Whom the table of students shows and in which order. */
export type StudentNarrowing = NonNullable<paths["/api/students"]["get"]["parameters"]["query"]>;

/** By what the library can be narrowed. */
export type ItemNarrowing = Omit<
  NonNullable<paths["/api/classes/{classId}/library"]["get"]["parameters"]["query"]>,
  "groupId" | "limit"
>;

/** What the server says when something cannot be done: a stable code and one sentence for the person. */
export class ApiProblem extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    sentence: string,
  ) {
    super(sentence);
  }
}

/** Nobody answered. */
export class Unreached extends TypeError {
  constructor() {
    super(words.unreached);
  }
}

function cookie(name: string): string {
  const found = document.cookie.split("; ").find((each) => each.startsWith(`${name}=`));
  return found ? decodeURIComponent(found.slice(name.length + 1)) : "";
}

const csrf: Middleware = {
  onRequest({ request }) {
    if (request.method !== "GET") {
      request.headers.set("X-XSRF-TOKEN", cookie("XSRF-TOKEN"));
    }
    return request;
  },
};

const problems: Middleware = {
  async onResponse({ response }) {
    if (!response.ok) {
      throw await problemOf(response);
    }
    return response;
  },
  onError() {
    return new Unreached();
  },
};

async function problemOf(response: Response): Promise<ApiProblem> {
  try {
    const body = (await response.json()) as { code?: string; detail?: string };
    return new ApiProblem(response.status, body.code ?? "unknown", body.detail ?? words.wentWrong);
  } catch {
    // Something before Zafu answers for it.
    const sentence = response.status === 401 ? words.signInFirst : new Unreached().message;
    return new ApiProblem(response.status, "unknown", sentence);
  }
}

export const api = createClient<paths>({ baseUrl: window.location.origin, fetch: askWithEffort });
api.use(csrf, problems);

/** The data of an answer that the middleware let through. */
export async function data<T>(answer: Promise<{ data?: T }>): Promise<T> {
  const { data: found } = await answer;
  return found as T;
}

/** A file and a JSON part, as the class-list endpoints take them. */
export function filePart(file: File, wanted: unknown): FormData {
  const form = new FormData();
  form.append("file", file);
  form.append("wanted", new Blob([JSON.stringify(wanted)], { type: "application/json" }));
  return form;
}
