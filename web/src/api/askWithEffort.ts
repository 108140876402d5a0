/** Asks; where effort is wanted first, does it and asks again. What is sent as a file is not asked twice. */
export async function askWithEffort(request: Request): Promise<Response> {
  const small = request.headers.get("Content-Type") === "application/json";
  const again = small ? request.clone() : undefined;
  const response = await fetch(request);
  if (response.status !== 429 || !again) {
    return response;
  }
  const wanted = (await response.clone().json()) as { effort?: string };
  if (!wanted.effort) {
    return response;
  }
  // Few ever need it, so it is not part of what every page loads.
  const { effortDone } = await import("./effort");
  again.headers.set("X-Zafu-Effort", await effortDone(wanted.effort));
  return fetch(again);
}
