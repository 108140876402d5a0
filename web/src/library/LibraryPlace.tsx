import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { keepPreviousData, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { Link } from "react-router";
import { ofThePage } from "../api/ofThePage";
import { findQuery } from "../api/queries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { type KeyHint, useShowKeys } from "../shell/keyHints";
import { useTypedKeys } from "../shell/useTypedKeys";
import { Waiting } from "../shell/Waiting";
import { BringInPackage } from "./BringInPackage";
import { Hits } from "./Hits";
import { ItemPane } from "./ItemPane";
import { Narrow } from "./Narrow";
import { isNarrowed, useNarrowing } from "./narrowing";
import { SearchField } from "./SearchField";
import { ShelfDialog } from "./ShelfDialog";
import { useChosenHit } from "./useChosenHit";
import { useFocusedGroup } from "./useFocusedGroup";
import { useItemDeeds } from "./useItemDeeds";
import { WriteMenu } from "./WriteMenu";
import { words } from "./words";

const keys = (): readonly KeyHint[] => [
  [["S"], words.keys.shelf],
  [["T"], words.keys.task],
  [["*"], words.keys.star],
  [["↑", "↓"], words.keys.look],
];

/** Left what to narrow by, in the middle what fits best first, right the chosen one as a student sees it. */
export default function LibraryPlace() {
  const { classId } = useFocus();
  const group = useFocusedGroup();
  const [narrowing, narrow] = useNarrowing();
  const [shelfOpen, setShelfOpen] = useState(false);
  const [bringingIn, setBringingIn] = useState(false);
  const { data: found, isPlaceholderData } = useQuery({
    ...findQuery(classId, group?.id, narrowing),
    placeholderData: keepPreviousData,
    meta: ofThePage,
  });
  const { hit, choose } = useChosenHit(found, JSON.stringify([narrowing, group?.id]), isPlaceholderData);
  const deeds = useItemDeeds(hit, group);
  useShowKeys(keys);
  const look = (by: number) => {
    const at = found?.hits.findIndex((each) => each.id === hit?.id) ?? -1;
    const next = found?.hits[at + by];
    if (next) {
      choose(next.id);
      document.getElementById(`hit-${next.id}`)?.scrollIntoView({ block: "nearest" });
    }
  };
  useTypedKeys({
    s: () => deeds.toggleShelf(),
    t: () => deeds.makeTask(),
    "*": () => deeds.toggleStar(),
    arrowdown: () => look(1),
    arrowup: () => look(-1),
  });
  if (!found) {
    return <Waiting />;
  }
  const nothingAtAll = found.total === 0 && !isNarrowed(narrowing);
  return (
    <Box sx={{ height: { md: "100%" }, display: "flex", flexDirection: "column" }}>
      <PlaceHead
        title={words.title}
        between={
          <>
            <SearchField
              value={narrowing.words ?? ""}
              onSearch={(text) => narrow({ ...narrowing, words: text })}
            />
            <Button variant="text" component={Link} to={`/classes/${classId}/library/units`}>
              {words.units}
            </Button>
            <Button variant="text" component={Link} to={`/classes/${classId}/library/skills`}>
              {words.skills}
            </Button>
            {group && (
              <Button variant="text" onClick={() => setShelfOpen(true)}>
                {words.shelf({ group: group.name })}
              </Button>
            )}
          </>
        }
      >
        <Button onClick={() => setBringingIn(true)}>{words.bringIn}</Button>
        {!nothingAtAll && (
          <Button component="a" href="/api/library/packages" title={words.giveAllAbout}>
            {words.giveAll}
          </Button>
        )}
        <WriteMenu classId={classId} />
      </PlaceHead>
      <Box
        sx={{
          flex: 1,
          minHeight: 0,
          display: "grid",
          gap: 1.5,
          gridTemplateColumns: { xs: "1fr", md: "200px minmax(300px, 420px) minmax(360px, 1fr)" },
          overflow: { md: "hidden" },
        }}
      >
        <Narrow found={found} group={group} narrowing={narrowing} onNarrow={narrow} />
        <Card
          component="section"
          aria-label={words.list}
          sx={{ overflow: "auto", minHeight: 0, maxHeight: { xs: 420, md: "none" } }}
        >
          {nothingAtAll ? (
            <Box sx={{ p: 2 }}>{words.empty}</Box>
          ) : (
            <Hits
              found={found}
              chosen={hit?.id}
              onChoose={choose}
              onStar={deeds.star}
              onClear={() => narrow({})}
            />
          )}
        </Card>
        {hit && <ItemPane key={hit.id} hit={hit} group={group} deeds={deeds} />}
      </Box>
      {shelfOpen && group && <ShelfDialog group={group} onClose={() => setShelfOpen(false)} />}
      {bringingIn && <BringInPackage classId={classId} onClose={() => setBringingIn(false)} />}
    </Box>
  );
}
