import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

type Effect = Schemas["Effect"];

export const words = {
  title: "Arrange",
  about: "ways to divide the class into groups",
  newArrangement: "New arrangement",
  none: "No groups yet. Make an arrangement, and choose how to start.",
  noMeasure: "Bring in scores first: an arrangement stands on a measure.",
  name: "Name",
  subject: "Subject",
  from: "From",
  to: "To",
  measure: "Measure",
  make: "Make it",
  cancel: "Cancel",
  cardAbout: (groups: number, notPlaced: number) =>
    `${plural(groups, "group")}${notPlaced > 0 ? `, ${notPlaced} not placed` : ""}`,
  kept: (time: string) => `kept ${time}`,
  startAgain: "Start again from…",
  undo: "Undo",
  redo: "Redo",
  print: "Print",
  use: "Give them a task",
  line: "Score line",
  methods: {
    SIMILAR: "similar scores",
    BANDS: "benchmark bands",
    SAME_SIZE: "same size, by score",
    COMPOSITE: "several measures as one",
    PROFILES: "alike across measures",
    MIXED: "mixed, each like the class",
    SKILL: "standing on a skill",
    NEEDS: "shared needs",
    RANDOM: "by lot",
    CHOICES: "what students chose",
    BY_HAND: "by hand, from empty groups",
    ONE_EACH: "a group for each student",
    WHOLE_CLASS: "the whole class",
    COPY: "a copy of other groups",
  } satisfies Record<Schemas["BenchView"]["method"], string>,
  lineAbout: (bench: Schemas["BenchView"]) =>
    `${words.methods[bench.method]} · ${plural(bench.groups.length, "group")} of ${bench.smallest} to ${bench.largest}`,
  gap: (points: number) => `gap ${points}`,
  cut: (lower: string, upper: string) => `Cut between ${lower} and ${upper}`,
  nobodyOnLine: "Nobody has a score on this measure yet.",
  fitTitle: "How well groups fit",
  fitHelp: "click a number of groups",
  fitPoint: (groups: number, fit: number | undefined) =>
    fit === undefined
      ? `${plural(groups, "group")}: sizes do not allow it`
      : `${plural(groups, "group")}: fit ${fit.toFixed(2)}`,
  fitNow: (groups: number, fit: number) => `${plural(groups, "group")}: ${fit.toFixed(2)}.`,
  fitMore: (difference: number) => `One more adds ${difference.toFixed(2)}.`,
  fitSuggested: (groups: number) => `We suggest ${groups}.`,
  notPlaced: "Not placed",
  reasons: {
    NO_SCORE: "no score yet",
    NOT_ASSESSED: "not assessed yet",
    BY_HAND: "taken out by hand",
  } satisfies Record<NonNullable<Schemas["BenchStudent"]["notPlaced"]>, string>,
  everyonePlaced: "Everyone has a group.",
  key: (number: number) => `key ${number}`,
  median: "median",
  noScores: "no scores",
  close: "close",
  closeHelp: "Within the measure's error of the cut: could as well be on the other side.",
  stale: "old",
  staleHelp: "This score is older than its shelf life.",
  empty: "Drag students here, or select some and press the number.",
  note: "note",
  noteFor: (group: string) => `Note for ${group}`,
  menu: (group: string) => `More for ${group}`,
  rename: "Rename…",
  merge: (group: string) => `Merge with ${group}`,
  remove: "Remove, members not placed",
  addGroup: "Add a group",
  newName: "New name",
  keep: "Keep",
  keys: { place: "place", move: "move", lock: "lock", merge: "merge", undo: "undo" },
  locked: "locked",
  lockedHelp: "Stays here whatever is taken. L unlocks.",
  rules: "Rules and wishes",
  rule: {
    LOCKED: (names: string) => `${names} locked`,
    TOGETHER: (names: string) => `${names} together`,
    APART: (names: string) => `${names} apart`,
    RATHER_TOGETHER: (names: string) => `${names} rather together`,
    RATHER_APART: (names: string) => `${names} rather apart`,
  } satisfies Record<Schemas["RuleShown"]["kind"], (names: string) => string>,
  met: "holds",
  unmet: "not met",
  imbalance: (each: Schemas["Imbalance"]) =>
    `${each.tag === undefined ? "Another language at home" : `Tag “${each.tag}”`}: ${each.inGroup} of ${each.groupSize} here, ${each.inClass} of ${each.classSize} in class. ${each.inGroup * each.classSize > each.inClass * each.groupSize ? "More" : "Fewer"} than chance.`,
  start: {
    title: "Start again",
    method: "How",
    groups: "Number of groups",
    smallest: "Smallest",
    largest: "Largest",
    take: "Take these groups",
    preview: "What you would get",
    atMost: "Groups at most",
    measures: "Measures to go by",
    tags: "Tags to spread evenly",
    noTags: "No tags in this class.",
    skill: "Skill",
    noSkills: "No skill was seen in this class yet. Bring in a list with one.",
    survey: "Question that was asked",
    noSurveys: "Nothing was asked yet: Students, More, Ask for wishes.",
    copyOf: "Groups to copy",
    again: "Draw again",
    granted: (counts: readonly number[]) => {
      const [first = 0, second = 0] = counts;
      const none = counts[counts.length - 1] ?? 0;
      const later = counts.slice(2, -1).reduce((sum, each) => sum + each, 0);
      return `${first} got their first choice, ${second} their second, ${later} a later one, ${none} none that they named.`;
    },
    leftOut: (names: string) => `Not placed, since not everything is known of them: ${names}.`,
    fit: (fit: number) => `fit ${fit.toFixed(2)}`,
    emptyGroups: "Empty groups to fill by hand.",
    members: (count: number) => plural(count, "student"),
  },
  advice: {
    title: "New scores say",
    all: (count: number) => `Move all ${count}`,
    allMoved: (count: number) => `${plural(count, "student")} moved as the new scores say.`,
    move: (name: string, group: string) => `Move ${name} to ${group}`,
    line: (each: Schemas["Advised"], group: string | undefined) =>
      group === undefined
        ? `watch: ${each.before} became ${each.now}`
        : `to ${group}: ${each.before} became ${each.now}`,
    moved: (name: string, group: string) => `${name} moved to ${group}.`,
  },
  why: {
    title: "Why so?",
    spread: "the spread inside the groups",
    smallIs: {
      MIXED: "the difference between the groups",
      CHOICES: "the distance from what was chosen",
    } as Partial<Record<Schemas["BenchView"]["method"], string>>,
    rule: (rule: Schemas["RuleTold"], names: string, method: Schemas["BenchView"]["method"]) => {
      const what = {
        LOCKED: `Locking ${names}`,
        TOGETHER: `Keeping ${names} together`,
        APART: `Keeping ${names} apart`,
        RATHER_TOGETHER: `${names} rather together`,
        RATHER_APART: `${names} rather apart`,
      }[rule.kind];
      return rule.share > 0
        ? `${what} raises ${words.why.smallIs[method] ?? words.why.spread} by ${percent(rule.share)}.`
        : `${what} costs nothing.`;
    },
    student: (why: Schemas["StudentWhy"], decimals: number) => {
      const parts: string[] = [];
      if (why.locked) {
        parts.push("locked here");
      }
      if (why.value !== undefined && why.ownMean !== undefined) {
        const round = (value: number) => value.toFixed(Math.max(decimals, Math.abs(value) < 10 ? 2 : 0));
        parts.push(`${round(why.value)}, mean here ${round(why.ownMean)}`);
        if (why.nextMean !== undefined) {
          parts.push(
            why.keptFromNearer
              ? `nearer to ${round(why.nextMean)}, kept from it by a rule or a size`
              : `next ${round(why.nextMean)}`,
          );
        }
      }
      if (why.choice !== undefined) {
        parts.push(`choice ${why.choice}`);
      }
      return parts.join(" · ");
    },
  },
  effects: {
    title: "This touches work that is out",
    go: "Do it",
    leave: "Leave it as it is",
  },
  says: {
    placed: (count: number, group: string) => `${plural(count, "student")} placed in ${group}.`,
    unplaced: (count: number) => `${plural(count, "student")} not placed now.`,
    merged: (from: string, into: string) => `${from} joined ${into}.`,
    removed: (group: string) => `${group} removed.`,
    taken: "New groups taken.",
    cut: "Cut moved.",
    locked: (count: number) => `${plural(count, "student")} locked.`,
    unlocked: (count: number) => `${plural(count, "student")} unlocked.`,
  },
};

function percent(share: number): string {
  return share < 0.005 ? "under 1 %" : `${Math.round(share * 100)} %`;
}

/** What a step does to one open task, in a sentence. */
export function effectSentence(effect: Effect): string {
  const { givenName, taskName, fromVersion, toVersion } = effect;
  switch (effect.kind) {
    case "KEEPS_STARTED":
      return `${givenName} keeps “${taskName}” (${fromVersion}): it is started.`;
    case "CHANGES":
      return `${givenName} gets “${taskName}” as ${toVersion} instead of ${fromVersion}: not started.`;
    case "WITHDRAWN":
      return `${givenName} no longer gets “${taskName}” (${fromVersion}): not started.`;
    case "GAINS":
      return `${givenName} gets “${taskName}” (${toVersion}).`;
    case "LEADS_TO_CONFLICT":
      return `${givenName} would get two versions of “${taskName}”; somebody has to choose.`;
  }
}
