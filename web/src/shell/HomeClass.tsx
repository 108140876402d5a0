import { useQuery } from "@tanstack/react-query";
import { Navigate } from "react-router";
import { classesQuery } from "../api/queries";
import { Waiting } from "./Waiting";

/** Where a teacher lands: in the first class, or where one is brought in. */
export default function HomeClass() {
  const classes = useQuery(classesQuery).data?.classes;
  if (!classes) {
    return <Waiting />;
  }
  const first = classes.find((each) => !each.archived);
  return <Navigate replace to={first ? `/classes/${first.id}/students` : "/classes/new"} />;
}
