import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { fileBody } from "../api/cornerQueries";
import { queryClient } from "../api/queryClient";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/** What an adult does in corners; whatever takes something away can be undone. */
export function useCornerDeeds() {
  const { classId } = useFocus();
  const tell = useNotice();
  const again = () => queryClient.invalidateQueries({ queryKey: ["class", classId, "corners"] });
  const common = { onError: (error: Error) => tell(error.message), onSettled: again };
  const open = useMutation({
    ...common,
    mutationFn: (group: Schemas["GroupWithout"]) =>
      data<Schemas["CornerMade"]>(
        api.POST("/api/groups/{groupId}/corner", { params: { path: { groupId: group.groupId } } }),
      ),
  });
  const removeNotice = useMutation({
    ...common,
    mutationFn: ({ id, removed }: { id: number; removed: boolean }) =>
      api.PUT("/api/notices/{noticeId}/removed", { params: { path: { noticeId: id } }, body: { removed } }),
    onSuccess: (_, { id, removed }) =>
      removed && tell(words.removed, () => removeNotice.mutate({ id, removed: false })),
  });
  const changeTalk = useMutation({
    ...common,
    mutationFn: ({ id, ...body }: Schemas["TalkEdit"] & { id: number }) =>
      api.PUT("/api/talks/{talkId}", { params: { path: { talkId: id } }, body }),
    onSuccess: (_, talk) =>
      talk.closed &&
      tell(words.nowClosed, () => changeTalk.mutate({ ...talk, closed: false, version: talk.version + 1 })),
  });
  const begin = useMutation({
    ...common,
    mutationFn: ({ cornerId, ...body }: Schemas["TalkEdit"] & { cornerId: number }) =>
      api.POST("/api/corners/{cornerId}/talks", { params: { path: { cornerId } }, body }),
  });
  const post = useMutation({
    ...common,
    mutationFn: ({ talkId, ...body }: Schemas["PostWritten"] & { talkId: number }) =>
      api.POST("/api/talks/{talkId}/posts", { params: { path: { talkId } }, body }),
  });
  const hide = useMutation({
    ...common,
    mutationFn: ({ postId, hidden }: { postId: number; hidden: boolean }) =>
      api.PUT("/api/posts/{postId}/hidden", { params: { path: { postId } }, body: { hidden } }),
    onSuccess: (_, { postId, hidden }) =>
      hidden && tell(words.nowHidden, () => hide.mutate({ postId, hidden: false })),
  });
  const addFile = useMutation({
    ...common,
    mutationFn: ({ cornerId, file }: { cornerId: number; file: File }) =>
      api.POST("/api/corners/{cornerId}/files", { params: { path: { cornerId } }, ...fileBody(file) }),
  });
  const removeFile = useMutation({
    ...common,
    mutationFn: ({ file, removed }: { file: Schemas["CornerFileShown"]; removed: boolean }) =>
      api.PUT("/api/corner-files/{fileId}/removed", {
        params: { path: { fileId: file.id } },
        body: { removed },
      }),
    onSuccess: (_, { file, removed }) =>
      removed &&
      tell(words.takenAway({ name: file.name }), () => removeFile.mutate({ file, removed: false })),
  });
  return { open, removeNotice, changeTalk, begin, post, hide, addFile, removeFile };
}

export type CornerDeeds = ReturnType<typeof useCornerDeeds>;
