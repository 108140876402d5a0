import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useMutation, useQuery } from "@tanstack/react-query";
import { useState } from "react";
import { api, type Schemas } from "../api/client";
import { studentNeedsQuery } from "../api/queries";
import { day } from "../shell/dates";
import { useFocus } from "../shell/focus";
import { useNotice } from "../shell/Notice";
import { GrantDialog } from "./GrantDialog";
import { needMark } from "./needMark";
import { Part } from "./Part";
import { PlanDialog } from "./PlanDialog";
import { refreshNeeds } from "./refreshNeeds";
import { words } from "./words";

interface Props {
  studentId: number;
  mayChange: boolean;
}

/** What a student needs, in detail. The detail is asked for only when wanted: every look is noted. */
export function NeedsPart({ studentId, mayChange }: Props) {
  const { projector } = useFocus();
  const [wanted, setWanted] = useState(false);
  if (projector) {
    return (
      <Part title={words.needs}>
        <Box sx={{ color: "var(--z-soft)" }}>{words.hidden}</Box>
      </Part>
    );
  }
  return wanted ? (
    <Detail studentId={studentId} mayChange={mayChange} />
  ) : (
    <Part title={words.needs}>
      <Box>
        <Button onClick={() => setWanted(true)}>{words.lookAtNeeds}</Button>
      </Box>
    </Part>
  );
}

function Detail({ studentId, mayChange }: Props) {
  const sheet = useQuery(studentNeedsQuery(studentId)).data;
  const [opened, setOpened] = useState<"grant" | "plan" | null>(null);
  const tell = useNotice();
  if (!sheet) {
    return null;
  }
  return (
    <Part title={words.needs} about={words.seenBy({ count: sheet.seenBy })}>
      {sheet.accommodations.length === 0 && <Box sx={{ color: "var(--z-soft)" }}>{words.noNeeds}</Box>}
      {sheet.plans.map((plan) => (
        <Box key={plan.id} sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
          {[plan.kind, plan.source, plan.to && words.to({ day: day(plan.to) })].filter(Boolean).join(" · ")}
        </Box>
      ))}
      {sheet.accommodations.map((each) => (
        <Accommodation key={each.id} studentId={studentId} granted={each} mayChange={mayChange} />
      ))}
      {mayChange && (
        <Box sx={{ display: "flex", gap: 1 }}>
          <Button onClick={() => setOpened("grant")}>{words.addNeed}</Button>
          <Button onClick={() => setOpened("plan")}>{words.addPlan}</Button>
        </Box>
      )}
      {opened === "grant" && (
        <GrantDialog
          plans={sheet.plans}
          grant={(body) =>
            api.POST("/api/students/{studentId}/accommodations", { params: { path: { studentId } }, body })
          }
          onGranted={(_, what) => {
            refreshNeeds();
            tell(words.granted({ what }));
          }}
          onClose={() => setOpened(null)}
        />
      )}
      {opened === "plan" && <PlanDialog studentId={studentId} onClose={() => setOpened(null)} />}
    </Part>
  );
}

interface GrantedProps extends Props {
  granted: Schemas["AccommodationShown"];
}

function Accommodation({ studentId, granted, mayChange }: GrantedProps) {
  const tell = useNotice();
  const said = needMark(granted);
  const path = { params: { path: { studentId, accommodationId: granted.id } } };
  const again = useMutation({
    mutationFn: () =>
      api.POST("/api/students/{studentId}/accommodations/{accommodationId}/grant-again", path),
    onSuccess: () => refreshNeeds(),
  });
  const end = useMutation({
    mutationFn: () => api.POST("/api/students/{studentId}/accommodations/{accommodationId}/end", path),
    onSuccess: () => {
      refreshNeeds();
      tell(words.ended({ what: said.full }), () => again.mutate());
    },
    onError: (error) => tell(error.message),
  });
  const limits = [
    granted.works.map((kind) => words.workKinds[kind]).join(", ") || words.allWork,
    granted.subjects.join(", "),
    granted.from && !granted.inForce && words.from({ day: day(granted.from) }),
    granted.to && words.to({ day: day(granted.to) }),
    granted.source,
    !granted.inForce && words.notNow,
  ].filter(Boolean);
  return (
    <Box sx={{ display: "flex", alignItems: "baseline", gap: 1, opacity: granted.inForce ? 1 : 0.75 }}>
      <Box sx={{ flex: 1 }}>
        {said.full}
        {said.much && ` ${said.much}`}{" "}
        <Box component="span" sx={{ color: "var(--z-soft)", fontSize: 12.5 }}>
          {limits.join(" · ")}
        </Box>
      </Box>
      {mayChange && (
        <Button
          variant="text"
          size="small"
          aria-label={words.end({ what: said.full })}
          onClick={() => end.mutate()}
        >
          {words.end({ what: "" }).trim()}
        </Button>
      )}
    </Box>
  );
}
