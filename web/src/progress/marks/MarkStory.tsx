import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { markStoryQuery } from "../../api/progressQueries";
import { useFocus } from "../../shell/focus";
import { words } from "./words";

interface Props {
  studentId: number;
  asOf?: string;
  /** Only what counts or could. */
  compact?: boolean;
}

/** How a student's mark came about, piece by piece. */
export function MarkStory({ studentId, asOf, compact = false }: Props) {
  const { classId } = useFocus();
  const story = useQuery(markStoryQuery(classId, studentId, asOf)).data;
  if (!story) {
    return null;
  }
  return (
    <Box sx={{ fontSize: compact ? 12.5 : 14 }}>
      <Box sx={{ fontWeight: 700, fontSize: compact ? 15 : 22 }}>{words.overall(story.mark)}</Box>
      {story.categories.map((category) => (
        <Box key={category.name} component="section" sx={{ mt: compact ? 0.75 : 1.5 }}>
          <Box sx={{ display: "flex", gap: 1, color: "var(--z-soft)" }}>
            <Box sx={{ flex: 1 }}>{words.category(category.name, category.share)}</Box>
            {words.sum(category.earned, category.possible)}
          </Box>
          {category.parts
            .filter((part) => !compact || part.why !== "NOT_DUE")
            .map((part) => (
              <Box key={part.taskId} sx={{ display: "flex", gap: 1, py: 0.25 }}>
                <Box sx={{ flex: 1, minWidth: 0 }}>
                  {part.taskName}
                  {words.reason(part) && (
                    <Box component="span" sx={{ color: "var(--z-soft)" }}>
                      {" · "}
                      {words.reason(part)}
                    </Box>
                  )}
                </Box>
                <Box sx={{ whiteSpace: "nowrap" }}>{words.part(part)}</Box>
              </Box>
            ))}
        </Box>
      ))}
    </Box>
  );
}
