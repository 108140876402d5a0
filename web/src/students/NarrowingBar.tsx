import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import TextField from "@mui/material/TextField";
import { useQuery } from "@tanstack/react-query";
import type { RefObject } from "react";
import { useSearchParams } from "react-router";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { supportName } from "../student/needMark";
import { ChoiceChip } from "./ChoiceChip";
import { LevelChip } from "./LevelChip";
import { changed, narrowingOf } from "./narrowing";
import { SavedMenu } from "./SavedMenu";
import { words } from "./words";

interface Props {
  screen: Schemas["StudentsShown"];
  findField: RefObject<HTMLInputElement | null>;
}

/** What the table is narrowed by, each as a chip that is a menu. */
export function NarrowingBar({ screen, findField }: Props) {
  const [search, setSearch] = useSearchParams();
  const classes = useQuery(classesQuery).data?.classes.filter((each) => !each.archived) ?? [];
  const now = narrowingOf(search);
  const { choices } = screen;
  const change = (fields: Parameters<typeof changed>[1]) =>
    setSearch((before) => changed(before, fields), { replace: true });
  const narrowAnew = (to: URLSearchParams) => {
    if (findField.current) {
      findField.current.value = to.get("text") ?? "";
    }
    setSearch(to, { replace: true });
  };
  const bands = choices.bands.flatMap((each) =>
    each.names.map((name, band) => ({
      value: `${each.measureId}/${band}`,
      label: words.bandOf(screen.measures.find((measure) => measure.id === each.measureId)?.name ?? "", name),
    })),
  );
  const narrowed = [...search.keys()].some((key) => !["sort", "descending", "all"].includes(key));
  return (
    <Box
      className="no-print"
      sx={{ display: "flex", gap: 1, alignItems: "center", flexWrap: "wrap" }}
      role="search"
    >
      {classes.length > 1 && (
        <Button
          aria-pressed={search.get("all") === "true"}
          onClick={() => change({ all: search.get("all") !== "true" })}
          sx={search.get("all") === "true" ? { boxShadow: "0 0 0 2px var(--z-ink)" } : {}}
        >
          {words.classes}
        </Button>
      )}
      <ChoiceChip
        what={words.grade}
        value={now.grade?.toString()}
        choices={choices.grades.map((grade) => ({ value: String(grade), label: words.gradeOf({ grade }) }))}
        onChange={(grade) => change({ grade })}
      />
      <ChoiceChip
        what={words.home}
        value={now.home}
        choices={choices.homes.map((home) => ({ value: home, label: home }))}
        onChange={(home) => change({ home })}
      />
      <ChoiceChip
        what={words.band}
        value={now.band === undefined ? undefined : `${now.measureId}/${now.band}`}
        choices={bands}
        onChange={(chosen) => {
          const [measureId, band] = chosen?.split("/") ?? [];
          change({ measureId, band, from: undefined, to: undefined });
        }}
      />
      <LevelChip measures={screen.measures} now={now} onChange={change} />
      <ChoiceChip
        what={words.need}
        value={now.need}
        choices={choices.needs.map((need) => ({ value: need, label: supportName(need) }))}
        onChange={(need) => change({ need })}
      />
      <ChoiceChip
        what={words.tag}
        value={now.tag}
        choices={choices.tags.map((tag) => ({ value: tag, label: tag }))}
        onChange={(tag) => change({ tag })}
      />
      <ChoiceChip
        what={words.here}
        value={now.signedIn}
        choices={(["EVER", "NEVER"] as const).map((value) => ({ value, label: words.hereOf[value] }))}
        onChange={(signedIn) => change({ signedIn })}
      />
      {(choices.archived > 0 || now.archived) && (
        <Button
          aria-pressed={now.archived === true}
          onClick={() => change({ archived: !now.archived })}
          sx={now.archived ? { boxShadow: "0 0 0 2px var(--z-ink)" } : {}}
        >
          {words.archived}
        </Button>
      )}
      <TextField
        inputRef={findField}
        placeholder={words.find}
        // Not bound to the address, which follows a little later: what is typed meanwhile would be lost.
        defaultValue={now.text ?? ""}
        onChange={(event) => change({ text: event.target.value })}
        slotProps={{ htmlInput: { "aria-label": words.find } }}
        sx={{ width: 165, "& input": { py: 0.6 } }}
      />
      <SavedMenu search={search} onChoose={(query) => narrowAnew(new URLSearchParams(query))} />
      {(narrowed || screen.students.length !== screen.total) && (
        <Box role="status" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {words.shown({ count: screen.students.length })}
        </Box>
      )}
      {narrowed && (
        <Button variant="text" onClick={() => narrowAnew(new URLSearchParams())}>
          {words.clear}
        </Button>
      )}
    </Box>
  );
}
