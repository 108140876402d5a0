import Box from "@mui/material/Box";
import Button from "@mui/material/Button";
import { useQuery } from "@tanstack/react-query";
import type { Schemas } from "../api/client";
import { itemQuery, skillsQuery } from "../api/queries";
import { Html } from "../asked/Html";
import { Card } from "../shell/Card";
import { useFocus } from "../shell/focus";
import { Waiting } from "../shell/Waiting";
import { Answers } from "./Answers";
import { DraftMenu, ShelfMenu } from "./GiveMenus";
import { LinkMark } from "./Hits";
import { ItemMenu } from "./ItemMenu";
import { StudentPreview } from "./StudentPreview";
import { nameSkills } from "./skillNames";
import type { FocusedGroup } from "./useFocusedGroup";
import { fitsAShelf, type ItemDeeds } from "./useItemDeeds";
import { words } from "./words";

interface Props {
  hit: Schemas["Hit"];
  group: FocusedGroup | undefined;
  deeds: ItemDeeds;
}

/** The chosen item as a student sees it, with answers, skills and minutes beside it, and what to do with it. */
export function ItemPane({ hit, group, deeds }: Props) {
  const { classId } = useFocus();
  const item = useQuery(itemQuery(hit.id)).data;
  const skills = useQuery(skillsQuery).data;
  if (!item) {
    return (
      <Card sx={{ p: 2.5 }}>
        <Waiting />
      </Card>
    );
  }
  return (
    <Card
      component="section"
      aria-label={words.preview}
      sx={{ display: "flex", flexDirection: "column", minHeight: 0, overflow: "hidden" }}
    >
      <Box sx={{ flex: 1, minHeight: 0, overflow: "auto", p: 2.5, pb: 1 }}>
        <Box sx={{ display: "flex", alignItems: "start", gap: 1 }}>
          <Box component="h2" sx={{ fontSize: 18, flex: 1 }}>
            {item.title}
          </Box>
          <ItemMenu item={item} classId={classId} />
        </Box>
        <About item={item} hit={hit} skills={nameSkills(skills)} />
        {item.kind === "LESSON" ? <Lesson item={item} /> : <StudentPreview item={item} />}
        {item.questions.length > 0 && <Answers questions={item.questions} />}
      </Box>
      <Box
        className="no-print"
        sx={{ display: "flex", flexWrap: "wrap", gap: 1.25, p: 2, borderTop: "1px solid var(--z-line)" }}
      >
        {fitsAShelf(hit) &&
          (group ? (
            <Button onClick={deeds.toggleShelf}>
              {deeds.onShelf
                ? words.takeOffShelf({ group: group.name })
                : words.putOnShelf({ group: group.name })}
            </Button>
          ) : (
            <ShelfMenu onPut={deeds.putOnShelf} />
          ))}
        {item.kind !== "LESSON" && <DraftMenu onChoose={deeds.intoDraft} />}
        <Box sx={{ flex: 1 }} />
        {item.kind !== "LESSON" && (
          <Button variant="contained" onClick={deeds.makeTask}>
            {words.makeTask}
          </Button>
        )}
      </Box>
    </Card>
  );
}

interface AboutProps {
  item: Schemas["ItemView"];
  hit: Schemas["Hit"];
  skills: Map<number, string>;
}

function About({ item, hit, skills }: AboutProps) {
  const named = (role: Schemas["SkillUse"]["role"]) =>
    item.skills.filter((use) => use.role === role).flatMap((use) => skills.get(use.skillId) ?? []);
  const needs = named("NEEDS");
  const parts = [
    words.kinds[item.kind],
    item.levelLow !== undefined && item.levelHigh !== undefined
      ? `level ${words.level(item.levelLow, item.levelHigh)}`
      : "",
    item.minutes !== undefined ? words.minutes({ minutes: item.minutes }) : "",
    ...named("TRAINS"),
    needs.length > 0 ? words.needs(needs) : "",
    words.language(item.language),
    item.madeBy ? words.madeBy({ name: item.madeBy }) : words.writtenHere,
  ];
  return (
    <Box sx={{ color: "var(--z-soft)", fontSize: 12.5, mb: 1.25 }}>
      {parts.filter((part) => part !== "").join(" · ")}{" "}
      {hit.link && hit.link !== "GOOD" && <LinkMark state={hit.link} />}
      {item.licence && <Box>{item.licence}</Box>}
    </Box>
  );
}

function Lesson({ item }: { item: Schemas["ItemView"] }) {
  const parts = [
    { title: words.aims, html: item.lesson.aims },
    { title: words.steps, html: item.lesson.steps },
    { title: words.materials, html: item.lesson.materials },
  ];
  return parts
    .filter((part) => part.html !== "")
    .map((part) => (
      <Box key={part.title} component="section" sx={{ mb: 1.5 }}>
        <Box component="h3" sx={{ mb: 0.5 }}>
          {part.title}
        </Box>
        <Html html={part.html} sx={{ "& ol, & ul": { pl: 3 } }} />
      </Box>
    ));
}
