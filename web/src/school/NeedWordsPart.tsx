import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { day } from "../shell/dates";
import { useNotice } from "../shell/Notice";
import { needMark } from "../student/needMark";
import { Row, Rows } from "./Rows";
import { words } from "./words";

const key = ["need-words"];

function meaning(word: Schemas["NeedWordShown"]): string {
  const mark = needMark({ support: word.support, amount: word.amount, detail: "" });
  return word.amount === undefined ? mark.full : `${mark.full}, ${mark.short}`;
}

/** What the school's lists call needs, as those who imported them said once; a word that is forgotten is asked about again. */
export function NeedWordsPart() {
  const known = useQuery({ queryKey: key, queryFn: () => data(api.GET("/api/school/need-words")) }).data;
  const tell = useNotice();
  const forget = useMutation({
    mutationFn: (wordId: number) =>
      api.DELETE("/api/school/need-words/{wordId}", { params: { path: { wordId } } }),
    onSuccess: () => queryClient.invalidateQueries({ queryKey: key }),
    onError: (error) => tell(error.message),
  });
  return (
    <>
      <Box sx={{ mb: 1.5, color: "var(--z-soft)", maxWidth: 720 }}>
        {known?.length === 0 ? words.needWords.none : words.needWords.about}
      </Box>
      <Rows>
        {(known ?? []).map((each) => (
          <Row key={each.id}>
            <Box sx={{ flex: 1 }}>
              <b>“{each.word}”</b> {words.needWords.is} {meaning(each)}{" "}
              <Box component="span" sx={{ color: "var(--z-soft)" }}>
                {each.saidBy} · {day(each.saidAt)}
              </Box>
            </Box>
            <Button disabled={forget.isPending} onClick={() => forget.mutate(each.id)}>
              {words.needWords.forget}
            </Button>
          </Row>
        ))}
      </Rows>
    </>
  );
}
