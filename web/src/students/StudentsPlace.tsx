import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useEffect, useMemo, useRef, useState } from "react";
import { Link, useNavigate, useSearchParams } from "react-router";
import { classesQuery, studentsScreenQuery } from "../api/queries";
import { useSelection } from "../arrange/useSelection";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { type KeyHint, useShowKeys } from "../shell/keyHints";
import { changes, handsOutCodes } from "../shell/role";
import { useTypedKeys } from "../shell/useTypedKeys";
import { Waiting } from "../shell/Waiting";
import { MoreMenu } from "./MoreMenu";
import { NarrowingBar } from "./NarrowingBar";
import { narrowingOf, withGroup } from "./narrowing";
import { SelectionBar } from "./SelectionBar";
import { StudentPanel } from "./StudentPanel";
import { StudentTable } from "./StudentTable";
import { words } from "./words";

const keyHints = (): readonly KeyHint[] => [
  [["Shift", "Ctrl"], words.keys.select],
  [["E"], words.keys.scores],
  [["/"], words.keys.find],
];
const lookingKeyHints = () => keyHints().slice(2);

export default function StudentsPlace() {
  const focus = useFocus();
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const findField = useRef<HTMLInputElement>(null);
  const [open, setOpen] = useState<number | null>(null);
  const everyClass = search.get("all") === "true";
  const narrowing = useMemo(
    () => withGroup(narrowingOf(search), focus.group, focus.arrangement?.id),
    [search, focus.group, focus.arrangement],
  );
  const screen = useQuery({
    ...studentsScreenQuery(everyClass ? undefined : focus.classId, narrowing),
    placeholderData: keepPreviousData,
  }).data;
  const classCard = useQuery(classesQuery).data?.classes.find((each) => each.id === focus.classId);
  const ids = useMemo(() => (screen?.students ?? []).map((each) => each.id), [screen]);
  const selection = useSelection(ids);
  const selected = useMemo(() => ids.filter((id) => selection.ids.has(id)), [ids, selection.ids]);
  const mayChange = changes(classCard?.role);
  useShowKeys(mayChange ? keyHints : lookingKeyHints);
  useTypedKeys({
    e: () => mayChange && navigate(`/classes/${focus.classId}/scores`),
    "/": () => findField.current?.focus(),
    escape: selection.clear,
  });
  // Another class, another selection.
  // biome-ignore lint/correctness/useExhaustiveDependencies: only the change of class matters
  useEffect(selection.clear, [everyClass]);
  if (!screen || !classCard) {
    return <Waiting />;
  }
  const opened = screen.students.find((each) => each.id === open);
  return (
    <Box
      sx={{ display: "flex", flexDirection: "column", height: "100%", "@media print": { height: "auto" } }}
    >
      <PlaceHead
        title={everyClass ? words.classes : classCard.name}
        about={words.students({ count: screen.total })}
        between={<NarrowingBar screen={screen} findField={findField} />}
      >
        {mayChange && (
          <Button component={Link} to={`/classes/${focus.classId}/scores`}>
            {words.scores}
          </Button>
        )}
        <Button aria-pressed={focus.projector} onClick={focus.toggleProjector}>
          {focus.projector ? words.projectorOn : words.projector}
        </Button>
        <MoreMenu selected={selected} needs={screen.needsShown} mayChange={mayChange} />
        {mayChange && (
          <Button component={Link} to={`/classes/${focus.classId}/bring-in`} variant="contained">
            {words.bringIn}
          </Button>
        )}
      </PlaceHead>
      <Box sx={{ display: "flex", gap: 1.5, flex: 1, minHeight: 220 }}>
        <Card
          sx={{
            flex: 1,
            minWidth: 0,
            overflow: "hidden",
            display: "flex",
            "@media print": { overflow: "visible" },
          }}
        >
          {screen.students.length > 0 ? (
            <StudentTable
              screen={screen}
              narrowing={narrowing}
              open={open}
              onOpen={setOpen}
              selection={selection}
            />
          ) : (
            <Box sx={{ p: 3 }}>{screen.total === 0 ? words.nobody : words.nobodyShown}</Box>
          )}
        </Card>
        {opened && (
          <StudentPanel key={opened.id} student={opened} screen={screen} onClose={() => setOpen(null)} />
        )}
      </Box>
      {selected.length > 0 && handsOutCodes(classCard.role) && (
        <SelectionBar
          selected={selected}
          screen={screen}
          archived={narrowing.archived === true}
          mayChange={mayChange}
          onDone={selection.clear}
        />
      )}
    </Box>
  );
}
