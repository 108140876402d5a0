import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { queryOptions, useMutation, useQuery } from "@tanstack/react-query";
import dayjs from "dayjs";
import { useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { GroupShape } from "../shell/GroupShape";
import { useNotice } from "../shell/Notice";
import { changes, useRole } from "../shell/role";
import { words } from "./words";

type Shared = Schemas["SharedArrangement"];

const sharedQuery = (classId: number) =>
  queryOptions({
    queryKey: ["class", classId, "shared-arrangements"],
    queryFn: () =>
      data(api.GET("/api/classes/{classId}/shared-arrangements", { params: { path: { classId } } })),
  });

/** Groups of colleagues that hold students of this class; taking them makes an arrangement of one's own. */
export function SharedWithUs({ classId }: { classId: number }) {
  const mayChange = changes(useRole(classId));
  const shared = useQuery({ ...sharedQuery(classId), enabled: mayChange }).data ?? [];
  const now = useQuery(classesQuery).data?.now;
  const navigate = useNavigate();
  const tell = useNotice();
  const take = useMutation({
    mutationFn: ({ id, name }: Shared) =>
      data<Schemas["MadeArrangement"]>(
        api.POST("/api/classes/{classId}/shared-arrangements/{arrangementId}", {
          params: { path: { classId, arrangementId: id } },
          body: {
            name,
            beginsOn: dayjs(now).format("YYYY-MM-DD"),
            endsOn: dayjs(now).add(6, "week").format("YYYY-MM-DD"),
          },
        }),
      ),
    onSuccess: async ({ id }, { name }) => {
      await queryClient.invalidateQueries({ queryKey: ["class", classId, "arrangements"] });
      tell(words.shared.taken({ name }));
      navigate(`/classes/${classId}/arrange/${id}`);
    },
    onError: (error) => tell(error.message),
  });
  if (shared.length === 0) {
    return null;
  }
  return (
    <Box component="section" aria-labelledby="shared-with-us" sx={{ mt: 3 }}>
      <Box component="h2" id="shared-with-us" sx={{ fontSize: 14, color: "var(--z-soft)" }}>
        {words.shared.heading}
      </Box>
      {shared.map((each) => (
        <Box
          key={each.id}
          sx={{ display: "flex", alignItems: "center", flexWrap: "wrap", gap: 1.5, py: 0.5 }}
        >
          <b>{each.name}</b>
          <Box component="span" sx={{ color: "var(--z-soft)" }}>
            {words.shared.of(each.subject, each.className, each.by)}
          </Box>
          {each.groups.map((group) => (
            <Box key={group.name} component="span" sx={{ display: "flex", gap: 0.5, alignItems: "center" }}>
              <GroupShape look={group.look} size={12} /> {group.name}{" "}
              {words.shared.here(group.here, group.members)}
            </Box>
          ))}
          <Button size="small" disabled={take.isPending} onClick={() => take.mutate(each)}>
            {words.shared.take}
          </Button>
        </Box>
      ))}
    </Box>
  );
}
