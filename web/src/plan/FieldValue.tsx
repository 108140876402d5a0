import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { dayAndTime } from "../shell/dates";
import type { Field } from "./taskEdit";
import { words } from "./words";

/** One field of a version in words. */
export function FieldValue({ version, field }: { version: Schemas["VersionShown"]; field: Field }) {
  switch (field) {
    case "TITLE":
      return version.title || words.empty;
    case "INSTRUCTIONS":
      return version.instructions || words.empty;
    case "TEXTS":
      return <Texts texts={version.texts} />;
    case "QUESTIONS":
      return version.questions.length === 0
        ? words.empty
        : words.questionCount({ count: version.questions.length, points: version.pointsInAll });
    case "MINUTES":
      return version.minutes === undefined ? words.none_ : words.minutes({ minutes: version.minutes });
    case "OPENS":
      return dayAndTime(version.opens) || words.none_;
    case "DUE":
      return dayAndTime(version.due) || words.none_;
    case "CLOSES":
      return dayAndTime(version.closes) || words.none_;
    case "TRIES":
      return version.tries;
  }
}

function Texts({ texts }: { texts: Schemas["TextRef"][] }) {
  if (texts.length === 0) {
    return words.empty;
  }
  return texts.map((text, i) => (
    <span key={text.id}>
      {i > 0 && " + "}
      {text.title}{" "}
      {text.level !== undefined && (
        <Box component="span" sx={{ fontSize: 12.5, fontWeight: 400 }}>
          {words.level({ level: text.level })}
        </Box>
      )}
    </span>
  ));
}
