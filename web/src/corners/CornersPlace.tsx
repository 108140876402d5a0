import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link, useNavigate, useParams } from "react-router";
import { cornersQuery } from "../api/cornerQueries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { useNotice } from "../shell/Notice";
import { Waiting } from "../shell/Waiting";
import { CornerList } from "./CornerList";
import { CornerPage } from "./CornerPage";
import { NoticeDialog } from "./NoticeDialog";
import { useCornerDeeds } from "./useCornerDeeds";
import { words } from "./words";

/** All corners in one column, to go from one to the next; beside it the one that is looked at. */
export default function CornersPlace() {
  const { classId } = useFocus();
  const all = useQuery(cornersQuery(classId)).data;
  const navigate = useNavigate();
  const tell = useNotice();
  const deeds = useCornerDeeds();
  const chosen = Number(useParams().cornerId);
  const [saying, setSaying] = useState(false);
  if (!all) {
    return <Waiting />;
  }
  const corner = all.corners.find((each) => each.id === chosen) ?? all.corners[0];
  return (
    <Box sx={{ display: "flex", flexDirection: "column", height: "100%", minHeight: 0 }}>
      <PlaceHead title={words.title} about={words.about}>
        {all.mayChange && (
          <Button variant="contained" onClick={() => setSaying(true)}>
            {words.newNotice}
          </Button>
        )}
      </PlaceHead>
      <Box
        sx={{ display: "flex", gap: 1.5, flex: 1, minHeight: 0, flexDirection: { xs: "column", md: "row" } }}
      >
        <Box sx={{ width: { md: 270 }, flex: "none", overflow: "auto", maxHeight: { xs: 220, md: "none" } }}>
          <CornerList corners={all.corners} chosen={corner?.id} />
          {all.mayChange && all.without.length > 0 && (
            <Box component="section" sx={{ mt: 2 }}>
              <Box component="h2" sx={{ fontSize: 13, color: "var(--z-soft)", mb: 0.5 }}>
                {words.without}
              </Box>
              {all.without.map((group) => (
                <Box key={group.groupId} sx={{ display: "flex", alignItems: "center", gap: 1, py: 0.25 }}>
                  <GroupShape look={group.look} size={12} />
                  <Box sx={{ flex: 1, minWidth: 0 }}>
                    {group.name}{" "}
                    <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12 }}>
                      {group.arrangement}
                    </Box>
                  </Box>
                  <Button
                    size="small"
                    aria-label={words.openFor({ name: group.name })}
                    onClick={() =>
                      deeds.open.mutate(group, {
                        onSuccess: ({ id }) => {
                          tell(words.opened({ name: group.name }));
                          navigate(`/classes/${classId}/corners/${id}`);
                        },
                      })
                    }
                  >
                    {words.open}
                  </Button>
                </Box>
              ))}
            </Box>
          )}
        </Box>
        {corner ? (
          <CornerPage key={corner.id} cornerId={corner.id} deeds={deeds} all={all.corners} />
        ) : (
          <Card sx={{ p: 3, flex: 1, alignSelf: "start" }}>
            {all.without.length > 0 ? (
              words.none
            ) : (
              <Link to={`/classes/${classId}/arrange`}>{words.noGroups}</Link>
            )}
          </Card>
        )}
      </Box>
      {saying && (
        <NoticeDialog
          corners={all.corners}
          chosen={corner ? [corner.id] : []}
          onClose={() => setSaying(false)}
        />
      )}
    </Box>
  );
}
