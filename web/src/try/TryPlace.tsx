import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useCallback, useEffect, useRef } from "react";
import { Link, useParams } from "react-router";
import { api, data } from "../api/client";
import { type StampedTry, tryQuery } from "../api/myQueries";
import { sessionQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { stamped } from "../api/stamp";
import { outbox, useWaiting } from "../outbox/mine";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { HandInTry } from "./HandInTry";
import { RunningTry } from "./RunningTry";
import { savedOf } from "./savedOf";
import { TryResult } from "./TryResult";
import { words } from "./words";

export default function TryPlace() {
  const tryId = Number(useParams().tryId);
  const query = tryQuery(tryId);
  const { data: page, error, refetch, fetchStatus } = useQuery({ ...query, staleTime: 0 });
  const studentId = useQuery(sessionQuery).data?.studentId ?? 0;
  const tell = useNotice();
  const handIn = useMutation({
    mutationFn: async () => {
      if (!(await outbox.settled(tryId))) {
        throw new Error(words.handInWaits);
      }
      const path = { params: { path: { tryId } } };
      return stamped(await data(api.POST("/api/my/tries/{tryId}/hand-in", path)));
    },
    networkMode: "always",
    onSuccess: (done) => {
      queryClient.setQueryData(query.queryKey, done);
      queryClient.invalidateQueries({ queryKey: ["my", "work"] });
    },
    onError: (failed) => tell(failed instanceof TypeError ? words.handInWaits : failed.message),
  });
  useFieldsAtHand();
  // Whether this page was worked on before it was handed in, here or at another place.
  const wasRunning = useRef(false);
  wasRunning.current ||= page?.handedIn === false;
  useSavedHere(studentId, page);
  const { known } = useWaiting();
  const onOver = useCallback(() => {
    outbox.flush().then(() => {
      queryClient.invalidateQueries({ queryKey: ["my", "work"] });
      refetch();
    });
  }, [refetch]);
  if (!page || !known) {
    return error || fetchStatus === "paused" ? (
      <Box component="main" className="reading" sx={{ maxWidth: 640, mx: "auto", p: 3 }}>
        <p>{error?.message ?? words.offline}</p>
        <Button component={Link} to="/my" size="large" sx={{ mt: 2 }}>
          {words.toMyWork}
        </Button>
      </Box>
    ) : (
      <Waiting />
    );
  }
  if (error && "code" in error && error.code === "taken-back") {
    return <TakenBack sentence={error.message} />;
  }
  if (page.handedIn) {
    return <TryResult page={page} elsewhere={wasRunning.current && !handIn.isSuccess && !page.endedByTime} />;
  }
  const Running = page.way === "HAND_IN" ? HandInTry : RunningTry;
  return (
    <Running
      key={page.id}
      page={page}
      studentId={studentId}
      onOver={onOver}
      onHandIn={handIn.mutate}
      handingIn={handIn.isPending}
    />
  );
}

/** What the server has is kept on this device as well, as long as the attempt goes on. */
function useSavedHere(studentId: number, page: StampedTry | undefined) {
  useEffect(() => {
    if (page?.handedIn) {
      void outbox.close(page.id);
    } else if (page) {
      void outbox.learn(studentId, savedOf(page));
    }
  }, [studentId, page]);
}

/** What answers are written in is there before the connection goes. */
function useFieldsAtHand() {
  useEffect(() => {
    import("../asked/RichText").catch(() => {});
  }, []);
}

function TakenBack({ sentence }: { sentence: string }) {
  return (
    <Box component="main" className="reading" sx={{ maxWidth: 640, mx: "auto", p: 3 }}>
      <p>{sentence}</p>
      <Button component={Link} to="/my" size="large" sx={{ mt: 2 }}>
        {words.toMyWork}
      </Button>
    </Box>
  );
}
