import { type ComponentType, lazy, Suspense, useState } from "react";
import { withWords } from "../languages/place";
import { Part } from "./Part";
import { Waiting } from "./Waiting";

/** A part that is fetched where it is needed; where that fails it says so in its place, and is fetched again on request. */
export function lazyPart<P extends object>(
  name: () => string,
  load: () => Promise<{ default: ComponentType<P> }>,
) {
  // What was fetched serves everywhere; what failed to come is asked for anew by whoever tries again.
  let fetched: ComponentType<P> | undefined;
  const fetching = () =>
    lazy(async () => {
      const found = await withWords(load);
      fetched = found.default;
      return found;
    });
  function Fetched(props: P) {
    const [Wanted] = useState(() => fetched ?? fetching());
    return (
      <Suspense fallback={<Waiting />}>
        <Wanted {...props} />
      </Suspense>
    );
  }
  return function PartOfPage(props: P) {
    return (
      <Part name={name()}>
        <Fetched {...props} />
      </Part>
    );
  };
}
