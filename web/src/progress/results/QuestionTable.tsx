import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import type { Schemas } from "../../api/client";
import { inWords } from "../../asked/answers";
import { Html } from "../../asked/Html";
import { GroupShape } from "../../shell/GroupShape";
import { TakenOut } from "./TakenOut";
import type { Missed } from "./useMissedDeeds";
import { words } from "./words";

/** Names of these students, with commas between. */
export function listed(ids: number[], names: Map<number, string>): string {
  return ids.map((id) => names.get(id) ?? "").join(", ");
}

const table = {
  borderCollapse: "collapse",
  width: "100%",
  "& th, & td": { borderBottom: "1px solid var(--z-line)", p: 1, verticalAlign: "top", textAlign: "left" },
  "& td.share, & th.share": { textAlign: "center", whiteSpace: "nowrap", width: 96 },
} as const;

interface Props {
  results: Schemas["ResultsShown"];
  names: Map<number, string>;
  /** Makes a group of those who missed something; absent for whoever may only look. */
  onGroup?: (missed: Missed) => void;
}

/** Share of the points by question and group, with what was answered otherwise. */
export function QuestionTable({ results, names, onGroup }: Props) {
  return (
    <Box component="table" sx={table}>
      <thead>
        <tr>
          <th scope="col" colSpan={2}>
            {words.question}
          </th>
          <th scope="col" className="share">
            {words.all}
          </th>
          {results.groups.map((group) => (
            <th key={group.id ?? "none"} scope="col" className="share">
              <Box sx={{ display: "flex", gap: 0.75, justifyContent: "center", alignItems: "center" }}>
                {group.look !== undefined && <GroupShape look={group.look} size={12} />}
                {group.name || words.notPlaced}
              </Box>
              <Box sx={{ fontWeight: 400, fontSize: 12, color: "var(--z-soft)" }}>{words.group(group)}</Box>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {results.questions.map((question, i) => (
          <tr key={question.sheet.id}>
            <td>{i + 1}</td>
            <td>
              <Html html={question.sheet.prompt} />
              <Box sx={{ fontSize: 12.5, color: "var(--z-soft)" }}>
                {[
                  question.skill,
                  question.takenOut ? words.isOut[question.takenOut] : words.missed(question.missed.length),
                  question.toMark > 0 && words.toMark({ count: question.toMark }),
                ]
                  .filter(Boolean)
                  .join(" · ")}
              </Box>
              <Wrong question={question} names={names} />
              {onGroup && question.missed.length > 0 && (
                <Button
                  className="no-print"
                  size="small"
                  variant="text"
                  onClick={() =>
                    onGroup({
                      name: words.missedAs({ task: results.name, number: i + 1 }),
                      students: question.missed,
                    })
                  }
                >
                  {words.groupMissed({ count: question.missed.length })}
                </Button>
              )}
              {onGroup && <TakenOut taskId={results.taskId} question={question} />}
            </td>
            <td className="share">
              <b>{words.share(question.share)}</b>
            </td>
            {question.shares.map((each, place) => (
              <td key={results.groups[place]?.id ?? "none"} className="share">
                <Share share={each.share} />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}

/** A number with a bar as long as the share; no colour says good or bad. */
function Share({ share }: { share: number | undefined }) {
  return (
    <>
      {words.share(share)}
      <Box aria-hidden="true" sx={{ height: 5, mt: 0.25, borderRadius: 99, bgcolor: "var(--z-sunk)" }}>
        <Box
          sx={{ height: 5, borderRadius: 99, width: `${(share ?? 0) * 100}%`, bgcolor: "var(--z-aubergine)" }}
        />
      </Box>
    </>
  );
}

function Wrong({ question, names }: { question: Schemas["QuestionResult"]; names: Map<number, string> }) {
  if (question.wrong.length === 0) {
    return null;
  }
  return (
    <Box component="details" sx={{ fontSize: 13 }}>
      <Box component="summary" sx={{ cursor: "pointer" }}>
        {words.wrong}:{" "}
        {question.wrong
          .slice(0, 2)
          .map((each) => said(question, each))
          .join(" · ")}
      </Box>
      {question.wrong.map((each) => (
        <Box key={each.given} sx={{ display: "flex", gap: 1, py: 0.25 }}>
          <Box sx={{ minWidth: 160 }}>{said(question, each)}</Box>
          <Box sx={{ color: "var(--z-soft)" }}>{listed(each.students, names)}</Box>
        </Box>
      ))}
    </Box>
  );
}

function said(question: Schemas["QuestionResult"], wrong: Schemas["WrongAnswer"]): string {
  const given = wrong.given ? inWords(question.sheet, wrong.given) : words.noAnswer;
  return `${words.count(wrong.students.length)} ${given}`;
}
