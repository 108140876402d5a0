import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import MenuItem from "@mui/material/MenuItem";
import Select from "@mui/material/Select";
import { useQuery } from "@tanstack/react-query";
import { useState } from "react";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { Card, PlaceHead } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { type Role, useRole } from "../shell/role";
import { Waiting } from "../shell/Waiting";
import { ColleagueDialog } from "./ColleagueDialog";
import { InviteDialog } from "./InviteDialog";
import { Invited } from "./Invited";
import { inviteWords } from "./inviteWords";
import { classAdultsQuery } from "./sharingQueries";
import { useSharing } from "./useSharing";
import { words } from "./words";

/** Who works in the class, and as what; its owners and administrators say so. */
export default function SharingPlace() {
  const { classId } = useFocus();
  const adults = useQuery(classAdultsQuery(classId)).data;
  const administrator = useQuery(classesQuery).data?.administrator === true;
  const mayShare = useRole(classId) === "OWNER" || administrator;
  const [opened, setOpened] = useState<"colleague" | "mail" | null>(null);
  const close = () => setOpened(null);
  if (!adults) {
    return <Waiting />;
  }
  return (
    <Box sx={{ maxWidth: 860 }}>
      <PlaceHead title={words.title}>
        {mayShare && (
          <>
            <Button onClick={() => setOpened("mail")}>{inviteWords.open}</Button>
            <Button variant="contained" onClick={() => setOpened("colleague")}>
              {words.add}
            </Button>
          </>
        )}
      </PlaceHead>
      <Box sx={{ color: "var(--z-soft)", mb: 1.5 }}>{words.about}</Box>
      <Card component="ul" sx={{ listStyle: "none", m: 0, p: 0 }}>
        {adults.map((adult, i) => (
          <AdultRow key={adult.id} adult={adult} first={i === 0} mayShare={mayShare} />
        ))}
      </Card>
      {mayShare && <Invited classId={classId} />}
      {opened === "mail" && <InviteDialog classId={classId} onClose={close} />}
      {opened === "colleague" && (
        <ColleagueDialog classId={classId} here={adults.map((each) => each.id)} onClose={close} />
      )}
    </Box>
  );
}

interface RowProps {
  adult: Schemas["AdultOfClass"];
  first: boolean;
  mayShare: boolean;
}

function AdultRow({ adult, first, mayShare }: RowProps) {
  const { classId } = useFocus();
  const { give, take } = useSharing(classId);
  return (
    <Box
      component="li"
      sx={{
        display: "flex",
        gap: 2,
        alignItems: "center",
        px: 2,
        py: 1,
        borderTop: first ? 0 : "1px solid var(--z-line)",
      }}
    >
      <Box sx={{ flex: 1 }}>
        <b>{adult.displayName}</b>
        <Box sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>{words.means[adult.role]}</Box>
      </Box>
      {mayShare ? (
        <>
          <Select
            size="small"
            value={adult.role}
            inputProps={{ "aria-label": words.roleOf({ name: adult.displayName }) }}
            onChange={(event) => give.mutate({ adult, role: event.target.value as Role, before: adult.role })}
            sx={{ minWidth: 190 }}
          >
            {(Object.keys(words.roles) as Role[]).map((each) => (
              <MenuItem key={each} value={each}>
                {words.roles[each]}
              </MenuItem>
            ))}
          </Select>
          <Button
            variant="text"
            sx={{ minWidth: 0 }}
            aria-label={words.take({ name: adult.displayName })}
            onClick={() => take.mutate(adult)}
          >
            ✕
          </Button>
        </>
      ) : (
        <Box>{words.roles[adult.role]}</Box>
      )}
    </Box>
  );
}
