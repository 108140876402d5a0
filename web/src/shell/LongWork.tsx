import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import LinearProgress from "@mui/material/LinearProgress";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, data, type Schemas } from "../api/client";
import { words } from "./words";

/** A key of our own for one piece of work; unguessable, and made without the parts of crypto that need HTTPS. */
function newKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) =>
    byte.toString(16).padStart(2, "0"),
  ).join("");
}

/** Runs work that may take a while under a key by which {@link LongWork} follows it. */
export function useLongWork() {
  const [key, setKey] = useState<string | null>(null);
  async function run<T>(deed: (headers: Record<string, string>) => Promise<T>): Promise<T> {
    const made = newKey();
    setKey(made);
    try {
      return await deed({ "Work-Key": made });
    } finally {
      setKey(null);
    }
  }
  return { key, run };
}

/** How far the work is, with a way to stop it; shown once it has taken a second. */
export function LongWork({ workKey }: { workKey: string | null }) {
  return workKey && <Followed key={workKey} workKey={workKey} />;
}

function Followed({ workKey }: { workKey: string }) {
  const path = { params: { path: { workKey } } };
  const shown = useQuery({
    queryKey: ["work", workKey],
    queryFn: () => data<Schemas["WorkShown"]>(api.GET("/api/under-way/{workKey}", path)),
    refetchInterval: 500,
    retry: false,
    throwOnError: false,
    gcTime: 0,
  }).data;
  const stop = useMutation({ mutationFn: () => api.POST("/api/under-way/{workKey}/stop", path) });
  const known = shown !== undefined && shown.total > 0;
  return (
    <Box
      sx={{
        display: "flex",
        gap: 1.5,
        alignItems: "center",
        animation: "appear 0s 1s both",
        "@keyframes appear": { from: { visibility: "hidden" }, to: { visibility: "visible" } },
      }}
    >
      <LinearProgress
        aria-label={words.underWay}
        variant={known ? "determinate" : "indeterminate"}
        value={known ? (100 * shown.done) / shown.total : undefined}
        sx={{ flex: 1, maxWidth: 420 }}
      />
      <Box sx={{ fontVariantNumeric: "tabular-nums" }}>{known && words.ofAll(shown.done, shown.total)}</Box>
      <Button disabled={stop.isPending || stop.isSuccess} onClick={() => stop.mutate()}>
        {words.stop}
      </Button>
    </Box>
  );
}
