import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { myWorkQuery, tryQuery } from "../api/queries";
import { queryClient } from "../api/queryClient";
import { Mark } from "../shell/Mark";
import { useNotice } from "../shell/Notice";
import { signOut } from "../shell/TopBar";
import { Waiting } from "../shell/Waiting";
import { MyCalendar } from "./MyCalendar";
import { MyShelf } from "./MyShelf";
import { MySurveys } from "./MySurveys";
import { WorkList } from "./WorkList";
import { words } from "./words";

export default function MyWorkPlace() {
  const work = useQuery(myWorkQuery).data;
  if (!work) {
    return <Waiting />;
  }
  return (
    <Box component="main" sx={{ maxWidth: 640, mx: "auto", p: 2, fontSize: 17 }}>
      <Box sx={{ display: "flex", alignItems: "center", gap: 1.25, mb: 1 }}>
        <Mark size={30} />
        <Box component="h1" sx={{ fontSize: 21, flex: 1 }}>
          {words.greeting(work.givenName, work.localNow)}
        </Box>
        <Button onClick={signOut}>{words.signOut}</Button>
      </Box>
      <MyShelf />
      <WorkList
        work={work}
        actions={(card, first) => <Actions card={card} first={first} />}
        between={<MySurveys />}
      />
      <MyCalendar />
    </Box>
  );
}

function Actions({ card, first }: { card: Schemas["Card"]; first?: boolean }) {
  const navigate = useNavigate();
  const tell = useNotice();
  const start = useMutation({
    mutationFn: () =>
      data<Schemas["TryPage"]>(
        api.POST("/api/my/tasks/{taskId}/tries", { params: { path: { taskId: card.taskId } } }),
      ),
    onSuccess: (page) => {
      queryClient.setQueryData(tryQuery(page.id).queryKey, page);
      navigate(`/my/tries/${page.id}`);
    },
    onError: (error) => tell(error.message),
  });
  const size = { py: 0.9, fontSize: 17, width: first ? "100%" : undefined, mt: 1 };
  const open = () => navigate(`/my/tries/${card.tryId}`);
  if (card.way === "OFF_SCREEN") {
    return null;
  }
  if (card.when === "NOW" || card.when === "GOING_ON") {
    const label = card.when === "NOW" ? words.start : words.goOn;
    return (
      <>
        {card.when === "NOW" && card.minutes !== undefined && first && (
          <Box sx={{ fontSize: 15, color: "var(--z-soft)", mt: 0.5 }}>{words.starting(card.minutes)}</Box>
        )}
        <Button
          variant={first ? "contained" : "outlined"}
          sx={size}
          disabled={start.isPending}
          aria-label={`${label}: ${card.title}`}
          onClick={() => (card.when === "NOW" ? start.mutate() : open())}
        >
          {label}
        </Button>
      </>
    );
  }
  if (card.when !== "DONE") {
    return null;
  }
  return (
    <Box sx={{ display: "flex", gap: 1 }}>
      <Button sx={size} aria-label={`${words.look}: ${card.title}`} onClick={open}>
        {words.look}
      </Button>
      {card.anotherTry && (
        <Button sx={size} disabled={start.isPending} onClick={() => start.mutate()}>
          {words.again}
        </Button>
      )}
    </Box>
  );
}
