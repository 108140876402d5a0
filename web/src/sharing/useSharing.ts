import { useMutation } from "@tanstack/react-query";
import { api, type Schemas } from "../api/client";
import { useNotice } from "../shell/Notice";
import type { Role } from "../shell/role";
import { sharingChanged } from "./sharingQueries";
import { words } from "./words";

type Adult = Pick<Schemas["AdultOfClass"], "id" | "displayName">;

/** Gives and takes roles in a class; each can be undone from its notice. */
export function useSharing(classId: number) {
  const tell = useNotice();
  const path = (adultId: number) => ({ params: { path: { classId, adultId } } });
  const put = (adult: Adult, role: Role) =>
    api.PUT("/api/classes/{classId}/adults/{adultId}", { ...path(adult.id), body: { role } });
  const remove = (adult: Adult) => api.DELETE("/api/classes/{classId}/adults/{adultId}", path(adult.id));
  const settled = {
    onSuccess: () => sharingChanged(classId),
    onError: (error: Error) => tell(error.message),
  };
  const back = useMutation({
    mutationFn: ({ adult, before }: { adult: Adult; before: Role | undefined }) =>
      before ? put(adult, before) : remove(adult),
    ...settled,
  });
  const give = useMutation({
    mutationFn: ({ adult, role }: { adult: Adult; role: Role; before: Role | undefined }) => put(adult, role),
    ...settled,
    onSuccess: (_, { adult, role, before }) => {
      sharingChanged(classId);
      tell(words.given(adult.displayName, role), () => back.mutate({ adult, before }));
    },
  });
  const take = useMutation({
    mutationFn: (adult: Schemas["AdultOfClass"]) => remove(adult),
    ...settled,
    onSuccess: (_, adult) => {
      sharingChanged(classId);
      tell(words.taken({ name: adult.displayName }), () => back.mutate({ adult, before: adult.role }));
    },
  });
  return { give, take };
}
