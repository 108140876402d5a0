import { useMutation, useQuery } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { shelfQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import type { FocusedGroup } from "./useFocusedGroup";
import { words } from "./words";

type Hit = Schemas["Hit"];

export interface ItemDeeds {
  star: (itemId: number, starred: boolean) => void;
  toggleStar: () => void;
  /** Whether the chosen item lies on the focused group's shelf. */
  onShelf: boolean;
  toggleShelf: () => void;
  putOnShelf: (groupId: number, groupName: string) => void;
  makeTask: () => void;
  intoDraft: (taskId: number, taskName: string) => void;
}

const outOfShelf: readonly Hit["kind"][] = ["QUIZ", "LESSON"];

export function fitsAShelf(hit: Hit): boolean {
  return !outOfShelf.includes(hit.kind);
}

/** What can be done with the chosen item in one action, each with its way back. */
export function useItemDeeds(hit: Hit | undefined, group: FocusedGroup | undefined): ItemDeeds {
  const { classId, arrangement } = useFocus();
  const navigate = useNavigate();
  const tell = useNotice();
  const shelf = useQuery({ ...shelfQuery(group?.id ?? 0), enabled: group !== undefined }).data;
  const onShelf = shelf?.entries.some((entry) => entry.itemId === hit?.id) ?? false;

  const star = useMutation({
    mutationFn: ({ itemId, starred }: { itemId: number; starred: boolean }) =>
      api.PUT("/api/library/items/{itemId}/star", { params: { path: { itemId } }, body: { starred } }),
    onSettled: () => queryClient.invalidateQueries({ queryKey: ["library"] }),
    onError: (error) => tell(error.message),
  });

  const put = async (groupId: number, groupName: string) => {
    if (!hit) {
      return;
    }
    const path = { groupId };
    await attempt(
      () =>
        api.POST("/api/groups/{groupId}/shelf/items", {
          params: { path },
          body: { items: [hit.id], starred: hit.starred },
        }),
      groupId,
      words.onShelf({ title: hit.title, group: groupName }),
      () => take(groupId, groupName),
    );
  };
  const take = async (groupId: number, groupName: string) => {
    if (!hit) {
      return;
    }
    await attempt(
      () =>
        api.POST("/api/groups/{groupId}/shelf/taken-off", {
          params: { path: { groupId } },
          body: { items: [hit.id] },
        }),
      groupId,
      words.offShelf({ title: hit.title, group: groupName }),
      () => put(groupId, groupName),
    );
  };
  const attempt = async (
    act: () => Promise<unknown>,
    groupId: number,
    sentence: string,
    undo: () => void,
  ) => {
    try {
      await act();
      queryClient.invalidateQueries({ queryKey: shelfQuery(groupId).queryKey });
      tell(sentence, undo);
    } catch (error) {
      tell(error instanceof Error ? error.message : String(error));
    }
  };

  const makeTask = useMutation({
    mutationFn: (made: Hit) =>
      data<Schemas["MadeTask"]>(
        api.POST("/api/classes/{classId}/tasks", {
          params: { path: { classId } },
          body: { name: made.title, arrangementId: arrangement?.id, items: [made.id], groupId: group?.id },
        }),
      ),
    onSuccess: (made) => navigate(`/classes/${classId}/plan/${made.id}`),
    onError: (error) => tell(error.message),
  });
  const intoDraft = useMutation({
    mutationFn: ({ taskId }: { taskId: number; taskName: string }) =>
      data(
        api.POST("/api/tasks/{taskId}/materials", {
          params: { path: { taskId } },
          body: { items: hit ? [hit.id] : [] },
        }),
      ),
    onSuccess: (_, { taskId, taskName }) => {
      queryClient.invalidateQueries({ queryKey: ["task", taskId] });
      tell(words.inDraft({ task: taskName }));
    },
    onError: (error) => tell(error.message),
  });

  return {
    star: (itemId, starred) => star.mutate({ itemId, starred }),
    toggleStar: () => hit && star.mutate({ itemId: hit.id, starred: !hit.starred }),
    onShelf,
    toggleShelf: () => {
      if (group && hit && fitsAShelf(hit)) {
        (onShelf ? take : put)(group.id, group.name);
      }
    },
    putOnShelf: put,
    makeTask: () => hit && hit.kind !== "LESSON" && makeTask.mutate(hit),
    intoDraft: (taskId, taskName) => intoDraft.mutate({ taskId, taskName }),
  };
}
