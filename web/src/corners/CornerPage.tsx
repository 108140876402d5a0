import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import { useEffect, useState } from "react";
import { Link } from "react-router";
import { api, type Schemas } from "../api/client";
import { cornerQuery } from "../api/cornerQueries";
import { queryClient } from "../api/queryClient";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { GroupShape } from "../shell/GroupShape";
import { Waiting } from "../shell/Waiting";
import { CornerSettings } from "./CornerSettings";
import { Folder } from "./Folder";
import { NoticeCard } from "./NoticeCard";
import { TalkCard } from "./TalkCard";
import { TalkDialog } from "./TalkDialog";
import type { CornerDeeds } from "./useCornerDeeds";
import { words } from "./words";

interface Props {
  cornerId: number;
  all: Schemas["CornerCard"][];
  deeds: CornerDeeds;
}

/** One corner: what was said to it, its talk, its folder. Looking at it is having read it. */
export function CornerPage({ cornerId, all, deeds }: Props) {
  const { classId } = useFocus();
  const corner = useQuery(cornerQuery(classId, cornerId)).data;
  const [settingUp, setSettingUp] = useState(false);
  const [beginning, setBeginning] = useState(false);
  const unread = corner?.card.unread ?? 0;
  useEffect(() => {
    if (unread > 0) {
      api
        .POST("/api/corners/{cornerId}/read", { params: { path: { cornerId } } })
        .then(() => queryClient.invalidateQueries({ queryKey: ["class", classId, "corners"], exact: true }))
        .catch(() => undefined);
    }
  }, [unread, cornerId, classId]);
  if (!corner) {
    return <Waiting />;
  }
  const { card, mayChange } = corner;
  return (
    <Box sx={{ flex: 1, minWidth: 0, overflow: "auto", pb: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.25, mb: 1, flexWrap: "wrap" }}>
        <GroupShape look={card.look} size={16} />
        <Box component="h2" sx={{ fontSize: 17 }}>
          {card.group}
        </Box>
        <Box sx={{ color: "var(--z-soft)", flex: 1 }}>{words.called(card.studentName)}</Box>
        {corner.meetingAddress && (
          <Button component="a" href={corner.meetingAddress} target="_blank" rel="noreferrer">
            {words.meeting}
          </Button>
        )}
        {corner.meetsHere && !corner.meetingAddress && (
          <Button component={Link} to={`/classes/${classId}/meetings`}>
            {words.meetings}
          </Button>
        )}
        {mayChange && <Button onClick={() => setSettingUp(true)}>{words.settings}</Button>}
      </Box>
      <Box
        sx={{
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr", lg: "1fr 300px" },
          alignItems: "start",
        }}
      >
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Part title={words.talks} action={mayChange && words.newTalk} onAction={() => setBeginning(true)}>
            {corner.talks.length === 0 && <Empty>{words.noTalks}</Empty>}
            {corner.talks.map((talk) => (
              <TalkCard key={talk.id} talk={talk} mayChange={mayChange} deeds={deeds} />
            ))}
          </Part>
        </Box>
        <Box sx={{ display: "grid", gap: 1.5 }}>
          <Part title={words.notices}>
            {corner.notices.length === 0 && <Empty>{words.noNotices}</Empty>}
            {corner.notices.map((notice) => (
              <NoticeCard key={notice.id} notice={notice} all={all} deeds={deeds} />
            ))}
          </Part>
          <Part title={words.folder}>
            <Folder corner={corner} deeds={deeds} />
          </Part>
        </Box>
      </Box>
      {settingUp && <CornerSettings corner={corner} onClose={() => setSettingUp(false)} />}
      {beginning && <TalkDialog cornerId={cornerId} deeds={deeds} onClose={() => setBeginning(false)} />}
    </Box>
  );
}

interface PartProps {
  title: string;
  action?: string | false;
  onAction?: () => void;
  children: React.ReactNode;
}

function Part({ title, action, onAction, children }: PartProps) {
  return (
    <Card component="section" aria-label={title} sx={{ p: 2 }}>
      <Box sx={{ display: "flex", alignItems: "center", mb: 0.5 }}>
        <Box component="h3" sx={{ fontSize: 15, flex: 1 }}>
          {title}
        </Box>
        {action && (
          <Button size="small" onClick={onAction}>
            {action}
          </Button>
        )}
      </Box>
      {children}
    </Card>
  );
}

function Empty({ children }: { children: string }) {
  return <Box sx={{ color: "var(--z-soft)" }}>{children}</Box>;
}
