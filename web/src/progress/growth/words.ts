import dayjs from "dayjs";
import type { Schemas } from "../../api/client";
import { words as common } from "../words";

type Student = Schemas["StudentGrowth"];

export const words = {
  about: "Growth by group",
  measure: "Measure",
  none: "No values yet",
  notPlaced: "not placed",
  setAim: "Set an aim…",
  aimFor: (name: string) => `Set an aim for ${name}`,
  groupAim: (group: string) => `Set an aim for everyone in ${group}`,
  perWeek: (value: number) => `${value > 0 ? "+" : ""}${common.points(value)} a week`,
  aim: (student: Student) =>
    student.aim === undefined
      ? "no aim"
      : `aim ${common.points(student.aim.goal)} by ${dayjs(student.aim.goalDate).format("D MMM")}` +
        (student.aim.perWeek === undefined
          ? ""
          : `, ${student.aim.perWeek > 0 ? "+" : ""}${common.points(student.aim.perWeek)} a week`),
  median: (value: number) => `${value > 0 ? "+" : ""}${common.points(value)} a week without odd values`,
  advice: {
    TOO_EARLY_TO_SAY: "too early to say",
    CHANGE_SOMETHING: "the last four are below the aim: change something",
    KEEP_GOING: "keep going",
    RAISE_THE_GOAL: "the last four are above the aim: raise the goal",
  } satisfies Record<NonNullable<Student["advice"]>, string>,
  apart: (apart: Schemas["Apart"]) =>
    ({
      APART: `The groups grew apart: ${common.points(apart.before)} between their medians at first, ${common.points(apart.now)} now.`,
      TOGETHER: `The groups grew together: ${common.points(apart.before)} between their medians at first, ${common.points(apart.now)} now.`,
      ALIKE: `The groups stayed as far apart as they were: ${common.points(apart.before)} at first, ${common.points(apart.now)} now.`,
    })[apart.way],
  chart: (student: Student) =>
    `${student.givenName}: ${student.points.map((each) => `${dayjs(each.date).format("D MMM")} ${common.points(each.value)}`).join(", ")}`,
  groupMedian: "median of the group",
  legend:
    "Dots are values, the band is the error of measurement, the dashed line is the aim, the thin one the trend. An upright line is where an arrangement begins.",
  regroup: "Who should move?",
  table: "As numbers",
  dialog: {
    title: (name: string) => `An aim for ${name}`,
    goal: "Value to reach",
    date: "By",
    cancel: "Cancel",
    clear: "No aim",
    save: "Set the aim",
    saved: "The aim is set.",
    undone: "As it was before.",
  },
};
