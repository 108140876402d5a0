import { useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useReducer } from "react";
import { api, data } from "../api/client";
import type { StampedTry } from "../api/myQueries";
import { disagree, elapsed, stamped } from "../api/stamp";
import { onBack } from "../shell/onBack";
import { faceOf, serverNow } from "./timeLeft";

const HALF_A_SECOND = 500;

/**
 * The clock of a try. The server alone says how it stands; between two words of it the page counts. It asks again when
 * it comes back into sight, when the device's clocks disagree, and now and then.
 */
export function useTryClock(page: StampedTry, onOver: () => void) {
  const tryId = page.id;
  const { data: clock, refetch } = useQuery({
    queryKey: ["my", "try", tryId, "clock"],
    queryFn: async () =>
      stamped(await data(api.GET("/api/my/tries/{tryId}/clock", { params: { path: { tryId } } }))),
    initialData: { ...page.clock, heard: page.heard },
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: 30_000,
  });
  // The same object as long as nobody has said anything new: what is made anew at each painting would never come to rest.
  const newest = useMemo(
    () => newer(clock, { ...page.clock, heard: page.heard }),
    [clock, page.clock, page.heard],
  );
  const [, tick] = useReducer((ticks: number) => ticks + 1, 0);
  useEffect(() => {
    let last = newest.heard;
    const look = () => {
      const now = stamped({}).heard;
      if (disagree(last, now.running, now.date)) {
        refetch();
      }
      last = now;
      tick();
    };
    const seen = () => document.visibilityState === "visible" && refetch();
    const timer = setInterval(look, HALF_A_SECOND);
    const back = onBack(seen);
    return () => {
      clearInterval(timer);
      back();
    };
  }, [newest, refetch]);
  const counted = faceOf(newest, elapsed(newest.heard));
  // What was heard before a reload is counted by the date of the device, which can be wrong: it may not end the work.
  const sure = newest.heard.page === performance.timeOrigin;
  const face = counted.left === 0 && !sure ? { ...counted, left: undefined } : counted;
  const over = face.left === 0 || newest.over;
  useEffect(() => {
    if (over) {
      onOver();
      const again = setInterval(onOver, 2000);
      return () => clearInterval(again);
    }
  }, [over, onOver]);
  return { clock: newest, face, over, now: () => serverNow(newest, elapsed(newest.heard)) };
}

export type TryClock = ReturnType<typeof useTryClock>;

type Stamped = StampedTry["clock"] & { heard: StampedTry["heard"] };

/** A page that was asked again knows more than the last look at the clock, and the other way round. */
function newer(a: Stamped, b: Stamped): Stamped {
  return Date.parse(a.now) >= Date.parse(b.now) ? a : b;
}
