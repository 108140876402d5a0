import Box from "@mui/material/Box";
import type { Schemas } from "../api/client";
import { CheckLinks } from "./CheckLinks";
import { Facet, FacetRow } from "./Facet";
import { LevelSlider } from "./LevelSlider";
import { type Narrowing, withToggled } from "./narrowing";
import type { FocusedGroup } from "./useFocusedGroup";
import { words } from "./words";

interface Props {
  found: Schemas["Found"];
  group: FocusedGroup | undefined;
  narrowing: Narrowing;
  onNarrow: (next: Narrowing) => void;
}

const MINUTES = [5, 10, 15, 20];

/** Everything by which the library can be narrowed, with how much a click would bring. */
export function Narrow({ found, group, narrowing, onNarrow }: Props) {
  const { facets } = found;
  const toggle = (field: "starred" | "unused" | "mine") =>
    onNarrow({ ...narrowing, [field]: narrowing[field] ? undefined : true });
  const only = (field: "grade" | "minutes", value: number) =>
    onNarrow({ ...narrowing, [field]: narrowing[field] === value ? undefined : value });
  return (
    <Box
      component="section"
      sx={{ overflow: "auto", pr: 1, minHeight: 0, maxHeight: { xs: 200, md: "none" } }}
      aria-label={words.title}
    >
      <Box sx={{ fontWeight: 700 }}>{group ? words.forGroup({ name: group.name }) : words.forEveryone}</Box>
      {found.level && <LevelSlider level={found.level} narrowing={narrowing} onNarrow={onNarrow} />}
      <Facet
        title={words.facets.skill}
        rows={facets.skills.map((skill) => ({ value: skill.id, label: skill.name, count: skill.count }))}
        chosen={narrowing.skills ?? []}
        onToggle={(skill) => onNarrow(withToggled(narrowing, "skills", skill))}
        first={found.skills}
      />
      <Facet
        title={words.facets.kind}
        rows={facets.kinds.map(({ kind, count }) => ({ value: kind, label: words.kinds[kind], count }))}
        chosen={narrowing.kinds ?? []}
        onToggle={(kind) => onNarrow(withToggled(narrowing, "kinds", kind))}
      />
      <Box sx={{ mt: 1.25 }}>
        <FacetRow
          label={words.starred}
          count={facets.starred}
          on={narrowing.starred === true}
          onToggle={() => toggle("starred")}
        />
        {group && (
          <FacetRow
            label={words.unused({ group: group.name })}
            count={facets.unused}
            on={narrowing.unused === true}
            onToggle={() => toggle("unused")}
          />
        )}
        <FacetRow
          label={words.mine}
          count={facets.mine}
          on={narrowing.mine === true}
          onToggle={() => toggle("mine")}
        />
      </Box>
      <Facet
        title={words.facets.language}
        rows={facets.languages.map(({ word, count }) => ({
          value: word,
          label: words.language(word),
          count,
        }))}
        chosen={narrowing.languages ?? []}
        onToggle={(language) => onNarrow(withToggled(narrowing, "languages", language))}
      />
      <Facet
        title={words.facets.minutes}
        rows={MINUTES.map((minutes) => ({ value: minutes, label: words.atMost({ minutes }) }))}
        chosen={narrowing.minutes === undefined ? [] : [narrowing.minutes]}
        onToggle={(minutes) => only("minutes", minutes)}
      />
      <Facet
        title={words.facets.grade}
        rows={facets.grades.map(({ number, count }) => ({ value: number, label: String(number), count }))}
        chosen={narrowing.grade === undefined ? [] : [narrowing.grade]}
        onToggle={(grade) => only("grade", grade)}
      />
      <Facet
        title={words.facets.tag}
        rows={facets.tags.map(({ word, count }) => ({ value: word, label: word, count }))}
        chosen={narrowing.tags ?? []}
        onToggle={(tag) => onNarrow(withToggled(narrowing, "tags", tag))}
      />
      {facets.kinds.some(({ kind }) => kind === "LINK") && <CheckLinks />}
    </Box>
  );
}
