import { useQuery } from "@tanstack/react-query";
import { Navigate } from "react-router";
import type { Schemas } from "../api/client";
import { classesQuery } from "../api/queries";
import { Waiting } from "../shell/Waiting";

/** What an adult sees first of a class: what needs them now or, with a few groups of it, who is in them. */
export function homeOf(card: Schemas["ClassCard"]): string {
  return `/classes/${card.id}/${card.role === "GROUP_SUPPORT" ? "students" : "today"}`;
}

/** Where a teacher lands: in the first class, or where one is brought in. */
export default function HomeClass() {
  const classes = useQuery(classesQuery).data?.classes;
  if (!classes) {
    return <Waiting />;
  }
  const first = classes.find((each) => !each.archived);
  return <Navigate replace to={first ? homeOf(first) : "/classes/new"} />;
}
