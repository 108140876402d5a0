import Box from "@mui/material/Box";
import { useQuery } from "@tanstack/react-query";
import { markingQuery } from "../../api/progressQueries";
import { useFocus } from "../../shell/focus";
import { useLedGroupsAlone } from "../../shell/role";
import { PillSelect } from "../PillSelect";
import type { Filter, When, Which } from "./gridFilter";
import { words } from "./words";

const whens: When[] = ["FOUR", "TWO", "ALL"];
const whiches: Which[] = ["ALL", "OPEN", "LATE", "LOW", "TO_MARK", "NOW"];

interface Props {
  filter: Filter;
  onFilter: (filter: Filter) => void;
}

/** Weeks, kind of work and state; the group is narrowed to by the bar below. */
export function FilterBar({ filter, onFilter }: Props) {
  const { classId } = useFocus();
  const led = useLedGroupsAlone(classId);
  const categories = useQuery({ ...markingQuery(classId), enabled: led === false }).data?.categories ?? [];
  return (
    <Box className="no-print" sx={{ display: "flex", gap: 1, pb: 1, flexWrap: "wrap" }}>
      <PillSelect
        label={words.when.label}
        value={filter.when}
        onPick={(when) => onFilter({ ...filter, when: when as When })}
        options={whens.map((each) => [each, words.when[each]])}
      />
      {categories.length > 1 && (
        <PillSelect
          label={words.category}
          value={String(filter.category ?? "")}
          onPick={(category) => onFilter({ ...filter, category: category ? Number(category) : undefined })}
          options={[
            ["", words.allCategories],
            ...categories.map(({ id, name }) => [String(id), name] as const),
          ]}
        />
      )}
      <PillSelect
        label={words.state.label}
        value={filter.which}
        onPick={(which) => onFilter({ ...filter, which: which as Which })}
        options={whiches.map((each) => [each, words.state[each]])}
      />
    </Box>
  );
}
