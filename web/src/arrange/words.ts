import type { Schemas } from "../api/client";
import { plural } from "../shell/plural";

export const words = {
  title: "Arrange",
  about: "ways to divide the class into groups",
  corners: "Corners",
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
  mean: "mean",
  deviation: "SD",
  belowBands: "in no band",
  needs: (count: number) => (count === 1 ? "1 with needs" : `${count} with needs`),
  withAdults: (names: string) => `with ${names}`,
  studentsSay: (name: string) => `students say ${name}`,
  alsoIn: (names: string) => `also in ${names}`,
  compare: "Compare",
  more: "More",
  split: "Split in two by score",
  splitChosen: (count: number) => `Split off ${plural(count, "selected student")}`,
  door: "Code for joining",
  leads: "Who leads it…",
  takeFrom: (count: number) => `Take ${plural(count, "selected student")} out of this group only`,
  placeAlso: (count: number) => `Add ${plural(count, "selected student")} here too`,
  studentName: "Name students see",
  studentNameHelp: "Leave empty: students are told no name.",
  locked: "locked",
  lockedHelp: "Stays here whatever is taken. L unlocks.",
  rules: "Rules and wishes",
  ofTwo: {
    how: "Select two students to note that they belong together or apart.",
    label: (one: string, other: string) => `${one} and ${other}`,
    choose: "note something…",
    kinds: {
      MUST_BE_TOGETHER: "must be together",
      MUST_BE_APART: "must be apart",
      WORKS_WELL: "work well together",
      BETTER_APART: "are better apart",
    } satisfies Record<Schemas["PairNoteShown"]["kind"], string>,
    noted: (one: string, other: string, kind: Schemas["PairNoteShown"]["kind"]): string =>
      `Noted: ${one} and ${other} ${words.ofTwo.kinds[kind]}.`,
  },
  rule: {
    LOCKED: (names: string) => `${names} locked`,
    TOGETHER: (names: string) => `${names} together`,
    APART: (names: string) => `${names} apart`,
    RATHER_TOGETHER: (names: string) => `${names} rather together`,
    RATHER_APART: (names: string) => `${names} rather apart`,
  } satisfies Record<Schemas["RuleShown"]["kind"], (names: string) => string>,
  met: "holds",
  unmet: "not met",
  notYetMet: "not all placed",
  imbalance: (each: Schemas["Imbalance"]) =>
    `${each.tag === undefined ? "Another language at home" : `Tag “${each.tag}”`}: ${each.inGroup} of ${each.groupSize} here, ${each.inClass} of ${each.classSize} in class. ${each.inGroup * each.classSize > each.inClass * each.groupSize ? "More" : "Fewer"} than chance.`,
  start: {
    title: "Start again",
    first: "How to start",
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
    group: (place: number) => `Group ${place}`,
    mean: (mean: number) => `mean ${mean.toFixed(Math.abs(mean) < 10 ? 2 : 1)}`,
    /** The next best place of a student in groups that were searched for. */
    otherwise: (why: Schemas["StudentWhy"], other: string | undefined) => {
      const change = other === undefined ? "another group" : `the place of ${other}`;
      if (why.keptFromNearer) {
        return `${change} would be better, a rule forbids it`;
      }
      return why.rise === undefined ? change : `${change}, ${times(why.rise)}`;
    },
    nextBest: (method: Schemas["BenchView"]["method"]) =>
      `The next best place of each student, and what it would do to ${words.why.smallIs[method] ?? words.why.spread}:`,
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
  clash: {
    title: "Two at this bench",
    nothing: "Nothing of yours was done yet.",
    leave: "Leave it so",
    mine: "Do mine all the same",
  },
  shared: {
    heading: "Shared by colleagues",
    of: (subject: string, className: string, by: string) => `${subject} · ${className} · ${by}`,
    here: (here: number, members: number) => (here === members ? `${here}` : `${here} of ${members}`),
    take: "Take for this class",
    taken: (name: string) => `${name} is an arrangement of this class now; the other stays as it is.`,
  },
  details: {
    sight: "Who sees it",
    sights: {
      MINE: "only me",
      CLASS: "everybody who works in its classes",
      SCHOOL: "colleagues may take its groups for their classes too",
    },
    open: "Details…",
    title: "About this arrangement",
    purpose: "Purpose",
    purposes: ["reading", "mathematics", "project", "time needs", "club"],
    description: "Description",
    note: "Note for all groups, for yourself",
    classes: "Draws students from",
    overlap: "A student may be in several groups",
    watch: "Point out groups that differ from the class in",
    otherLanguage: "another language at home",
    save: "Save",
    saved: "Saved.",
  },
  copy: {
    open: "Copy to a new cycle…",
    title: "Copy to a new cycle",
    about: "The same groups with the same students. This arrangement stays as it is.",
    go: "Copy",
    done: (name: string) => `${name} is ready.`,
  },
  names: {
    open: "Names from a set…",
    title: "Names from a set",
    set: "Set",
    own: "Own names",
    each: "One name on each line",
    studentsSee: "Students see these names",
    keepAs: "Keep the set as",
    preview: (from: string, to: string) => `${from} becomes ${to}`,
    take: "Take these names",
    taken: "Groups renamed.",
    remove: (title: string) => `Remove the set ${title}`,
  },
  leadsDialog: {
    title: (group: string) => `Who leads ${group}`,
    kept: (group: string) => `Leads of ${group} changed.`,
  },
  history: {
    open: "History…",
    title: "What happened here",
    none: "Nothing yet.",
    undone: "undone",
    returnTo: "Return to this",
    returned: "As it was then.",
    compare: "Compare",
    close: "Close",
    kinds: {
      PLACE: "moved",
      PLACE_ALSO: "added to a further group",
      TAKE_FROM: "taken out of one group",
      TAKE_PROPOSAL: "new groups taken",
      TAKE_ADVICE: "moved as new scores say",
      MOVE_CUT: "cut moved",
      ADD_GROUP: "group added",
      RENAME: "group renamed",
      LOCK: "locked",
      UNLOCK: "unlocked",
      NOTE: "note written",
      LEAD: "leads changed",
      NAME_FROM: "names from a set",
      MERGE: "groups merged",
      SPLIT: "group split",
      REMOVE_GROUP: "group removed",
      RETURN_TO: "returned to an earlier state",
      UNDO: "undone",
      REDO: "done again",
    } satisfies Record<Schemas["HistoryStep"]["kind"], string>,
    moved: (each: Schemas["MovedStudent"]) =>
      `${each.givenName}: ${each.from.join(", ") || words.history.nowhere} → ${each.to.join(", ") || words.history.nowhere}`,
    nowhere: "not placed",
    andMore: (count: number) => `and ${count} more`,
  },
  comparing: {
    with: "Compare with",
    step: (at: string) => `this one, ${at}`,
    none: "There is nothing earlier to compare with.",
    summary: (moved: number, stayed: number) => `${moved} moved, ${stayed} stayed.`,
    from: (names: string[]) => `from ${names.join(", ") || words.history.nowhere}`,
    groupFrom: (former: string) => `was ${former}`,
    stop: "Stop comparing",
  },
  lists: {
    open: "Lists to print…",
    title: "Lists to print",
    wall: "For the wall",
    wallAbout: "Only who is where, by the names students know. No order tells a score.",
    own: "For yourself",
    pageEach: "A page for each group",
    notes: "Notes",
    figures: "Scores and figures",
    needs: "Time needs",
    print: "Print",
    pdf: "PDF",
    back: "Back to the bench",
    notPlaced: "Not placed",
  },
  putAway: {
    open: "Delete…",
    title: (name: string) => `Delete ${name}?`,
    about: "Its groups are seen no more. Work that was given to them stays with the students.",
    go: "Delete",
    done: (name: string) => `${name} deleted.`,
    heading: "Deleted",
    on: (day: string) => `deleted ${day}`,
    restore: "Bring back",
    restored: (name: string) => `${name} is back.`,
  },
  scatter: {
    beside: "Second measure",
    none: "none",
    label: (across: string, up: string) => `${across} across, ${up} upwards`,
    up: (measure: string) => `↑ ${measure}`,
    across: (measure: string) => `${measure} →`,
    missing: (count: number) => `${plural(count, "student")} without both are not drawn.`,
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
    split: (group: string) => `${group} split.`,
    also: (count: number, group: string) => `${plural(count, "student")} in ${group} too.`,
    takenFrom: (count: number, group: string) => `${plural(count, "student")} out of ${group}.`,
    taken: "New groups taken.",
    cut: "Cut moved.",
    locked: (count: number) => `${plural(count, "student")} locked.`,
    unlocked: (count: number) => `${plural(count, "student")} unlocked.`,
  },
};

/** How many times as much it becomes, or for little by which share. */
function times(rise: number): string {
  return rise < 1 ? `+ ${percent(rise)}` : `× ${(1 + rise).toFixed(1)}`;
}

function percent(share: number): string {
  return share < 0.005 ? "under 1 %" : `${Math.round(share * 100)} %`;
}
