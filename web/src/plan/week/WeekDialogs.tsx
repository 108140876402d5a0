import type { Schemas } from "../../api/client";
import { DaysDialog } from "./DaysDialog";
import { FeedsDialog } from "./FeedsDialog";
import { GroupSettingsDialog } from "./GroupSettingsDialog";
import { HandOutWeekDialog } from "./HandOutWeekDialog";
import { SessionDialog } from "./SessionDialog";
import { StaggerDialog } from "./StaggerDialog";
import { TimesDialog } from "./TimesDialog";
import type { WeekDeeds } from "./useWeekDeeds";
import type { WeekOpen } from "./weekOpen";

interface Props {
  open: WeekOpen;
  week: Schemas["Week"];
  deeds: WeekDeeds;
  onClose: () => void;
}

export function WeekDialogs({ open, week, deeds, onClose }: Props) {
  switch (open?.kind) {
    case "days":
      return <DaysDialog bar={open.bar} deeds={deeds} onClose={onClose} />;
    case "session":
      return (
        <SessionDialog session={open.session} deeds={deeds} mayChange={week.mayChange} onClose={onClose} />
      );
    case "settings":
      return <GroupSettingsDialog groupId={open.groupId} name={open.name} onClose={onClose} />;
    case "times":
      return <TimesDialog onClose={onClose} />;
    case "feeds":
      return <FeedsDialog onClose={onClose} />;
    case "handOut":
      return <HandOutWeekDialog week={week} deeds={deeds} onClose={onClose} />;
    case "stagger":
      return <StaggerDialog week={week} deeds={deeds} onClose={onClose} />;
    case undefined:
      return null;
  }
}
