import { useMutation, useQueryClient } from "@tanstack/react-query";
import { useState } from "react";
import { ApiProblem, api, data, type Schemas } from "../api/client";
import { benchQuery } from "../api/queries";
import { useNotice } from "../shell/Notice";

export type Command = Schemas["BenchCommand"];

interface Asked {
  command: Command;
  /** The revision of the bench that stands before the teacher; absent to do it whatever happened since. */
  seen?: number;
  onDone?: () => void;
}

interface Waiting extends Asked {
  effects: Schemas["Effect"][];
}

interface Clash extends Asked {
  sentence: string;
}

export interface BenchStep {
  /** Takes a step; where it touches open work, only after the teacher has seen how. */
  take: (command: Command, onDone?: () => void) => void;
  /** What the waiting step would do to open work. */
  waiting: Waiting | null;
  confirm: () => void;
  cancel: () => void;
  /** A step that was refused since somebody else has touched the same meanwhile, and what they did. */
  clash: Clash | null;
  doAllTheSame: () => void;
  leaveIt: () => void;
}

/** Kinds that move nobody. */
const harmless = new Set<Command["kind"]>([
  "ADD_GROUP",
  "RENAME",
  "NOTE",
  "LOCK",
  "UNLOCK",
  "LEAD",
  "NAME_FROM",
]);

/** Steps on a bench, one after the other. */
export function useBenchStep(arrangementId: number): BenchStep {
  const queries = useQueryClient();
  const tell = useNotice();
  const [waiting, setWaiting] = useState<Waiting | null>(null);
  const path = { params: { path: { arrangementId } } };
  const scope = { id: `bench-${arrangementId}` };
  const [clash, setClash] = useState<Clash | null>(null);
  const onError = (error: Error) => tell(error.message);
  const carryOut = useMutation({
    scope,
    onError: (error, asked: Asked) => {
      if (error instanceof ApiProblem && error.code === "clash") {
        setClash({ ...asked, sentence: error.message });
        queries.invalidateQueries({ queryKey: benchQuery(arrangementId).queryKey });
      } else {
        onError(error);
      }
    },
    mutationFn: ({ command, seen }: Asked) =>
      data<Schemas["BenchView"]>(
        api.POST("/api/arrangements/{arrangementId}/steps", {
          params: { ...path.params, query: { seen } },
          body: command,
        }),
      ),
    onSuccess: (bench, { onDone }) => {
      queries.setQueryData(benchQuery(arrangementId).queryKey, bench);
      queries.invalidateQueries({ queryKey: ["class", bench.classId] });
      onDone?.();
    },
  });
  const foresee = useMutation({
    scope,
    onError,
    mutationFn: ({ command }: Asked) =>
      data<Schemas["Effect"][]>(
        api.POST("/api/arrangements/{arrangementId}/effects", { ...path, body: command }),
      ),
    onSuccess: (effects, asked) => {
      if (effects.length > 0) {
        setWaiting({ ...asked, effects });
      } else {
        carryOut.mutate(asked);
      }
    },
  });
  const seen = () => queries.getQueryData(benchQuery(arrangementId).queryKey)?.revision;
  return {
    take: (command, onDone) => {
      const asked = { command, seen: seen(), onDone };
      if (harmless.has(command.kind)) {
        carryOut.mutate(asked);
      } else {
        foresee.mutate(asked);
      }
    },
    clash,
    doAllTheSame: () => {
      if (clash) {
        carryOut.mutate({ command: clash.command, onDone: clash.onDone });
      }
      setClash(null);
    },
    leaveIt: () => setClash(null),
    waiting,
    confirm: () => {
      if (waiting) {
        carryOut.mutate(waiting);
      }
      setWaiting(null);
    },
    cancel: () => setWaiting(null),
  };
}
