import type { Schemas } from "../../api/client";
import { wordsOf, wordsWith } from "../../languages/words";
import { spell } from "../../shell/dates";
import { words as common } from "../words";

const said = wordsOf("progress-growth");

type Student = Schemas["StudentGrowth"];

export const words = wordsWith("progress-growth", {
  perWeek: (value: number) => said.perWeekSays({ more: value > 0 ? "+" : "", value: common.points(value) }),
  aim: (student: Student) =>
    student.aim === undefined
      ? said.aimSays.noAim
      : said.aimSays.aimBy({
          goal: common.points(student.aim.goal),
          goalDate: spell(student.aim.goalDate, "day"),
        }) +
        (student.aim.perWeek === undefined
          ? ""
          : said.aimSays.aWeek({
              more: student.aim.perWeek > 0 ? "+" : "",
              perWeek: common.points(student.aim.perWeek),
            })),
  median: (value: number) => said.medianSays({ more: value > 0 ? "+" : "", value: common.points(value) }),
  apart: (apart: Schemas["Apart"]) =>
    ({
      APART: said.apartSays.groupsGrewApart({
        before: common.points(apart.before),
        now: common.points(apart.now),
      }),
      TOGETHER: said.apartSays.groupsGrewTogether({
        before: common.points(apart.before),
        now: common.points(apart.now),
      }),
      ALIKE: said.apartSays.groupsStayedAs({
        before: common.points(apart.before),
        now: common.points(apart.now),
      }),
    })[apart.way],
  chart: (student: Student) =>
    `${student.givenName}: ${student.points.map((each) => `${spell(each.date, "day")} ${common.points(each.value)}`).join(", ")}`,
});
