import MenuItem from "@mui/material/MenuItem";
import TextField from "@mui/material/TextField";
import { useMutation, useQuery } from "@tanstack/react-query";
import { api, data, type Schemas } from "../api/client";
import { queryClient } from "../api/queryClient";
import { allLanguages, type LanguageTag, languages } from "../languages/languages";
import { useNotice } from "../shell/Notice";
import { words } from "./words";

const HOME = "home";

/** In which language the pages of a student speak: as at home, or another that an adult or the student chose. */
export function PageLanguage({ studentId, mayChange }: { studentId: number; mayChange: boolean }) {
  const tell = useNotice();
  const key = ["student", studentId, "language"];
  const path = { params: { path: { studentId } } };
  const known = useQuery({
    queryKey: key,
    queryFn: () => data(api.GET("/api/students/{studentId}/language", path)),
  }).data;
  const choose = useMutation({
    mutationFn: (body: Schemas["PageLanguage"]) =>
      data(api.PUT("/api/students/{studentId}/language", { ...path, body })),
    onSuccess: (now) => {
      queryClient.setQueryData(key, now);
      tell(words.kept);
    },
    onError: (error) => tell(error.message),
  });
  if (!known) {
    return null;
  }
  return (
    <TextField
      select
      size="small"
      label={words.pageLanguage}
      value={known.chosen ?? HOME}
      disabled={!mayChange || choose.isPending}
      onChange={({ target }) => choose.mutate(target.value === HOME ? {} : { chosen: target.value })}
      sx={{ width: 260, mt: 0.75 }}
    >
      <MenuItem value={HOME}>
        {words.asAtHome({ language: languages[(known.atHome ?? "en") as LanguageTag].name })}
      </MenuItem>
      {allLanguages.map((tag) => (
        <MenuItem key={tag} value={tag} lang={tag}>
          {languages[tag].name}
        </MenuItem>
      ))}
    </TextField>
  );
}
