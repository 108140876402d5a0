import Button from "@mui/material/Button";
import { useMutation } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { LongWork, useLongWork } from "../shell/LongWork";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

/** Follows all links of the library now, rather than tonight. */
export function CheckLinks() {
  const tell = useNotice();
  const work = useLongWork();
  const check = useMutation({
    mutationFn: () =>
      work.run((headers) =>
        data<Schemas["LinkStates"]>(api.POST("/api/library/links/followed", { headers })),
      ),
    onSuccess: ({ states }) => {
      queryClient.invalidateQueries({ queryKey: ["library"] });
      const broken = Object.values(states).filter(({ state }) => state !== "GOOD" && state !== "MOVED");
      tell(words.checked(broken.length));
    },
    onError: (error) => tell(error.message),
  });
  return (
    <>
      <Button
        size="small"
        variant="text"
        sx={{ mt: 1, ml: -1 }}
        disabled={check.isPending}
        onClick={() => check.mutate()}
      >
        {check.isPending ? words.checking : words.checkLinks}
      </Button>
      <LongWork workKey={work.key} />
    </>
  );
}
