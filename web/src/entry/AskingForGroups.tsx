import { useMutation } from "@tanstack/react-query";
import { api, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { useNotice } from "../shell/Notice";
import { AskingList } from "./AskingList";
import { words } from "./words";

type Asking = Schemas["AskingForGroup"];

/** Students and adults who asked to come into groups; each is let in or turned away here. */
export function AskingForGroups({ asking, title }: { asking: Asking[]; title: string }) {
  const tell = useNotice();
  const decide = useMutation({
    mutationFn: ({ who, letIn }: { who: Asking; letIn: boolean }) => {
      const path = { params: { path: { groupId: who.groupId, groupRequestId: who.id } } };
      return letIn
        ? api.POST("/api/groups/{groupId}/door/{groupRequestId}/let-in", path)
        : api.POST("/api/groups/{groupId}/door/{groupRequestId}/turn-away", path);
    },
    onSuccess: (_, { who, letIn }) => {
      if (letIn) {
        tell(words.inGroup({ name: who.name, group: who.group }));
      }
    },
    onError: (error) => tell(error.message),
    onSettled: () => {
      queryClient.invalidateQueries({ queryKey: ["class"] });
      queryClient.invalidateQueries({ queryKey: ["bench"] });
    },
  });
  return (
    <AskingList
      title={title}
      asking={asking}
      name={(who) => <b>{who.name}</b>}
      about={(who) => words.wants(who.group, who.adult, who.from)}
      onDecide={(who, letIn) => decide.mutate({ who, letIn })}
    />
  );
}
