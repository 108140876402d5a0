import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { Suspense, useState } from "react";
import { Link, useNavigate } from "react-router";
import { api, data, type Schemas } from "../api/client";
import { tryQuery } from "../api/myQueries";
import { queryClient } from "../api/queryClient";
import { stamped } from "../api/stamp";
import { place } from "../languages/place";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

const BeforeStart = place(() => import("./BeforeStart"));

interface Props {
  card: Schemas["Card"];
  first?: boolean;
}

/** What can be done with a piece of work; a start under time says first what happens. */
export function Actions({ card, first }: Props) {
  const navigate = useNavigate();
  const tell = useNotice();
  const [before, setBefore] = useState(false);
  const start = useMutation({
    mutationFn: async () =>
      stamped(
        await data(api.POST("/api/my/tasks/{taskId}/tries", { params: { path: { taskId: card.taskId } } })),
      ),
    onSuccess: (page) => {
      queryClient.setQueryData(tryQuery(page.id).queryKey, page);
      queryClient.invalidateQueries({ queryKey: ["my", "work"] });
      navigate(`/my/tries/${page.id}`);
    },
    onError: (error) => tell(error.message),
  });
  if (
    (card.excused && card.tryId === undefined) ||
    card.way === "OFF_SCREEN" ||
    card.when === "LATER" ||
    card.when === "MISSED"
  ) {
    return null;
  }
  const begin = () => (card.minutes === undefined ? start.mutate() : setBefore(true));
  const open = () => navigate(`/my/tries/${card.tryId}`);
  const running = card.when === "GOING_ON";
  const size = { py: 0.9, minHeight: 44, fontSize: "1em" };
  return (
    <>
      {card.when === "DONE" ? (
        <Box sx={{ display: "flex", flexWrap: "wrap", gap: 1, mt: 1 }}>
          <Button sx={size} aria-label={`${words.look}: ${card.title}`} onClick={open}>
            {words.look}
          </Button>
          {card.anotherTry && (
            <Button sx={size} disabled={start.isPending} onClick={begin}>
              {words.again}
            </Button>
          )}
          {card.earlier.map((each) => (
            <Button key={each.id} component={Link} to={`/my/tries/${each.id}`} variant="text" sx={size}>
              {words.earlier(each.number, each.earned, each.possible)}
            </Button>
          ))}
        </Box>
      ) : (
        <Button
          variant={first ? "contained" : "outlined"}
          sx={{ ...size, width: first ? "100%" : undefined, mt: 1 }}
          disabled={start.isPending}
          aria-label={`${running ? words.goOn : words.start}: ${card.title}`}
          onClick={running ? open : begin}
        >
          {running ? words.goOn : words.start}
        </Button>
      )}
      <Suspense>
        {before && (
          <BeforeStart
            card={card}
            onClose={() => setBefore(false)}
            onStart={() => {
              setBefore(false);
              start.mutate();
            }}
          />
        )}
      </Suspense>
    </>
  );
}
