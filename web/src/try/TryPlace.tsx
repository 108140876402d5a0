import { useMutation, useQuery } from "@tanstack/react-query";
import { useCallback } from "react";
import { useParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { tryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { RunningTry } from "./RunningTry";
import { TryResult } from "./TryResult";

export default function TryPlace() {
  const tryId = Number(useParams().tryId);
  const query = tryQuery(tryId);
  const { data: page, refetch } = useQuery({ ...query, staleTime: 0 });
  const tell = useNotice();
  const handIn = useMutation({
    mutationFn: () =>
      data<Schemas["TryPage"]>(api.POST("/api/my/tries/{tryId}/hand-in", { params: { path: { tryId } } })),
    onSuccess: (done) => {
      queryClient.setQueryData(query.queryKey, done);
      queryClient.invalidateQueries({ queryKey: ["my", "work"] });
    },
    onError: (error) => tell(error.message),
  });
  const onOver = useCallback(() => {
    queryClient.invalidateQueries({ queryKey: ["my", "work"] });
    refetch();
  }, [refetch]);
  if (!page) {
    return <Waiting />;
  }
  return page.handedIn ? (
    <TryResult page={page} />
  ) : (
    <RunningTry key={page.id} page={page} onOver={onOver} onHandIn={handIn.mutate} />
  );
}
