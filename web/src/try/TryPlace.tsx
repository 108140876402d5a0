import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useCallback } from "react";
import { Link, useParams } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { tryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { HandInTry } from "./HandInTry";
import { RunningTry } from "./RunningTry";
import { TryResult } from "./TryResult";
import { words } from "./words";

export default function TryPlace() {
  const tryId = Number(useParams().tryId);
  const query = tryQuery(tryId);
  const { data: page, error, refetch } = useQuery({ ...query, staleTime: 0 });
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
  if (error) {
    return (
      <Box component="main" sx={{ maxWidth: 640, mx: "auto", p: 3, fontSize: 17 }}>
        <p>{error.message}</p>
        <Button component={Link} to="/my">
          {words.toMyWork}
        </Button>
      </Box>
    );
  }
  if (!page) {
    return <Waiting />;
  }
  if (page.handedIn) {
    return <TryResult page={page} />;
  }
  const Running = page.way === "HAND_IN" ? HandInTry : RunningTry;
  return <Running key={page.id} page={page} onOver={onOver} onHandIn={handIn.mutate} />;
}
